<script setup lang="ts">
import Select from "primevue/select";
import { computed, onMounted, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { toMessage } from "../../shell/useLoad";
import FindingText from "../../verdict/FindingText.vue";
import SectionDrawing from "./SectionDrawing.vue";

type Side = Schemas["SectionView"]["side"];

const axle = useAxle();
const route = useRoute();
const router = useRouter();
const kits = ref<Schemas["RowView"][]>([]);
const section = ref<Schemas["SectionView"] | null>(null);
const kit = ref<string | undefined>();
const side = ref<Side>("LEFT");
const failure = ref("");
const isLoading = ref(true);

const options = computed(() => kits.value.map((k) => ({ value: k.code, label: `${k.code} · ${k.name}` })));

onMounted(async () => {
  try {
    const match = await toData(
      client.GET("/api/axles/{axleId}/match", { params: { path: { axleId: axle.axleId } } }),
    );
    axle.set({ jobTitle: match.jobTitle, name: match.name, chosenKit: match.chosenKit });
    kits.value = match.rows;
    kit.value = (route.query.kit as string | undefined) ?? match.chosenKit ?? match.rows[0]?.code;
    if (route.query.side === "RIGHT") side.value = "RIGHT";
    if (!kit.value) isLoading.value = false;
  } catch (e) {
    failure.value = toMessage(e);
    isLoading.value = false;
  }
});

watch([kit, side], async () => {
  if (!kit.value) return;
  failure.value = "";
  isLoading.value = true;
  void router.replace({ query: { kit: kit.value, side: side.value } });
  try {
    section.value = await toData(
      client.GET("/api/axles/{axleId}/section", {
        params: { path: { axleId: axle.axleId }, query: { kit: kit.value, side: side.value } },
      }),
    );
  } catch (e) {
    failure.value = toMessage(e);
  } finally {
    isLoading.value = false;
  }
});

function onPrint() {
  window.print();
}
</script>

<template>
  <div class="page wide">
    <div class="page-head">
      <h1>Wheel section</h1>
      <Select
        v-model="kit"
        :options="options"
        option-label="label"
        option-value="value"
        aria-label="Kit"
        class="no-print"
        style="min-width: 22rem"
      />
      <div class="sides no-print" role="group" aria-label="Side">
        <button type="button" :aria-pressed="side === 'LEFT'" @click="side = 'LEFT'">Left</button>
        <button type="button" :aria-pressed="side === 'RIGHT'" @click="side = 'RIGHT'">Right</button>
      </div>
      <button type="button" class="print no-print" @click="onPrint">Print</button>
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !section" class="soft">Drawing …</p>
    <p v-else-if="!kits.length" class="sheet empty">No kit is made for this kind of axle end.</p>
    <div v-if="section" class="two">
      <div class="sheet drawing"><SectionDrawing :section="section" /></div>
      <aside>
        <h2>{{ section.kit }} · {{ section.kitName }}</h2>
        <FindingText v-for="f in section.findings" :key="f.check" :finding="f" />
        <p class="caution small">
          Dry-fit caliper and disc in the wheel before anything is modified or painted.
        </p>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.wide {
  max-width: 1600px;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(18rem, 1fr);
  gap: 1.2rem;
}

.drawing {
  align-self: start;
}

.empty {
  padding: 1.5rem;
}

.sides {
  display: flex;
}

.sides button,
.print {
  font: inherit;
  min-height: 44px;
  padding: 0 1.1rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.sides button[aria-pressed="true"] {
  background: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}

@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
