<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { toProfile } from "./wheelProfile";

/** The inside of a wheel as measured, above the axle line: barrel, spokes and mounting face. */
const { wheel } = defineProps<{
  wheel: Pick<Schemas["WheelView"], "code" | "backspacing" | "barrel" | "spokes">;
}>();

// One window for all wheels, so that their sizes can be compared (mm of the wheel's frame).
const WINDOW = { minX: -115, maxX: 75, minR: 72, maxR: 212 };

const METAL = 8;

const profile = computed(() => toProfile(wheel));
const toPoints = (line: { x: number; r: number }[]) => line.map((p) => `${p.x},${-p.r}`).join(" ");
</script>

<template>
  <svg
    :viewBox="`${WINDOW.minX} ${-WINDOW.maxR} ${WINDOW.maxX - WINDOW.minX} ${WINDOW.maxR - WINDOW.minR}`"
    role="img"
    :aria-label="`Inside of wheel ${wheel.code}`"
  >
    <polyline :points="toPoints(profile.barrel)" :transform="`translate(0 ${-METAL / 2})`" class="metal" />
    <polyline :points="toPoints(profile.spokes)" :transform="`translate(${METAL / 2} 0)`" class="metal" />
    <polyline :points="toPoints(profile.barrel)" class="wall" />
    <polyline :points="toPoints(profile.spokes)" class="wall" />
    <line x1="0" x2="0" :y1="-WINDOW.minR" :y2="-WINDOW.minR - 40" class="face" />
    <text x="-6" :y="-WINDOW.minR - 6" text-anchor="end">face</text>
    <path :d="`M${WINDOW.minX + 6} ${-WINDOW.minR - 11} h50 m0 -4 v8 m-50 -8 v8`" class="rule" />
    <text :x="WINDOW.minX + 31" :y="-WINDOW.minR - 20" text-anchor="middle">50 mm</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  font-family: var(--narrow);
}

.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.6;
}

.metal {
  fill: none;
  stroke: var(--metal);
  stroke-width: 8;
}

.face {
  stroke: var(--accent);
  stroke-width: 3.5;
}

.rule {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.2;
}

text {
  font-size: 13px;
  fill: var(--ink-soft);
}
</style>
