<script setup lang="ts">
import { computed, reactive, ref, watch } from "vue";
import type { Schemas } from "../../api/client";
import LineChart from "../../drawing/LineChart.vue";
import type { Line } from "../../drawing/lineChart";
import SliderField from "../../fields/SliderField.vue";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { useTried } from "./useTried";
import { toFigure, toScale } from "./words";

/** Sliders, and what the brakes do while they move: balance, pedal, a stop over time. Nothing is kept. */
const { brakes, show } = defineProps<{ brakes: Schemas["BrakesView"]; show: "pedal" | "stop" }>();
const session = useSession();

const state = ref<"planned" | "found">("planned");
const load = ref<"LADEN" | "EMPTY">("LADEN");
const at = reactive({ foot: 300, speed: 100, road: 0.8 });

type Id = Schemas["BrakeQuantityView"]["id"];
interface Slider {
  id: Id;
  axle: number;
  label: string;
  min: number;
  max: number;
  step: number;
  unit: string;
}

/** Quantities worth moving, where they are told or usual. */
const sliders = computed<Slider[]>(() => {
  const isDisc = brakes.after?.figures.some((f) => f.id === "FRONT_FLUID") ?? false;
  const height: Id = load.value === "LADEN" ? "CENTRE_HEIGHT_LADEN" : "CENTRE_HEIGHT";
  return [
    { id: height, axle: -1, label: "Centre of gravity", min: 350, max: 1200, step: 10, unit: "mm" },
    isDisc && state.value === "planned"
      ? { id: "PAD_FRICTION", axle: 0, label: "Front pads", min: 0.2, max: 0.6, step: 0.01, unit: "" }
      : { id: "LINING_FRICTION", axle: 0, label: "Front linings", min: 0.2, max: 0.5, step: 0.01, unit: "" },
    { id: "VALVE_KNEE", axle: -1, label: "Valve's knee", min: 0, max: 8, step: 0.1, unit: "MPa" },
  ];
});
const set = reactive<Partial<Record<Id, number>>>({});

const asked = computed<Schemas["TriedForm"]>(() => ({
  planned: state.value === "planned",
  load: load.value,
  foot: at.foot,
  speed: at.speed,
  road: at.road,
  cut: "NOTHING",
  set: sliders.value.flatMap((s) => {
    const value = set[s.id];
    return value === undefined ? [] : [{ quantity: s.id, axle: s.axle, value }];
  }),
}));
const { tried, failure } = useTried(() => brakes.jobId, asked);

function valueOf(s: Slider) {
  const quantity = brakes.quantities.find((q) => q.id === s.id);
  return set[s.id] ?? quantity?.fromSheet ?? quantity?.defaultValue ?? (s.min + s.max) / 2;
}

function saidOf(s: Slider) {
  return set[s.id] === undefined ? "as told" : toFigure(set[s.id], s.unit, session.units);
}

const balance = computed<Line[]>(() => {
  const points = tried.value?.curve ?? [];
  return [
    { name: "front axle", colour: "front", points: points.map((p) => ({ x: p.z, y: p.front })) },
    { name: "rear axle", colour: "rear", dash: [9, 5], points: points.map((p) => ({ x: p.z, y: p.rear })) },
  ];
});
/** Units of the charts as the reader wants them. */
const scale = computed(() => {
  const of = (unit: string) => toScale(unit, session.units);
  return { N: of("N"), mm: of("mm"), speed: of("km/h"), MPa: of("MPa"), load: of("kN"), heat: of("°C") };
});
const force = computed<Line[]>(() => [
  {
    name: "force on the pedal",
    colour: "front",
    points: (tried.value?.pedal ?? []).map((p) => ({ x: p.z, y: scale.value.N.of(p.force) })),
  },
]);
const travel = computed<Line[]>(() => [
  {
    name: "travel of the pad",
    colour: "rear",
    points: (tried.value?.pedal ?? []).map((p) => ({ x: p.z, y: scale.value.mm.of(p.travel) })),
  },
]);
const liked = computed(() => {
  const { of, unit } = scale.value.N;
  const [from, to] = [of(150), of(350)];
  return { name: `what feet like, ${Math.round(from)} to ${Math.round(to)} ${unit}`, from, to };
});

const stop = computed(() => tried.value?.stop ?? []);
const moment = ref(0);
const isPlaying = ref(false);
watch(stop, (now) => (moment.value = Math.min(moment.value, Math.max(0, now.length - 1))));
const now = computed(() => stop.value[Math.round(moment.value)]);

function over(pick: (m: Schemas["StopMoment"]) => number | undefined) {
  return stop.value.flatMap((m) => {
    const y = pick(m);
    return y === undefined ? [] : [{ x: m.time, y }];
  });
}
function lineOf(
  name: string,
  rear: boolean,
  to: { unit: string; of: (value: number) => number },
  pick: (m: Schemas["StopMoment"]) => number | undefined,
): Line {
  const points = over(pick).map((p) => ({ x: p.x, y: to.of(p.y) }));
  return {
    name: `${name}, ${to.unit}`,
    colour: rear ? "rear" : "front",
    dash: rear ? [9, 5] : undefined,
    points,
  };
}
const speed = computed(() => [lineOf("speed", false, scale.value.speed, (m) => m.speed)]);
const pressures = computed(() => [
  lineOf("front", false, scale.value.MPa, (m) => m.frontPressure),
  lineOf("rear", true, scale.value.MPa, (m) => m.rearPressure),
]);
const loads = computed(() => [
  lineOf("front axle", false, scale.value.load, (m) => m.frontLoad / 1000),
  lineOf("rear axle", true, scale.value.load, (m) => m.rearLoad / 1000),
]);
const disc = computed(() => [lineOf("front disc", false, scale.value.heat, (m) => m.frontDisc)]);

/** Plays the stop as long as it takes, or at once to its end where motion is not wanted. */
function onPlay() {
  if (isPlaying.value) {
    isPlaying.value = false;
    return;
  }
  const last = stop.value.length - 1;
  if (last < 1) return;
  if (window.matchMedia("(prefers-reduced-motion: reduce)").matches) {
    moment.value = last;
    return;
  }
  isPlaying.value = true;
  const began = performance.now();
  const step = () => {
    if (!isPlaying.value) return;
    const seconds = (performance.now() - began) / 1000;
    const next = stop.value.findIndex((m) => m.time >= seconds);
    moment.value = next < 0 ? stop.value.length - 1 : next;
    if (next < 0) isPlaying.value = false;
    else requestAnimationFrame(step);
  };
  requestAnimationFrame(step);
}
</script>

<template>
  <div class="try">
    <div class="sheet controls">
      <div class="rows">
        <PressedRow
          v-model="state"
          label="State"
          :options="[
            { value: 'found', text: 'As found' },
            { value: 'planned', text: 'As planned' },
          ]"
        />
        <PressedRow
          v-model="load"
          label="Load"
          :options="[
            { value: 'EMPTY', text: 'Empty' },
            { value: 'LADEN', text: 'Laden' },
          ]"
        />
      </div>
      <SliderField
        v-model="at.foot"
        label="Foot"
        :min="0"
        :max="900"
        :step="10"
        :said="toFigure(at.foot, 'N', session.units)"
      />
      <SliderField
        v-model="at.speed"
        label="Speed"
        :min="10"
        :max="160"
        :step="5"
        :said="session.units === 'INCH' ? `${Math.round(at.speed / 1.609344)} mph` : `${at.speed} km/h`"
      />
      <SliderField
        v-model="at.road"
        label="Road holds"
        :min="0.1"
        :max="1.1"
        :step="0.05"
        :said="at.road.toFixed(2)"
      />
      <SliderField
        v-for="s in sliders"
        :key="s.id"
        :label="s.label"
        :model-value="valueOf(s)"
        :min="s.min"
        :max="s.max"
        :step="s.step"
        :said="saidOf(s)"
        @update:model-value="set[s.id] = $event"
      />
      <button
        v-if="Object.keys(set).length"
        type="button"
        class="plain-button"
        @click="Object.keys(set).forEach((k) => delete set[k as Id])"
      >
        All as told
      </button>
      <p class="small soft">Tried in thought, without doubt: what is proven stands under “What is proven”.</p>
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="tried?.wanted.length" class="sheet wanted">Wanted first: {{ tried.wanted.join(", ") }}.</p>
    <div v-else-if="tried && show === 'pedal'" class="charts">
      <LineChart
        title="Force on the pedal"
        :x="{ title: 'deceleration, g', min: 0.1, max: 0.9 }"
        :y="{ title: scale.N.unit, min: 0 }"
        :lines="force"
        :wanted="liked"
        file="pedal-force"
      />
      <LineChart
        title="Travel of the pedal"
        :x="{ title: 'deceleration, g', min: 0.1, max: 0.9 }"
        :y="{ title: scale.mm.unit, min: 0 }"
        :lines="travel"
        file="pedal-travel"
      />
      <LineChart
        title="Front before rear"
        :x="{ title: 'deceleration, g', min: 0.1, max: 0.9 }"
        :y="{ title: 'adhesion used', min: 0, max: 1.4 }"
        :lines="balance"
        file="balance-tried"
      />
    </div>
    <template v-else-if="tried">
      <p v-if="!stop.length" class="sheet wanted">It does not come to stand: nothing brakes.</p>
      <template v-else>
        <div class="sheet player">
          <button type="button" class="plain-button" @click="onPlay">
            {{ isPlaying ? "Halt" : "Play" }}
          </button>
          <SliderField
            v-model="moment"
            label="Moment"
            :min="0"
            :max="stop.length - 1"
            :step="1"
            :said="`${now?.time.toFixed(2)} s`"
          />
          <p v-if="now" class="figures said" aria-live="off">
            {{ Math.round(scale.speed.of(now.speed)) }} {{ scale.speed.unit }} ·
            {{ toFigure(now.way, "m", session.units) }} · front
            {{ toFigure(now.frontPressure, "MPa", session.units) }}, rear
            {{ toFigure(now.rearPressure, "MPa", session.units) }} ·
            {{ toFigure(now.frontLoad, "N", session.units) }} on the front,
            {{ toFigure(now.rearLoad, "N", session.units) }} on the rear<template
              v-if="now.frontDisc !== undefined"
            >
              · disc {{ Math.round(scale.heat.of(now.frontDisc)) }} {{ scale.heat.unit }}</template
            >
          </p>
        </div>
        <div class="charts">
          <LineChart
            title="Speed"
            :x="{ title: 's' }"
            :y="{ title: scale.speed.unit, min: 0 }"
            :lines="speed"
            file="stop-speed"
          />
          <LineChart
            title="Pressures"
            :x="{ title: 's' }"
            :y="{ title: scale.MPa.unit, min: 0 }"
            :lines="pressures"
            file="stop-pressures"
          />
          <LineChart
            title="Axle loads"
            :x="{ title: 's' }"
            :y="{ title: scale.load.unit, min: 0 }"
            :lines="loads"
            file="stop-loads"
          />
          <LineChart
            v-if="disc[0]?.points.length"
            title="Front disc"
            :x="{ title: 's' }"
            :y="{ title: scale.heat.unit, min: 0 }"
            :lines="disc"
            file="stop-disc"
          />
        </div>
      </template>
    </template>
  </div>
</template>

<style scoped>
.try {
  display: grid;
  gap: 0.8rem;
  margin-top: 0.8rem;
}

.controls,
.player {
  padding: 0.8rem 1rem;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(24rem, 1fr));
  gap: 0.2rem 1.6rem;
  align-items: center;
}

.rows {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  grid-column: 1 / -1;
}

.controls p {
  margin: 0;
}

.player {
  grid-template-columns: auto minmax(16rem, 1fr);
}

.said {
  grid-column: 1 / -1;
  margin: 0;
  font-weight: 600;
}

.charts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(24rem, 1fr));
  gap: 0.8rem;
}

.wanted {
  padding: 0.8rem 1rem;
  margin: 0;
}

@media (max-width: 700px) {
  .controls,
  .charts,
  .player {
    grid-template-columns: 1fr;
  }
}
</style>
