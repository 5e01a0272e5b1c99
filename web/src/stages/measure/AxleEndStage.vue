<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { computed, onMounted, onUnmounted, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import AxleEndDrawing from "./AxleEndDrawing.vue";
import type { CalloutId } from "./callouts";
import GaugeStrip from "./GaugeStrip.vue";

type Side = Schemas["SideView"]["side"];

const axle = useAxle();
const session = useSession();
const toast = useToast();
const {
  data: end,
  failure,
  isLoading,
} = useLoad(() =>
  toData(client.GET("/api/axles/{axleId}/end", { params: { path: { axleId: axle.axleId } } })),
);

const sideId = ref<Side>("LEFT");
const picked = ref<CalloutId | null>(null);
const taken = ref<number[]>([]);

const side = computed(() => end.value?.sides.find((s) => s.side === sideId.value) ?? null);
const selected = computed<CalloutId>(() => picked.value ?? side.value?.next ?? "LUG_COUNT");
const callout = computed(() => side.value?.callouts.find((c) => c.callout === selected.value) ?? null);

watch(end, (now) => {
  if (now) axle.set({ jobTitle: now.jobTitle, name: now.name, chosenKit: now.chosenKit });
});

function onSide(next: Side) {
  sideId.value = next;
  picked.value = null;
}

function readingIds(view: Schemas["AxleEndView"]) {
  return view.sides.flatMap((s) => s.callouts.flatMap((c) => c.readings.map((r) => r.id)));
}

function onTaken(view: Schemas["AxleEndView"]) {
  const before = new Set(end.value ? readingIds(end.value) : []);
  taken.value.push(...readingIds(view).filter((id) => !before.has(id)));
  const profile = callout.value?.hasPlaces;
  end.value = view;
  // A profile wants more places: stay there until enough are read; else go to what is wanted next.
  const stillWanted = side.value?.callouts.find((c) => c.callout === selected.value)?.wanted;
  if (!profile || !stillWanted) picked.value = null;
}

async function onWithdraw(readingId: number) {
  try {
    end.value = await toData(
      client.DELETE("/api/axles/{axleId}/readings/{readingId}", {
        params: { path: { axleId: axle.axleId, readingId }, query: { clientId: crypto.randomUUID() } },
      }),
    );
    taken.value = taken.value.filter((id) => id !== readingId);
  } catch (e) {
    toast.add({ severity: "error", summary: "Not withdrawn", detail: toMessage(e), life: 8000 });
  }
}

async function onUndo() {
  const last = taken.value.at(-1);
  if (last !== undefined) await onWithdraw(last);
}

async function onCopyWheel() {
  try {
    end.value = await toData(
      client.POST("/api/axles/{axleId}/wheel-copies", {
        params: {
          path: { axleId: axle.axleId },
          query: { from: sideId.value === "LEFT" ? "RIGHT" : "LEFT" },
        },
      }),
    );
  } catch (e) {
    toast.add({ severity: "error", summary: "Wheel not taken over", detail: toMessage(e), life: 8000 });
  }
}

const otherHasWheel = computed(() => {
  const other = end.value?.sides.find((s) => s.side !== sideId.value);
  const own = side.value?.callouts.filter((c) => c.ofWheel) ?? [];
  return Boolean(other?.callouts.some((c) => c.ofWheel && c.readings.length)) && own.some((c) => c.wanted);
});

function onKey(event: KeyboardEvent) {
  if ((event.ctrlKey || event.metaKey) && event.key === "z" && session.mayChange) {
    const input = event.target as HTMLInputElement | null;
    if (input?.tagName === "INPUT" && input.value) return; // the field's own undo
    event.preventDefault();
    void onUndo();
  }
  if (event.altKey && (event.key === "l" || event.key === "r")) {
    event.preventDefault();
    onSide(event.key === "l" ? "LEFT" : "RIGHT");
  }
}

onMounted(() => window.addEventListener("keydown", onKey));
onUnmounted(() => window.removeEventListener("keydown", onKey));
</script>

<template>
  <div class="stage">
    <h1 class="visually-hidden">Axle-end drawing</h1>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !end" class="soft">Fetching the drawing …</p>
    <template v-if="end && side">
      <div class="tools">
        <div class="sides" role="group" aria-label="Side">
          <button
            v-for="s in end.sides"
            :key="s.side"
            type="button"
            :aria-pressed="s.side === sideId"
            @click="onSide(s.side)"
          >
            {{ s.side === "LEFT" ? "Left" : "Right" }}
            <span class="small">{{ s.stillWanted ? `${s.stillWanted} wanted` : "all read" }}</span>
          </button>
        </div>
        <p class="pattern" aria-live="polite">
          <template v-if="side.patterns.length">
            Pattern:
            <span v-for="(p, i) in side.patterns" :key="p.name"
              >{{ i ? " or " : "" }}<strong>{{ p.name }}</strong>
              {{ Math.round(p.probability * 100) }} %</span
            >
          </template>
          <span v-if="side.clash" class="failure">{{ side.clash }}</span>
        </p>
        <button
          v-if="session.mayChange && otherHasWheel"
          type="button"
          class="plain-button"
          @click="onCopyWheel"
        >
          Same wheel as the other side
        </button>
        <button
          v-if="session.mayChange"
          type="button"
          class="plain-button"
          :disabled="!taken.length"
          @click="onUndo"
        >
          Undo
        </button>
      </div>
      <div class="sheet">
        <AxleEndDrawing
          :side="side"
          :bracket-shape="end.bracketShape"
          :end-kind="end.kind"
          :selected="selected"
          @pick="picked = $event"
        />
      </div>
      <GaugeStrip
        v-if="callout"
        :key="sideId"
        :axle-id="axle.axleId"
        :side="side"
        :callout="callout"
        :instruments="end.instruments"
        @taken="onTaken"
        @withdraw="onWithdraw"
        @way="picked = $event"
      />
    </template>
  </div>
</template>

<style scoped>
.stage {
  max-width: 1480px;
  margin: 0 auto;
  padding: 0.4rem 0.8rem 0.6rem;
}

.tools {
  display: flex;
  align-items: center;
  gap: 1rem;
  margin-bottom: 0.4rem;
  flex-wrap: wrap;
}

.sides {
  display: flex;
}

.sides button,
.plain-button {
  font: inherit;
  min-height: 44px;
  padding: 0 1.1rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.plain-button:disabled {
  color: var(--ink-soft);
  border-color: var(--line);
  cursor: default;
}

.sides button + button {
  border-left: 0;
}

.sides button[aria-pressed="true"] {
  background: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}

.pattern {
  flex: 1;
  margin: 0;
}
</style>
