<script setup lang="ts">
import { computed, reactive, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { BOOSTERS, FLUIDS, PARKINGS, RESIDUALS, SHOES, SPLITS, toFigure } from "./words";

/** The circuit written down: as found for every axle, and what is planned otherwise besides the kits. */
const { brakes } = defineProps<{ brakes: Schemas["BrakesView"] }>();
const emit = defineEmits<{ saved: [brakes: Schemas["BrakesView"]] }>();
const session = useSession();
const failure = ref("");
const isSaved = ref(false);

type Form = Schemas["CircuitForm"];
type Quantity = Schemas["BrakeQuantityView"];

/** Axles of the job by their names; a motor vehicle has a second one that is not converted. */
function usualNames() {
  const names = brakes.axleNames;
  if (brakes.trailer || names.length > 1) return names;
  const [only = "front axle"] = names;
  return /rear/i.test(only) ? ["front axle", only] : [only, "rear axle"];
}

function toDraft(): Form {
  const form = JSON.parse(JSON.stringify(brakes.circuit)) as Form;
  if (form.axles.length === 0)
    form.axles = usualNames().map((name) => ({
      name,
      shoes: "LEADING_TRAILING",
      figures: {},
    }));
  return form;
}
const draft = reactive(toDraft());
watch(
  () => brakes.circuit,
  () => Object.assign(draft, toDraft()),
);

/** What must be told comes first; what is usual may be told better. */
function fields(places: Quantity["where"][]) {
  const all = brakes.quantities.filter((q) => places.includes(q.where));
  return {
    told: all.filter((q) => q.usual === undefined),
    usual: all.filter((q) => q.usual !== undefined),
  };
}
const ofVehicle = computed(() => fields(brakes.trailer ? ["VEHICLE", "TRAILER"] : ["VEHICLE"]));
const PLANNED = [
  "MASTER_BORE",
  "MASTER_STROKE",
  "RESERVOIR",
  "BOOST_RATIO",
  "BOOST_KNEE",
  "VALVE_KNEE",
  "VALVE_SLOPE",
];
const ofPlan = computed(() => brakes.quantities.filter((q) => PLANNED.includes(q.id)));

function ofAxle(shoes: string | undefined) {
  return fields(shoes ? ["DRUM", "AXLE"] : ["DISC", "AXLE"]);
}

function label(q: Quantity) {
  const title = q.title.charAt(0).toUpperCase() + q.title.slice(1);
  return q.unit ? `${title}, ${q.unit}` : title;
}

function hint(q: Quantity) {
  if (q.fromSheet !== undefined) return `${toFigure(q.fromSheet, q.unit)}, from the sheet`;
  return q.usual === undefined ? "wanted" : `${q.usual} ± ${q.usualHalfLimit} assumed`;
}

type Axle = Form["axles"][number];

function kindOf(axle: Axle): (typeof SHOES)[number]["value"] {
  return axle.shoes ?? "DISC";
}

function setKind(axle: Axle, value: string) {
  if (value === "DISC") delete axle.shoes;
  else axle.shoes = value as NonNullable<Axle["shoes"]>;
}

async function onSave() {
  failure.value = "";
  isSaved.value = false;
  try {
    const saved = await toData(
      client.PUT("/api/jobs/{jobId}/brakes", {
        params: { path: { jobId: brakes.jobId } },
        body: { ...draft, version: brakes.circuit.version },
      }),
    );
    isSaved.value = true;
    emit("saved", saved);
  } catch (e) {
    failure.value = toMessage(e);
  }
}
</script>

<template>
  <form class="sheet circuit" @submit.prevent="onSave">
    <p class="soft small">
      Write as you measure: “7/8 in”, “22,2 mm”, “10 psi”. What stays empty and has a usual value is assumed
      and marked so; what has none is wanted. Mass, wheelbase, tyre, master and pedal come from the vehicle
      sheet unless told here.
    </p>
    <h2>Vehicle</h2>
    <div class="grid">
      <div v-if="!brakes.trailer" class="field">
        <label for="split">Circuits</label>
        <select id="split" v-model="draft.split">
          <option v-for="c in SPLITS" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select>
      </div>
      <div class="field">
        <label for="parking">Parking brake</label>
        <select id="parking" v-model="draft.parking">
          <option v-for="c in PARKINGS" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select>
      </div>
      <div v-for="q in ofVehicle.told" :key="q.id" class="field">
        <label :for="q.id">{{ label(q) }}</label>
        <input
          :id="q.id"
          v-model="draft.figures[q.id]"
          :placeholder="hint(q)"
          :title="q.howTo"
          maxlength="60"
        />
      </div>
    </div>
    <details>
      <summary>Assumed of the vehicle, to be told better</summary>
      <div class="grid">
        <div v-for="q in ofVehicle.usual" :key="q.id" class="field">
          <label :for="q.id">{{ label(q) }}</label>
          <input
            :id="q.id"
            v-model="draft.figures[q.id]"
            :placeholder="hint(q)"
            :title="q.source"
            maxlength="60"
          />
        </div>
      </div>
    </details>
    <fieldset v-for="(axle, i) in draft.axles" :key="i">
      <legend>{{ axle.name }}</legend>
      <div class="grid">
        <div class="field">
          <label :for="`name-${i}`">Name, as in the job</label>
          <input :id="`name-${i}`" v-model="axle.name" maxlength="60" />
        </div>
        <div class="field">
          <label :for="`kind-${i}`">Brakes</label>
          <select
            :id="`kind-${i}`"
            :value="kindOf(axle)"
            @change="setKind(axle, ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="c in SHOES" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div v-for="q in ofAxle(axle.shoes).told" :key="q.id" class="field">
          <label :for="`${q.id}-${i}`">{{ label(q) }}</label>
          <input
            :id="`${q.id}-${i}`"
            v-model="axle.figures[q.id]"
            :placeholder="hint(q)"
            :title="q.howTo"
            maxlength="60"
          />
        </div>
      </div>
      <details>
        <summary>Assumed of this axle, to be told better</summary>
        <div class="grid">
          <div v-for="q in ofAxle(axle.shoes).usual" :key="q.id" class="field">
            <label :for="`${q.id}-${i}`">{{ label(q) }}</label>
            <input
              :id="`${q.id}-${i}`"
              v-model="axle.figures[q.id]"
              :placeholder="hint(q)"
              :title="q.source"
              maxlength="60"
            />
          </div>
        </div>
      </details>
    </fieldset>
    <template v-if="!brakes.trailer">
      <h2>Planned otherwise, besides the kits chosen</h2>
      <div class="grid">
        <div class="field">
          <label for="p-split">Circuits</label>
          <select id="p-split" v-model="draft.planned.split">
            <option :value="undefined">as found</option>
            <option v-for="c in SPLITS.slice(1)" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div class="field">
          <label for="p-booster">Booster</label>
          <select id="p-booster" v-model="draft.planned.booster">
            <option :value="undefined">as found</option>
            <option v-for="c in BOOSTERS" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div class="field">
          <label for="p-residual">Residual valve</label>
          <select id="p-residual" v-model="draft.planned.residual">
            <option :value="undefined">as found</option>
            <option v-for="c in RESIDUALS" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div class="field">
          <label for="p-fluid">Fluid</label>
          <select id="p-fluid" v-model="draft.planned.fluid">
            <option :value="undefined">as found</option>
            <option v-for="c in FLUIDS" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div class="field">
          <label for="p-parking">Parking brake</label>
          <select id="p-parking" v-model="draft.planned.parking">
            <option :value="undefined">as found</option>
            <option v-for="c in PARKINGS.slice(1)" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </div>
        <div v-for="q in ofPlan" :key="q.id" class="field">
          <label :for="`p-${q.id}`">{{ label(q) }}</label>
          <input
            :id="`p-${q.id}`"
            v-model="draft.planned.figures[q.id]"
            placeholder="as found"
            :title="q.howTo"
            maxlength="60"
          />
        </div>
      </div>
    </template>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <div v-if="session.mayChange" class="save">
      <button type="submit" class="strong">Save and work out</button>
      <span v-if="isSaved && !failure" class="soft" role="status">Saved.</span>
    </div>
  </form>
</template>

<style scoped>
.circuit {
  padding: 0.9rem 1rem 1.1rem;
  margin-top: 0.8rem;
}

.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: 0.6rem 1rem;
  align-items: end;
}

fieldset {
  border: 1px solid var(--line);
  margin: 1rem 0 0;
  padding: 0.4rem 0.8rem 0.6rem;
}

legend {
  font-weight: 600;
  padding: 0 0.4rem;
}

h2 {
  font-size: 1.15rem;
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

.save {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin-top: 1rem;
}

.strong {
  font: inherit;
  font-weight: 600;
  min-height: 46px;
  padding: 0 1.3rem;
  border: 1px solid var(--accent);
  background: var(--accent);
  color: var(--sheet);
  cursor: pointer;
}
</style>
