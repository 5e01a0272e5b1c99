<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toTime } from "../../units/format";
import BleedPlanView from "./BleedPlanView.vue";
import PedalTest from "./PedalTest.vue";
import TroubleFinder from "./TroubleFinder.vue";

/** The bleed bay: wheel after wheel in the order that is computed, everything done logged. */
const { jobId } = defineProps<{ jobId: number }>();
const session = useSession();

const school = ref<Schemas["BayView"]["school"]>("FARTHEST_FIRST");
const driver = ref<Schemas["BayView"]["driver"]>("LEFT");
const asked = () =>
  toData(
    client.GET("/api/jobs/{jobId}/bleed", {
      params: { path: { jobId }, query: { school: school.value, driver: driver.value } },
    }),
  );
const { data: bay, failure, isLoading, load } = useLoad(asked, { inUnits: () => session.units });
watch([school, driver], () => void load());

const WAYS = [
  "gravity",
  "helper and pedal",
  "one-person bottle",
  "vacuum pump",
  "check-ball nipple",
  "actuator by its pin",
];
const point = ref("");
const way = ref("helper and pedal");
const strokes = ref<number | "">("");
const fluid = ref<number | "">("");
const bubbles = ref<"yes" | "no">("yes");
const problem = ref("");
const isBusy = ref(false);

/** The first that is not clear. */
const next = computed(() => bay.value?.points.find((p) => p.state !== "CLEAR"));
watch(bay, () => (point.value = next.value?.key ?? bay.value?.points[0]?.key ?? ""));
const chosen = computed(() => bay.value?.points.find((p) => p.key === point.value));

async function change(step: () => Promise<unknown>) {
  problem.value = "";
  isBusy.value = true;
  try {
    await step();
    await load();
    return true;
  } catch (e) {
    problem.value = toMessage(e);
    return false;
  } finally {
    isBusy.value = false;
  }
}

const path = { jobId };

async function onBled() {
  if (strokes.value === "" || fluid.value === "") {
    problem.value = "Write the strokes counted and the fluid caught; 0 cm³ where none came.";
    return;
  }
  const body = {
    point: point.value,
    way: way.value,
    strokes: strokes.value,
    bubbles: bubbles.value === "yes",
    fluid: fluid.value,
  };
  if (await change(() => toData(client.POST("/api/jobs/{jobId}/bleed/points", { params: { path }, body })))) {
    strokes.value = "";
    fluid.value = "";
    bubbles.value = "yes";
  }
}

const onReservoir = (dry: boolean) =>
  change(() => toData(client.POST("/api/jobs/{jobId}/bleed/reservoir", { params: { path }, body: { dry } })));
const onJoint = (joint: string, dry: boolean) =>
  change(() =>
    toData(client.POST("/api/jobs/{jobId}/bleed/joints", { params: { path }, body: { joint, dry } })),
  );
const onBack = (id: number) =>
  change(() =>
    toData(client.DELETE("/api/jobs/{jobId}/bleed/entries/{id}", { params: { path: { jobId, id } } })),
  );

/** A pipe as finely as it is taped. */
const toPipe = (mm: number) =>
  session.units === "METRIC" ? `${Math.round(mm)} mm` : `${Math.round(mm / 25.4)} in`;

const STATES = { UNTOUCHED: "not yet", BUBBLES: "bubbles still come", CLEAR: "no more bubbles" } as const;
const open = computed(() => bay.value?.joints.filter((j) => j.dry !== true).length ?? 0);
</script>

<template>
  <div class="page bay">
    <p v-if="failure" class="failure" role="alert">
      {{ failure }} <RouterLink :to="`/jobs/${jobId}/brakes`">To the brakes</RouterLink>
    </p>
    <p v-else-if="isLoading && !bay" class="soft">Fetching the bleed bay …</p>
    <template v-if="bay">
      <div class="page-head">
        <h1>Bleed {{ bay.title }}</h1>
        <PressedRow
          v-model="school"
          label="Order"
          :options="[
            { value: 'FARTHEST_FIRST', text: 'Farthest first' },
            { value: 'FIXED_CORNERS', text: 'Fixed corners' },
          ]"
        />
        <PressedRow
          v-model="driver"
          label="Driver sits"
          :options="[
            { value: 'LEFT', text: 'Driver left' },
            { value: 'RIGHT', text: 'Driver right' },
          ]"
        />
      </div>
      <p class="caution small">
        Goggles and gloves: the fluid attacks eyes, skin and paint. Leaks are looked for with dry paper, never
        with a finger: a fine jet pierces skin. Nothing moves on the road before the pedal is firm.
      </p>
      <p v-if="!bay.measured && school === 'FARTHEST_FIRST'" class="soft small">
        No lines are drawn: these are the corners that are farthest as vehicles are usually piped. Run the
        lines under Brakes, Circuit to have it computed.
      </p>
      <div class="two">
        <section class="sheet" aria-label="Order of bleeding">
          <ul class="before">
            <li v-for="b in bay.before" :key="b">{{ b }}</li>
          </ul>
          <BleedPlanView :points="bay.points" :chosen="point" @pick="point = $event" />
        </section>
        <section class="sheet point" aria-label="This wheel">
          <template v-if="chosen">
            <h2>{{ bay.points.indexOf(chosen) + 1 }}. {{ chosen.name }}</h2>
            <p>
              {{ STATES[chosen.state]
              }}<template v-if="chosen.pipe !== undefined">, {{ toPipe(chosen.pipe) }} of line</template>
            </p>
            <p v-for="n in chosen.notes" :key="n">{{ n }}</p>
            <form v-if="session.mayChange" @submit.prevent="onBled">
              <label
                >How
                <select v-model="way">
                  <option v-for="w in WAYS" :key="w">{{ w }}</option>
                </select>
              </label>
              <label>Strokes <input v-model.number="strokes" type="number" min="1" max="500" /></label>
              <label
                >Fluid caught, cm³ <input v-model.number="fluid" type="number" min="0" max="5000" step="any"
              /></label>
              <PressedRow
                v-model="bubbles"
                label="Bubbles at the end"
                :options="[
                  { value: 'yes', text: 'Bubbles still came' },
                  { value: 'no', text: 'No more bubbles' },
                ]"
              />
              <button type="submit" class="strong" :disabled="isBusy">Log it</button>
            </form>
          </template>
          <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
          <p v-if="!next" role="status">
            <strong>Every wheel is clear.</strong> Now full pressure: every joint with dry paper, then the
            pedal.
          </p>
          <h3>Reservoir</h3>
          <p v-if="bay.reservoir.holds === undefined">
            What it holds is not told: {{ bay.reservoir.drawn }} cm³ drawn since it was filled. Look at it
            after every wheel.
          </p>
          <template v-else>
            <meter
              :value="bay.reservoir.left"
              :max="(bay.reservoir.holds * 2) / 3"
              :low="bay.reservoir.holds / 5"
              aria-label="Fluid that may still be drawn"
            />
            <p :class="{ failure: (bay.reservoir.left ?? 0) < bay.reservoir.holds / 5 }">
              {{ Math.round(bay.reservoir.left ?? 0) }} cm³ may be drawn before it must be filled;
              {{ Math.round(bay.reservoir.total) }} cm³ drawn in all.
              <template v-if="(bay.reservoir.left ?? 0) < bay.reservoir.holds / 5"
                >Fill it before the next wheel.</template
              >
            </p>
          </template>
          <p v-if="session.mayChange" class="row">
            <button type="button" class="plain-button" :disabled="isBusy" @click="onReservoir(false)">
              Filled to its mark
            </button>
            <button type="button" class="plain-button" :disabled="isBusy" @click="onReservoir(true)">
              It ran dry
            </button>
          </p>
        </section>
      </div>
      <div class="two">
        <section class="sheet" aria-label="Joints">
          <h2>Every joint under full pressure</h2>
          <p>{{ open ? `${open} to be looked at, or wet` : "All dry." }}</p>
          <ul class="joints">
            <li v-for="j in bay.joints" :key="j.key">
              <span>{{ j.title }}</span>
              <span v-if="session.mayChange" class="row">
                <button
                  type="button"
                  class="plain-button"
                  :aria-pressed="j.dry === true"
                  :aria-label="`${j.title}: dry`"
                  @click="onJoint(j.key, true)"
                >
                  Dry
                </button>
                <button
                  type="button"
                  class="plain-button"
                  :aria-pressed="j.dry === false"
                  :aria-label="`${j.title}: wet`"
                  @click="onJoint(j.key, false)"
                >
                  Wet
                </button>
              </span>
              <strong v-else>{{ j.dry === undefined ? "not yet" : j.dry ? "dry" : "WET" }}</strong>
            </li>
          </ul>
        </section>
        <div>
          <PedalTest :job-id="jobId" @logged="load" />
          <TroubleFinder />
        </div>
      </div>
      <section v-if="bay.entries.length" class="sheet" aria-label="What was done">
        <h2>What was done</h2>
        <table class="plain">
          <tbody>
            <tr v-for="e in bay.entries" :key="e.id">
              <td>{{ toTime(e.at) }}</td>
              <td>{{ e.by }}</td>
              <td>{{ e.said }}</td>
              <td>
                <button
                  v-if="session.mayChange"
                  type="button"
                  class="plain-button"
                  :aria-label="`Take back: ${e.said}`"
                  @click="onBack(e.id)"
                >
                  Take back
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>

<style scoped>
.before {
  margin: 0 0 0.6rem;
  padding-left: 1.2rem;
}

.point p {
  margin: 0.2rem 0 0.5rem;
  font-size: 1.15rem;
}

meter {
  width: 100%;
  height: 1.6rem;
}

.joints {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 34rem;
  overflow: auto;
}

.joints li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 0.6rem;
  border-bottom: 1px solid var(--line-soft);
  min-height: 48px;
}
</style>
