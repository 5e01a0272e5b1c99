<script setup lang="ts">
import InputText from "primevue/inputtext";
import { computed, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";
import VerdictMark from "../../verdict/VerdictMark.vue";

/** What is read at a hold, judged as it is typed; run-out is read round the face. */
const { wanted } = defineProps<{ wanted: Schemas["WantedReading"] }>();
const readings = defineModel<string[]>({ required: true });

const ROUND = [3, 4, 6, 8, 12];
const counts = computed(() => ROUND.filter((n) => n >= wanted.readings));
/** A dial is read at more places than the least. */
function toCount(w: Schemas["WantedReading"]) {
  return w.kind === "RUN_OUT" ? 8 : w.readings;
}
const count = ref(toCount(wanted));
const labels = computed(() => {
  if (wanted.round)
    return Array.from({ length: count.value }, (_, i) => `${Math.round((360 * i) / count.value)}°`);
  if (wanted.kind === "BRACKET_ANGLES") return ["left", "right"];
  if (wanted.kind === "BRACKET_SQUARE") return ["at the top", "at the side"];
  return [wanted.title];
});
watch(count, (n) => (readings.value = Array.from({ length: n }, (_, i) => readings.value[i] ?? "")), {
  immediate: true,
});

const judged = ref<Schemas["JudgedReading"]>();
const problem = ref("");
let asked = 0;
const typed = computed(() => readings.value.map((r) => r.trim()).filter(Boolean));

watch(typed, async (now) => {
  judged.value = undefined;
  problem.value = "";
  if (now.length < count.value) return;
  const mine = ++asked;
  try {
    const answer = await toData(
      client.POST("/api/bench-help/reading", {
        body: { kind: wanted.kind, min: wanted.min, max: wanted.max, readings: now },
      }),
    );
    if (mine === asked) judged.value = answer;
  } catch (e) {
    if (mine === asked) problem.value = toMessage(e);
  }
});

/** What a gauge sends goes into the first empty place. */
function typeIn(text: string) {
  const free = readings.value.findIndex((r) => !r.trim());
  if (free >= 0) readings.value[free] = text;
}
defineExpose({ typeIn });

/** Enter goes on to the next empty place, as a gauge that types ends each reading with it; the last one sends. */
function onEnter(event: KeyboardEvent) {
  const next = readings.value.findIndex((r) => !r.trim());
  if (next < 0) return;
  event.preventDefault();
  const row = (event.target as HTMLElement).closest(".row");
  row?.querySelectorAll<HTMLInputElement>("input")[next]?.focus();
}

const limits = computed(() => {
  const { min, max, unit } = wanted;
  if (min !== undefined && max !== undefined) return `${min} to ${max} ${unit}`;
  return min !== undefined ? `at least ${min} ${unit}` : `at most ${max} ${unit}`;
});
</script>

<template>
  <fieldset class="reading">
    <legend>{{ wanted.title }}, {{ limits }}</legend>
    <label v-if="wanted.round" class="count"
      >Read at
      <select v-model.number="count">
        <option v-for="n in counts" :key="n" :value="n">{{ n }}</option>
      </select>
      places, evenly round it</label
    >
    <div class="row">
      <label v-for="(label, i) in labels" :key="i">
        <span>{{ label }}</span>
        <InputText
          v-model="readings[i]"
          maxlength="40"
          autocomplete="off"
          inputmode="text"
          :placeholder="wanted.unit"
          @keydown.enter="onEnter"
        />
      </label>
    </div>
    <p v-if="judged" role="status"><VerdictMark :verdict="judged.verdict" :size="16" /> {{ judged.said }}</p>
    <p v-if="problem" class="failure">{{ problem }}</p>
    <p class="small soft">{{ wanted.source }}</p>
  </fieldset>
</template>

<style scoped>
.reading {
  flex: 1 1 100%;
  border: 1px solid var(--line);
  padding: 0.5rem 0.9rem;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
}

.row label {
  display: flex;
  flex-direction: column;
  width: 7.5rem;
}

.row :deep(.p-inputtext) {
  width: 100%;
}

.count select {
  font: inherit;
  min-height: 44px;
}

p {
  margin: 0.4rem 0 0;
}
</style>
