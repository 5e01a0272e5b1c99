<script setup lang="ts">
import { computed, nextTick, ref, watch } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import DraftNotice from "../../shell/DraftNotice.vue";
import { useSession } from "../../shell/session";
import { useDraft } from "../../shell/useDraft";
import { toMessage, useLoad } from "../../shell/useLoad";
import { withUnit } from "../../units/format";
import AxlePanel from "./AxlePanel.vue";
import ChoiceField from "../../fields/ChoiceField.vue";
import ConditionPanel from "./ConditionPanel.vue";
import PlanDrawing from "./PlanDrawing.vue";
import TextField from "../../fields/TextField.vue";
import { toCents } from "./budget";
import { useVehicleDeeds, type AxleDeed } from "./useVehicleDeeds";
import { BOOSTERS, FLUIDS, SEEN, SOURCES, USES, VALVES } from "./words";

/** The look-over: the vehicle from above; touching a part opens what is known of it. */
const { jobId } = defineProps<{ jobId: number }>();
const session = useSession();
const {
  data: vehicle,
  failure,
  isLoading,
  load,
} = useLoad(() => toData(client.GET("/api/jobs/{id}/vehicle", { params: { path: { id: jobId } } })));

const part = ref("vehicle");
const saveFailure = ref("");
const isSaved = ref(false);
interface Typed {
  sheet: Schemas["VehicleSheet"];
  /** As typed: what is no amount is said when saving, never taken for none. */
  budget: string;
}
const draft = ref<Typed | null>(null);
const keeper = useDraft(`vehicle.${jobId}`, draft);

function toTyped({ sheet }: Schemas["VehicleView"]): Typed {
  const { budgetCents } = sheet.wishes;
  return { sheet, budget: budgetCents ? (budgetCents / 100).toFixed(2) : "" };
}

watch(vehicle, (now) => {
  if (!now) return;
  if (draft.value) keeper.bringTogether(toTyped(now));
  else keeper.open(toTyped(now));
});

const PARTS = [
  { id: "vehicle", label: "Vehicle" },
  { id: "brakes", label: "Brakes as found" },
  { id: "owner", label: "Owner's wishes" },
  { id: "condition", label: "Condition" },
];
const axle = computed(() => vehicle.value?.axles.find((a) => `axle:${a.id}` === part.value) ?? null);
const isAxle = computed(() => part.value.startsWith("axle:"));

const { put, undo } = useVehicleDeeds(jobId, vehicle);

async function onStep(step: () => Promise<void>) {
  saveFailure.value = "";
  try {
    await step();
  } catch (e) {
    saveFailure.value = toMessage(e);
  }
}

function onAxleSaved(saved: Schemas["VehicleView"], change?: AxleDeed) {
  vehicle.value = saved;
  if (change) undo.did({ of: "axle", change });
}

/** Bare figures as this page shows them. */
function withUnits(sheet: Schemas["VehicleSheet"]): Schemas["VehicleSheet"] {
  const length = (text: string) => withUnit(text, "length", session.units);
  return {
    ...sheet,
    mass: withUnit(sheet.mass, "mass", session.units),
    wheelbase: length(sheet.wheelbase),
    centreHeight: length(sheet.centreHeight),
    brakes: {
      ...sheet.brakes,
      masterBore: length(sheet.brakes.masterBore),
      masterStroke: length(sheet.brakes.masterStroke),
    },
  };
}

/** Whether somebody else had changed it: theirs is fetched and brought together with what is typed. */
async function isBroughtTogether(e: unknown) {
  if (!(e instanceof Refusal) || e.status !== 409 || !vehicle.value) return false;
  const { version } = vehicle.value;
  await load();
  if (failure.value || vehicle.value.version === version) return false;
  await nextTick();
  if (!keeper.conflicts.value.length)
    saveFailure.value =
      "Somebody else changed other things meanwhile: both are brought together. Look, and save.";
  return true;
}

async function onSave() {
  if (!vehicle.value || !draft.value) return;
  saveFailure.value = "";
  const cents = toCents(draft.value.budget);
  if (cents === null) {
    saveFailure.value = `Budget: "${draft.value.budget}" is no amount. Write it like 1800 or 1800.50, or leave it empty.`;
    return;
  }
  draft.value.sheet.wishes.budgetCents = cents;
  const before = vehicle.value.sheet;
  const after = withUnits(draft.value.sheet);
  try {
    await put(after);
    if (vehicle.value) keeper.done(toTyped(vehicle.value));
    undo.did({ of: "sheet", before, after });
    isSaved.value = true;
    setTimeout(() => (isSaved.value = false), 3000);
  } catch (e) {
    isSaved.value = false;
    if (!(await isBroughtTogether(e))) saveFailure.value = toMessage(e);
  }
}
</script>

<template>
  <div class="page">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !vehicle" class="soft">Fetching the vehicle sheet …</p>
    <template v-if="vehicle && draft">
      <div class="page-head">
        <h1>{{ vehicle.title }}</h1>
        <span class="soft">{{ vehicle.vehicle }}</span>
        <a class="button" :href="`/api/jobs/${jobId}/dossier.pdf`" target="_blank" rel="noopener">Dossier</a>
        <a class="button" :href="`/api/jobs/${jobId}/dossier`" download>Dossier as a document</a>
        <a class="button" :href="`/api/jobs/${jobId}/dossier.csv`" download>Log as a table</a>
        <template v-if="session.mayChange">
          <button type="button" class="step" :disabled="!undo.canUndo.value" @click="onStep(undo.undo)">
            Undo
          </button>
          <button type="button" class="step" :disabled="!undo.canRedo.value" @click="onStep(undo.redo)">
            Redo
          </button>
        </template>
      </div>
      <p v-for="c in vehicle.cautions" :key="c" class="caution">{{ c }}</p>
      <div class="two">
        <div class="sheet plan">
          <PlanDrawing :vehicle="vehicle" :selected="part" @pick="part = $event" />
        </div>
        <div class="sheet side">
          <div class="tabs" role="group" aria-label="Part of the vehicle">
            <button
              v-for="p in PARTS"
              :key="p.id"
              type="button"
              :aria-pressed="part === p.id"
              @click="part = p.id"
            >
              {{ p.label }}
            </button>
            <button
              v-for="a in vehicle.axles"
              :key="a.id"
              type="button"
              :aria-pressed="part === `axle:${a.id}`"
              @click="part = `axle:${a.id}`"
            >
              {{ a.name }}
            </button>
            <button
              v-if="session.mayChange"
              type="button"
              :aria-pressed="part === 'axle:new'"
              aria-label="Another axle"
              @click="part = 'axle:new'"
            >
              +
            </button>
          </div>

          <AxlePanel v-if="isAxle" :key="part" :axle="axle" :job-id="jobId" @saved="onAxleSaved" />
          <form v-else class="panel" @submit.prevent="onSave">
            <template v-if="part === 'vehicle'">
              <div class="grid">
                <ChoiceField v-model="draft.sheet.use" label="Used for" :choices="USES" />
                <TextField v-model="draft.sheet.mass" label="Mass" hint="1240 kg or 2730 lb" />
                <ChoiceField v-model="draft.sheet.massFrom" label="Mass known" :choices="SOURCES" />
                <TextField v-model="draft.sheet.wheelbase" label="Wheelbase" hint="2440 mm or 96 in" />
                <TextField
                  v-model="draft.sheet.centreHeight"
                  label="Height of the centre of gravity"
                  hint="estimate"
                />
                <TextField v-model="draft.sheet.tyre" label="Tyre" hint="165 R 14" />
              </div>
              <p class="soft small">
                Figures are metric unless a unit is written. Year and model prove nothing: measure.
              </p>
            </template>

            <template v-else-if="part === 'brakes'">
              <div class="grid">
                <div class="field">
                  <label for="circuits">Circuits</label>
                  <select id="circuits" v-model.number="draft.sheet.brakes.circuits">
                    <option :value="0">not looked at</option>
                    <option :value="1">one</option>
                    <option :value="2">two</option>
                  </select>
                </div>
                <TextField v-model="draft.sheet.brakes.masterBore" label="Master bore" hint="3/4 in" />
                <TextField v-model="draft.sheet.brakes.masterStroke" label="Master stroke" hint="1 3/8 in" />
                <TextField
                  v-model="draft.sheet.brakes.pedalRatio"
                  label="Pedal ratio"
                  hint="5.5"
                  :most="10"
                />
                <ChoiceField v-model="draft.sheet.brakes.booster" label="Booster" :choices="BOOSTERS" />
                <ChoiceField
                  v-model="draft.sheet.brakes.residualValve"
                  label="Residual valve"
                  :choices="SEEN"
                />
                <ChoiceField v-model="draft.sheet.brakes.valve" label="Valve" :choices="VALVES" />
                <ChoiceField
                  v-model="draft.sheet.brakes.isolates"
                  label="Isolates front from rear"
                  :choices="SEEN"
                />
                <ChoiceField v-model="draft.sheet.brakes.fluid" label="Fluid" :choices="FLUIDS" />
                <TextField
                  v-model="draft.sheet.brakes.linePressure"
                  label="Line pressure, hard pedal"
                  hint="70 bar or 1000 psi, by gauge"
                />
                <TextField v-model="draft.sheet.brakes.fittings" label="Fittings" :most="200" />
                <TextField v-model="draft.sheet.brakes.parking" label="Parking brake" :most="200" />
                <ChoiceField
                  v-if="vehicle.kind === 'TRAILER'"
                  v-model="draft.sheet.brakes.breakaway"
                  label="Breakaway"
                  :choices="SEEN"
                />
              </div>
            </template>

            <template v-else-if="part === 'owner'">
              <div class="grid">
                <TextField
                  v-model="draft.sheet.wishes.pattern"
                  label="Lug pattern wanted"
                  hint="any"
                  :most="80"
                />
                <TextField
                  v-model="draft.budget"
                  :label="`Budget (${session.currency})`"
                  hint="not said"
                  :most="10"
                />
              </div>
              <div class="checks">
                <label
                  ><input v-model="draft.sheet.wishes.parkingNeeded" type="checkbox" /> A parking brake is
                  legally needed on a converted axle</label
                >
              </div>
              <p class="soft">
                {{
                  vehicle.mustBeReversible
                    ? "It must be able to go back to drums."
                    : "It need not go back to drums."
                }}
              </p>
            </template>

            <ConditionPanel v-else v-model:sheet="draft.sheet" :offers="vehicle.offers" />

            <DraftNotice
              :is-restored="keeper.isRestored.value"
              :conflicts="keeper.conflicts.value"
              @drop="keeper.drop"
              @settle="keeper.settle"
            />
            <p v-if="saveFailure" class="failure" role="alert">{{ saveFailure }}</p>
            <div class="ways">
              <button v-if="session.mayChange" type="submit" class="strong">Save</button>
              <span v-if="isSaved" class="soft" role="status">Saved.</span>
            </div>
          </form>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 24rem minmax(0, 1fr);
  gap: 1rem;
}

.plan {
  padding: 0.5rem;
}

.tabs {
  display: flex;
  flex-wrap: wrap;
  border-bottom: 1px solid var(--line);
}

.tabs button {
  font: inherit;
  min-height: 46px;
  padding: 0 0.85rem;
  border: 0;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
}

.tabs button[aria-pressed="true"] {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -3px 0 var(--accent);
}

.step {
  font: inherit;
  min-height: 44px;
  padding: 0 0.9rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.step:disabled {
  color: var(--ink-soft);
  border-color: var(--line);
  cursor: default;
}

.caution {
  margin: 0 0 0.5rem;
}

:deep(.panel) {
  padding: 0.9rem 1rem 1.1rem;
}

:deep(.panel h2) {
  margin-bottom: 0.6rem;
}

:deep(.panel h3) {
  font-size: 1.05rem;
  margin: 1rem 0 0.2rem;
}

:deep(.grid) {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr));
  gap: 0.7rem 1rem;
}

:deep(.checks) {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.4rem;
  margin-top: 0.7rem;
}

:deep(.checks label) {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 44px;
}

:deep(.checks input) {
  width: 22px;
  height: 22px;
  accent-color: var(--accent);
}

:deep(.ways) {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
  margin-top: 1rem;
}

:deep(.ways button),
:deep(.ways .go) {
  font: inherit;
  min-height: 46px;
  padding: 0 1.3rem;
  border: 1px solid var(--accent);
  background: var(--sheet);
  color: var(--accent);
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  cursor: pointer;
}

:deep(.ways .strong) {
  background: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}

select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  width: 100%;
}

@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
