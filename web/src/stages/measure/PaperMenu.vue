<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { ref, useTemplateRef } from "vue";
import { client, Refusal, sendDocument, toData, type Schemas } from "../../api/client";
import { toDrawingFault, toDrawingFormat } from "../../shell/drawingFormat";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import TraceDialog from "./TraceDialog.vue";

/** The measuring sheet on paper, and readings as a table out and in. */
const { axleId, side, isFromSheet } = defineProps<{
  axleId: number;
  side: Schemas["SideView"]["side"];
  isFromSheet: boolean;
}>();
const emit = defineEmits<{ imported: []; refused: [refusal: Refusal | null]; fromSheet: []; keys: [] }>();
const session = useSession();
const toast = useToast();
const picker = useTemplateRef<HTMLInputElement>("picker");

async function onCsv(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  emit("refused", null);
  try {
    const result = await sendDocument<Schemas["ReadingsTaken"]>(`/api/axles/${axleId}/readings/import`, file);
    toast.add({
      severity: "success",
      summary: `${result.taken} readings imported`,
      detail: result.known ? `${result.known} were here already; a copy is no repeat.` : undefined,
      life: 6000,
    });
    emit("imported");
  } catch (e) {
    emit("refused", e instanceof Refusal ? e : new Refusal(0, toMessage(e)));
  } finally {
    input.value = "";
  }
}

const isTracing = ref(false);

function onProfileTaken(taken: Schemas["ProfileTaken"]) {
  toast.add({
    severity: "success",
    summary: `${taken.barrel} barrel and ${taken.spokes} spoke places read`,
    detail: `Their doubt is that of a ${taken.like}.`,
    life: 6000,
  });
  emit("imported");
}

const walls = ref<Schemas["WheelView"][]>([]);
const wall = ref("");

async function loadWall() {
  walls.value = await toData(client.GET("/api/wheels")).catch(() => []);
}

/** The same wheel as one on the wall, proven by two figures: its profile need not be read again. */
async function onWall() {
  const wheel = wall.value;
  wall.value = "";
  if (!wheel) return;
  emit("refused", null);
  try {
    onProfileTaken(
      await toData(
        client.POST("/api/axles/{axleId}/wheel-profile/wall", {
          params: { path: { axleId }, query: { side, wheel } },
        }),
      ),
    );
  } catch (e) {
    emit("refused", e instanceof Refusal ? e : new Refusal(0, toMessage(e)));
  }
}

/** A wheel's profile drawn or scanned: each of its places becomes a reading of this side. */
async function onProfile(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = "";
  if (!file) return;
  emit("refused", null);
  const format = toDrawingFormat(file.name);
  if (!format) {
    emit("refused", new Refusal(0, toDrawingFault(file.name)));
    return;
  }
  try {
    const taken = await toData(
      client.POST("/api/axles/{axleId}/wheel-profile", {
        params: { path: { axleId }, query: { side, format } },
        body: await file.text(),
        headers: { "Content-Type": "text/plain" },
        bodySerializer: (text: string) => text,
      }),
    );
    onProfileTaken(taken);
  } catch (e) {
    emit("refused", e instanceof Refusal ? e : new Refusal(0, toMessage(e)));
  }
}
</script>

<template>
  <details class="paper-menu">
    <summary>Paper</summary>
    <div class="sheet menu">
      <a :href="`/api/axles/${axleId}/sheet.pdf?side=${side}`" download>Measuring sheet, PDF</a>
      <a :href="`/api/axles/${axleId}/readings.csv`" download>Readings out, CSV</a>
      <template v-if="session.mayChange">
        <button type="button" :aria-pressed="isFromSheet" @click="emit('fromSheet')">
          Type in from the sheet
        </button>
        <button type="button" @click="picker?.click()">Readings in, CSV</button>
        <input
          ref="picker"
          type="file"
          accept=".csv,text/csv"
          class="visually-hidden"
          tabindex="-1"
          aria-label="Readings to import"
          @change="onCsv"
        />
      </template>
      <label v-if="session.mayChange" class="file">
        Wheel profile in, DXF, SVG or CSV
        <input type="file" accept=".dxf,.svg,.csv,.txt" class="visually-hidden" @change="onProfile" />
      </label>
      <select
        v-if="session.mayChange"
        v-model="wall"
        aria-label="Profile of a wheel on the wall"
        @focus.once="loadWall"
        @change="onWall"
      >
        <option value="">Profile of a wheel on the wall …</option>
        <option v-for="w in walls" :key="w.code" :value="w.code">{{ w.code }} · {{ w.name }}</option>
      </select>
      <button v-if="session.mayChange" type="button" @click="isTracing = true">
        Trace a photographed template …
      </button>
      <button type="button" @click="emit('keys')">Keys</button>
    </div>
  </details>
  <TraceDialog v-model="isTracing" :axle-id="axleId" :side="side" @taken="onProfileTaken" />
</template>

<style scoped>
.paper-menu {
  position: relative;
}

summary {
  list-style: none;
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 0.85rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  cursor: pointer;
}

.menu {
  position: absolute;
  right: 0;
  z-index: 5;
  display: flex;
  flex-direction: column;
  min-width: 15rem;
}

.file:focus-within {
  outline: 3px solid var(--accent);
}

.menu a,
.menu .file,
.menu select,
.menu button {
  font: inherit;
  text-align: left;
  min-height: 44px;
  padding: 0.5rem 0.9rem;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: var(--ink);
  text-decoration: none;
  cursor: pointer;
}

.menu button[aria-pressed="true"] {
  background: var(--accent-wash);
  font-weight: 600;
}
</style>
