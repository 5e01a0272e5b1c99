<script setup lang="ts">
import { computed, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import LineChart from "../../drawing/LineChart.vue";
import type { Line } from "../../drawing/lineChart";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toShareAbove, toStops } from "./fade";
import { useTried } from "./useTried";
import { toFigure, toScale } from "./words";

/** Ten stops in a row with the fluid's boiling points, and the same with every doubt drawn anew. */
const { brakes } = defineProps<{ brakes: Schemas["BrakesView"] }>();
const session = useSession();

const { tried, failure } = useTried(
  () => brakes.jobId,
  ref<Schemas["TriedForm"]>({
    planned: true,
    load: "LADEN",
    foot: 300,
    speed: 80,
    road: 0.8,
    cut: "NOTHING",
    set: [],
  }),
);

const heat = computed(() => toScale("°C", session.units));
const speed = computed(() => toScale("km/h", session.units));

const lines = computed<Line[]>(() => {
  const t = tried.value;
  const { of } = heat.value;
  if (!t) return [];
  const flat = (name: string, y: number): Line => ({
    name,
    colour: "ink",
    width: 1.5,
    dash: [2, 3],
    points: [
      { x: 1, y: of(y) },
      { x: 10, y: of(y) },
    ],
  });
  return [
    { name: "front disc", colour: "rear", points: t.cooling.map((s) => ({ x: s.number, y: of(s.disc) })) },
    {
      name: "fluid in the caliper",
      colour: "front",
      points: t.cooling.map((s) => ({ x: s.number, y: of(s.fluid) })),
    },
    ...(t.fluidBoilsNew > 0
      ? [flat("boils, new fluid", t.fluidBoilsNew), flat("boils, old fluid", t.fluidBoilsOld)]
      : []),
  ];
});

const ALL = 2000;
const PIECE = 200;
const samples = ref<Schemas["FadeSample"][]>([]);
const wanted = ref<string[]>([]);
const problem = ref("");
const isDrawing = ref(false);
let isCancelled = false;

/** Draws the samples piece by piece, so that it can be seen and stopped. */
async function onDraw() {
  samples.value = [];
  problem.value = "";
  isDrawing.value = true;
  isCancelled = false;
  try {
    for (let from = 0; from < ALL && !isCancelled; from += PIECE) {
      const piece = await toData(
        client.GET("/api/jobs/{jobId}/brakes/fade", {
          params: { path: { jobId: brakes.jobId }, query: { from, count: PIECE } },
        }),
      );
      wanted.value = piece.wanted;
      if (piece.samples.length === 0) break;
      samples.value = [...samples.value, ...piece.samples];
    }
  } catch (e) {
    problem.value = toMessage(e);
  } finally {
    isDrawing.value = false;
  }
}

function onCancel() {
  isCancelled = true;
}

const stops = computed(() => toStops(samples.value));
const isWhole = computed(() => samples.value.length >= ALL);

function degrees(b: { low: number; mid: number; high: number }) {
  const [low, mid, high] = [b.low, b.mid, b.high].map((v) => Math.round(heat.value.of(v)));
  return `${mid} ${heat.value.unit} (${low} to ${high} ${heat.value.unit})`;
}

function range(b: { low: number; mid: number; high: number }, unit: string) {
  const high = Number.isFinite(b.high) ? toFigure(b.high, unit, session.units) : "without end";
  return `${toFigure(b.mid, unit, session.units)} (${toFigure(b.low, unit, session.units)} to ${high})`;
}
</script>

<template>
  <div class="heat">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="tried?.wanted.length" class="sheet wanted">Wanted first: {{ tried.wanted.join(", ") }}.</p>
    <template v-else-if="tried && tried.cooling.length">
      <LineChart
        :title="`Ten laden stops from ${Math.round(speed.of(80))} ${speed.unit} at half a g, one a minute`"
        :x="{ title: 'stop', min: 1, max: 10 }"
        :y="{ title: heat.unit, min: 0 }"
        :lines="lines"
        file="heat"
      />
      <div class="sheet campaign">
        <h3>The same ten stops with every doubt drawn anew</h3>
        <div class="row">
          <button type="button" class="plain-button" :disabled="isDrawing" @click="onDraw">
            Draw {{ ALL }} series
          </button>
          <button v-if="isDrawing" type="button" class="plain-button" @click="onCancel">Cancel</button>
          <progress
            v-if="isDrawing || samples.length"
            :value="samples.length"
            :max="ALL"
            aria-label="Series drawn"
          />
          <span v-if="samples.length" class="figures" role="status"
            >{{ samples.length }} of {{ ALL }}{{ isWhole || isDrawing ? "" : ", stopped" }}</span
          >
        </div>
        <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
        <p v-if="wanted.length">Wanted first: {{ wanted.join(", ") }}.</p>
        <template v-if="stops.length">
          <p v-if="tried.fluidBoilsNew > 0">
            New fluid boils in {{ Math.round(1000 * toShareAbove(samples, tried.fluidBoilsNew)) / 10 }} % of
            the series, old fluid in
            {{ Math.round(1000 * toShareAbove(samples, tried.fluidBoilsOld)) / 10 }} %.
          </p>
          <table class="plain">
            <caption class="soft small">
              Median, and the range nineteen of twenty series lie in
            </caption>
            <thead>
              <tr>
                <th scope="col">Stop</th>
                <th scope="col">Front disc</th>
                <th scope="col">Force on the pedal for half a g</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="s in stops" :key="s.number">
                <th scope="row">{{ s.number }}</th>
                <td class="figures">{{ degrees(s.disc) }}</td>
                <td class="figures">{{ range(s.force, "N") }}</td>
              </tr>
            </tbody>
          </table>
        </template>
      </div>
    </template>
    <p v-else-if="tried" class="sheet wanted">
      The front axle has drums as planned: a drum's ring is not told by what is measured of it, so its heat is
      not worked out.
    </p>
  </div>
</template>

<style scoped>
.heat {
  display: grid;
  gap: 0.8rem;
  margin-top: 0.8rem;
}

.wanted,
.campaign {
  padding: 0.8rem 1rem;
  margin: 0;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
}

h3 {
  margin: 0 0 0.5rem;
  font-size: 1.1rem;
}

caption {
  text-align: left;
}
</style>
