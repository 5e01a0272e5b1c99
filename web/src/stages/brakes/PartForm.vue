<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import QuantityField from "../../fields/QuantityField.vue";
import { PLANNED, TITLES, toAxle, toQuantities, type PartKey, type Quantity } from "./circuitParts";
import {
  ACTUATORS,
  BOOSTERS,
  FLUIDS,
  PARKINGS,
  RESIDUALS,
  SEEN,
  SHOES,
  SPLITS,
  STOP_LAMPS,
  toFigure,
} from "./words";

/** What is told of the part touched: as found, and beside it what is planned otherwise. */
const { part, brakes } = defineProps<{ part: PartKey; brakes: Schemas["BrakesView"] }>();
const draft = defineModel<Schemas["CircuitForm"]>({ required: true });

const axle = computed(() => draft.value.axles[toAxle(part)]);
const title = computed(() => (axle.value ? `Brakes of the ${axle.value.name}` : TITLES[part]));
const quantities = computed(() => toQuantities(part, draft.value, brakes.quantities));
const told = computed(() => quantities.value.filter((q) => q.defaultValue === undefined));
const assumed = computed(() => quantities.value.filter((q) => q.defaultValue !== undefined));
const figures = computed(() => axle.value?.figures ?? draft.value.figures);
const planned = computed(() => (axle.value ? [] : quantities.value.filter((q) => PLANNED.includes(q.id))));

function label(q: Quantity) {
  const name = q.title.charAt(0).toUpperCase() + q.title.slice(1);
  return q.unit ? `${name}, ${q.unit}` : name;
}

function hint(q: Quantity) {
  if (q.fromSheet !== undefined) return `${toFigure(q.fromSheet, q.unit)}, from the sheet`;
  return q.defaultValue === undefined ? "wanted" : `${q.defaultValue} ± ${q.defaultHalfLimit} assumed`;
}

function setOutlet(name: string, value: string) {
  const others = Object.entries(draft.value.planned.outlets).filter(([axleName]) => axleName !== name);
  const told = value ? [[name, value as (typeof RESIDUALS)[number]["value"]] as const] : [];
  draft.value.planned.outlets = Object.fromEntries([...others, ...told]);
}

function setKind(value: string) {
  if (!axle.value) return;
  if (value === "DISC") delete axle.value.shoes;
  else axle.value.shoes = value as NonNullable<typeof axle.value.shoes>;
}
</script>

<template>
  <section class="part" :aria-label="title">
    <h3>{{ title }}</h3>
    <div class="grid">
      <template v-if="axle">
        <div class="field">
          <label for="axle-name">Name, as in the job</label>
          <input id="axle-name" v-model="axle.name" maxlength="60" />
        </div>
        <div v-if="!brakes.trailer" class="field">
          <label for="axle-outlet">Residual valve of its outlet</label>
          <select id="axle-outlet" v-model="axle.outlet">
            <option :value="undefined">as the master's others</option>
            <option v-for="c in RESIDUALS" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div class="field">
          <label for="axle-kind">Brakes</label>
          <select
            id="axle-kind"
            :value="axle.shoes ?? 'DISC'"
            @change="setKind(($event.target as HTMLSelectElement).value)"
          >
            <option v-for="c in SHOES" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
      </template>
      <div v-if="part === 'master'" class="field">
        <label for="split">Circuits</label>
        <select id="split" v-model="draft.split">
          <option v-for="c in SPLITS" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select>
      </div>
      <div v-if="part === 'master'" class="field">
        <label for="warning">Lamp for a failed circuit</label>
        <select id="warning" v-model="draft.warning">
          <option v-for="c in SEEN" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select>
      </div>
      <div v-if="part === 'parking'" class="field">
        <label for="parking">Parking brake</label>
        <select id="parking" v-model="draft.parking">
          <option v-for="c in PARKINGS" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select>
      </div>
      <div v-if="part === 'pedal'" class="field">
        <label for="stop-lamp">Stop lamps are lit by</label>
        <select id="stop-lamp" v-model="draft.stopLamp">
          <option v-for="c in STOP_LAMPS" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select>
      </div>
      <div v-if="part === 'lines'" class="field">
        <label for="line-end">Ends of the lines: thread and seat</label>
        <input id="line-end" v-model="draft.lineEnd" placeholder="3/8-24 inverted flare" maxlength="60" />
      </div>
      <template v-if="part === 'actuator'">
        <div class="field">
          <label for="actuator">What presses</label>
          <select id="actuator" v-model="draft.actuator">
            <option v-for="c in ACTUATORS" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div class="field">
          <label for="lock-out">Reverse lock-out</label>
          <select id="lock-out" v-model="draft.reverseLockOut">
            <option v-for="c in SEEN" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
      </template>
      <QuantityField
        v-for="q in told"
        :id="q.id"
        :key="q.id"
        v-model="figures[q.id]"
        :label="label(q)"
        :placeholder="hint(q)"
        :how-to="q.howTo"
        :slip="q.slip"
      />
    </div>
    <details v-if="assumed.length">
      <summary>Assumed, to be told better ({{ assumed.length }})</summary>
      <div class="grid">
        <QuantityField
          v-for="q in assumed"
          :id="q.id"
          :key="q.id"
          v-model="figures[q.id]"
          :label="label(q)"
          :placeholder="hint(q)"
          :how-to="`${q.howTo} (${q.source})`"
          :slip="q.slip"
        />
      </div>
    </details>
    <template v-if="planned.length || ['master', 'booster', 'parking', 'lines'].includes(part)">
      <h4>Planned otherwise</h4>
      <div class="grid">
        <template v-if="part === 'master'">
          <div class="field">
            <label for="p-split">Circuits, planned</label>
            <select id="p-split" v-model="draft.planned.split">
              <option :value="undefined">as found, or as the part planned</option>
              <option v-for="c in SPLITS.slice(1)" :key="c.value" :value="c.value">{{ c.label }}</option>
            </select>
          </div>
          <div class="field">
            <label for="p-residual">Residual valve, planned</label>
            <select id="p-residual" v-model="draft.planned.residual">
              <option :value="undefined">as found, or as the part planned</option>
              <option v-for="c in RESIDUALS" :key="c.value" :value="c.value">{{ c.label }}</option>
            </select>
          </div>
          <div v-for="(a, i) in draft.axles" :key="a.name" class="field">
            <label :for="`p-outlet-${i}`">Its outlet to the {{ a.name }}, planned</label>
            <select
              :id="`p-outlet-${i}`"
              :value="draft.planned.outlets[a.name] ?? ''"
              @change="setOutlet(a.name, ($event.target as HTMLSelectElement).value)"
            >
              <option value="">as the others</option>
              <option v-for="c in RESIDUALS" :key="c.value" :value="c.value">{{ c.label }}</option>
            </select>
          </div>
        </template>
        <div v-if="part === 'booster'" class="field">
          <label for="p-booster">Booster, planned</label>
          <select id="p-booster" v-model="draft.planned.booster">
            <option :value="undefined">as found, or as the part planned</option>
            <option v-for="c in BOOSTERS" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div v-if="part === 'parking'" class="field">
          <label for="p-parking">Parking brake, planned</label>
          <select id="p-parking" v-model="draft.planned.parking">
            <option :value="undefined">as found</option>
            <option v-for="c in PARKINGS.slice(1)" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div v-if="part === 'lines'" class="field">
          <label for="p-fluid">Fluid, planned</label>
          <select id="p-fluid" v-model="draft.planned.fluid">
            <option :value="undefined">as found, or as the part planned</option>
            <option v-for="c in FLUIDS" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <QuantityField
          v-for="q in planned"
          :id="`p-${q.id}`"
          :key="q.id"
          v-model="draft.planned.figures[q.id]"
          :label="`${label(q)}, planned`"
          placeholder="as found, or as the part planned"
        />
      </div>
    </template>
  </section>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr));
  gap: 0.6rem 1rem;
  align-items: start;
}

h3 {
  margin: 0.2rem 0 0.5rem;
  font-size: 1.15rem;
}

h4 {
  margin: 0.9rem 0 0.4rem;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}

input,
select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.6rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  min-width: 0;
  width: 100%;
}
</style>
