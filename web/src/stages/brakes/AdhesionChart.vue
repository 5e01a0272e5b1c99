<script setup lang="ts">
import Chart from "primevue/chart";
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { LOADS, toFigure } from "./words";

/** Adhesion used by both axles over the deceleration, as a band of the doubt, with the published line. */
const { curve, dark } = defineProps<{ curve: Schemas["AdhesionCurveView"]; dark: boolean }>();

const ink = computed(() => (dark ? "#e9e5da" : "#22201c"));
const front = computed(() => (dark ? "#7fb2e5" : "#2b6cb0"));
const rear = computed(() => (dark ? "#f0a070" : "#b7410e"));
const soft = computed(() => (dark ? "#6b665b" : "#c9c3b5"));

type Point = Schemas["AdhesionPoint"];

function band(name: string, colour: string, mid: (p: Point) => number, doubt: (p: Point) => number) {
  const at = (f: (p: Point) => number) => curve.points.map((p) => ({ x: p.z, y: f(p) }));
  const edge = { borderWidth: 0, pointRadius: 0, backgroundColor: `${colour}33` };
  return [
    { label: `${name}, upper`, data: at((p) => mid(p) + doubt(p)), ...edge, fill: "+1" },
    { label: `${name}, lower`, data: at((p) => mid(p) - doubt(p)), ...edge, fill: false },
    { label: name, data: at(mid), borderColor: colour, borderWidth: 3, pointRadius: 0, pointStyle: "line" },
  ];
}

const data = computed(() => ({
  datasets: [
    ...band(
      "front axle",
      front.value,
      (p) => p.front,
      (p) => p.frontDoubt,
    ),
    ...band(
      "rear axle",
      rear.value,
      (p) => p.rear,
      (p) => p.rearDoubt,
    ).map((d) => ({ ...d, borderDash: [9, 5] })),
    {
      label: "published limit (ECE R13-H annex 5)",
      data: curve.points
        .filter((p) => p.allowed >= 0.2 && p.allowed <= 0.8)
        .map((p) => ({ x: p.z, y: p.allowed })),
      borderColor: ink.value,
      borderWidth: 1.5,
      borderDash: [2, 3],
      pointRadius: 0,
    },
  ],
}));

const options = computed(() => ({
  animation: false,
  maintainAspectRatio: false,
  interaction: { mode: "index", intersect: false },
  scales: {
    x: {
      type: "linear",
      min: 0.1,
      max: 0.9,
      title: { display: true, text: "deceleration, g", color: ink.value },
      ticks: { color: ink.value },
      grid: { color: soft.value },
    },
    y: {
      min: 0,
      max: 1.4,
      title: { display: true, text: "adhesion used", color: ink.value },
      ticks: { color: ink.value },
      grid: { color: soft.value },
    },
  },
  plugins: {
    legend: {
      labels: {
        color: ink.value,
        filter: (item: { text: string }) => !/upper|lower/.test(item.text),
      },
    },
  },
}));

const csv = computed(
  () =>
    "data:text/csv;charset=utf-8," +
    encodeURIComponent(
      "deceleration_g,front,front_doubt,rear,rear_doubt,limit\r\n" +
        curve.points
          .map((p) =>
            [p.z, p.front, p.frontDoubt, p.rear, p.rearDoubt, p.allowed].map((v) => v.toFixed(4)).join(","),
          )
          .join("\r\n"),
    ),
);
</script>

<template>
  <figure v-if="curve.points.length" class="sheet">
    <figcaption>
      <h3>{{ LOADS[curve.load] === "empty" ? "Empty" : "Laden" }}</h3>
      <a class="button no-print" :href="csv" :download="`adhesion-${LOADS[curve.load]}.csv`">Points, CSV</a>
    </figcaption>
    <div class="plot">
      <Chart
        type="line"
        :data="data"
        :options="options"
        class="canvas"
        :canvas-props="{
          role: 'img',
          'aria-label': `Adhesion used by front and rear axle over the deceleration, ${LOADS[curve.load]}; the points are in the table below`,
        }"
      />
    </div>
    <details>
      <summary>The points</summary>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Deceleration, g</th>
            <th scope="col">Front uses</th>
            <th scope="col">Rear uses</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in curve.points" :key="p.z">
            <th scope="row">{{ toFigure(p.z, "") }}</th>
            <td>{{ toFigure(p.front, "") }} ± {{ toFigure(p.frontDoubt, "") }}</td>
            <td>{{ toFigure(p.rear, "") }} ± {{ toFigure(p.rearDoubt, "") }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  padding: 0.7rem 0.9rem;
}

figcaption {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

.plot,
.canvas {
  position: relative;
  height: 20rem;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}
</style>
