<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import LineChart from "../../drawing/LineChart.vue";
import type { Line } from "../../drawing/lineChart";
import { LOADS } from "./words";

/** Adhesion used by both axles over the deceleration, as found behind as planned, with the published line. */
const { before = undefined, after } = defineProps<{
  before?: Schemas["AdhesionCurveView"];
  after: Schemas["AdhesionCurveView"];
}>();

type Point = Schemas["AdhesionPoint"];

const lines = computed<Line[]>(() => {
  const old = before?.points ?? [];
  return [
    ...(old.length
      ? [
          {
            name: "front, as found",
            colour: "soft" as const,
            width: 1.5,
            points: old.map((p) => at(p, p.front)),
          },
          {
            name: "rear, as found",
            colour: "soft" as const,
            width: 1.5,
            dash: [9, 5],
            points: old.map((p) => at(p, p.rear)),
          },
        ]
      : []),
    { name: "front axle", colour: "front", points: after.points.map((p) => at(p, p.front, p.frontDoubt)) },
    {
      name: "rear axle",
      colour: "rear",
      dash: [9, 5],
      points: after.points.map((p) => at(p, p.rear, p.rearDoubt)),
    },
    {
      name: "published limit (ECE R13-H annex 5)",
      colour: "ink",
      width: 1.5,
      dash: [2, 3],
      points: after.points.filter((p) => p.allowed >= 0.2 && p.allowed <= 0.8).map((p) => at(p, p.allowed)),
    },
  ];
});

function at(p: Point, y: number, doubt?: number) {
  return doubt === undefined ? { x: p.z, y } : { x: p.z, y, doubt };
}
</script>

<template>
  <LineChart
    v-if="after.points.length"
    :title="after.load === 'EMPTY' ? 'Empty' : 'Laden'"
    :x="{ title: 'deceleration, g', min: 0.1, max: 0.9 }"
    :y="{ title: 'adhesion used', min: 0, max: 1.4 }"
    :lines="lines"
    :file="`adhesion-${LOADS[after.load]}`"
  />
</template>
