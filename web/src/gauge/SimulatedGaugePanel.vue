<script setup lang="ts">
import { computed, reactive, ref } from "vue";
import { ALL_GAUGES, SimulatedGauge, type GaugeKind } from "./simulatedGauge";

/** A stand-in for a gauge with a data key, for those who have none. What it "sends" is typed as if by a keyboard. */
const { kinds, truth: first = 70.8 } = defineProps<{
  kinds: readonly GaugeKind[];
  /** What it reads at first. */
  truth?: number;
}>();
const emit = defineEmits<{ send: [text: string]; close: [] }>();

const gauges = reactive(ALL_GAUGES.map((kind, i) => new SimulatedGauge(kind, 20261124 + i)));
const kind = ref<GaugeKind>(kinds[0] ?? "caliper");
const truth = ref(first);
const warning = ref("");
const shown = ref("");
const gauge = computed(() => gauges.find((g) => g.kind === kind.value) as SimulatedGauge);

function onPress() {
  const press = gauge.value.press(truth.value);
  warning.value = press.warning;
  shown.value = press.text ?? "– –";
  if (press.text !== null) emit("send", press.text);
}
</script>

<template>
  <section class="sheet panel" aria-label="Simulated gauge">
    <h2>Simulated gauge</h2>
    <label
      >Gauge
      <select v-model="kind">
        <option v-for="k in kinds" :key="k">{{ k }}</option>
      </select>
    </label>
    <label>True size ({{ gauge.modes[0] }}) <input v-model.number="truth" type="number" step="0.01" /></label>
    <label
      >Display
      <select v-model="gauge.mode">
        <option v-for="m in gauge.modes" :key="m">{{ m }}</option>
      </select>
    </label>
    <label>Battery (%) <input v-model.number="gauge.battery" type="number" min="0" max="100" /></label>
    <output class="display figures">{{ shown || "0.00" }} {{ gauge.mode }}</output>
    <button type="button" class="key" @click="onPress">Data</button>
    <button type="button" @click="gauge.setZero()">Zero</button>
    <button type="button" @click="emit('close')">Close</button>
    <p v-if="warning" class="caution small" role="status">{{ warning }}</p>
  </section>
</template>

<style scoped>
.panel {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: end;
  padding: 0.5rem 0.9rem;
  margin-top: 0.4rem;
}

h2 {
  font-size: 1rem;
  align-self: center;
}

label {
  display: flex;
  flex-direction: column;
  font-size: 0.9rem;
  color: var(--ink-soft);
}

input,
select,
button {
  font: inherit;
  min-height: 44px;
  padding: 0 0.6rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

input {
  width: 6.5rem;
}

button {
  cursor: pointer;
}

.display {
  min-width: 8rem;
  min-height: 44px;
  display: grid;
  place-items: center;
  border: 2px solid var(--ink);
  font-size: 1.3rem;
  font-weight: 600;
}

.key {
  background: var(--accent);
  color: var(--sheet);
  border-color: var(--accent);
  font-weight: 600;
}

p {
  margin: 0;
  padding: 0.3rem 0.6rem;
}
</style>
