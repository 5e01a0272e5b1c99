<script setup lang="ts">
import { computed } from "vue";
import type { ReadingKey } from "./thing";

/** How the tape lies for one reading: the other readings are only hinted at. */
const { reading, beside, from } = defineProps<{
  reading: ReadingKey;
  beside: boolean;
  from: "HUB" | "RIM" | "TYRE";
}>();

type Line = [x1: number, y1: number, x2: number, y2: number];

const SECTION: Partial<Record<ReadingKey, Line>> = {
  in: [84, 96, 150, 96],
  inFar: [84, 120, 200, 120],
  low: [215, 66, 215, 46],
  high: [232, 66, 232, 16],
};
const FACE: Partial<Record<ReadingKey, Line>> = {
  near: [128, 68, 165, 42],
  far: [128, 68, 196, 17],
  across: [152, 33, 178, 65],
};
const ABOVE: Partial<Record<ReadingKey, Line>> = {
  rear: [212, 76, 212, 100],
  front: [232, 76, 232, 28],
};

const scene = computed(() =>
  reading in ABOVE ? "above" : reading === "clock" || reading in FACE ? "face" : "section",
);
/** On the vehicle it stands above the axis in this picture, beside the caliper below it. */
const line = computed<Line | undefined>(() => {
  const at = SECTION[reading] ?? FACE[reading] ?? ABOVE[reading];
  if (!at || scene.value !== "section") return at;
  const start = from === "HUB" || beside ? 84 : from === "RIM" ? 112 : 118;
  const y = beside ? at[1] : at[1] - 66;
  return reading === "in" || reading === "inFar" ? [start, y, at[2], y] : at;
});
</script>

<template>
  <svg viewBox="0 0 260 140" role="img" :aria-label="`How the tape lies, ${scene}`">
    <g v-if="scene === 'section'">
      <path d="M20 66 H250" class="axis" />
      <rect x="30" y="8" width="88" height="116" rx="14" class="tyre" />
      <rect x="76" y="40" width="8" height="52" class="metal" />
      <rect x="84" y="58" width="60" height="16" class="metal" />
      <path v-if="from === 'HUB' || beside" d="M84 6 V134" class="edge" />
      <path v-else-if="from === 'RIM'" d="M112 6 V134" class="edge" />
      <path v-else d="M118 6 V134" class="edge" />
      <rect v-if="beside" x="150" y="84" width="50" height="44" class="thing" />
      <rect v-else x="150" y="16" width="50" height="30" class="thing" />
      <text x="30" y="138">seen from behind</text>
    </g>
    <g v-else-if="scene === 'face'">
      <circle cx="128" cy="68" r="52" class="tyre" />
      <circle cx="128" cy="68" r="10" class="metal" />
      <path d="M128 68 V4" class="axis" />
      <path d="M152 38 L178 70 L209 37 L183 5 Z" transform="translate(0 -5)" class="thing" />
      <path v-if="reading === 'clock'" d="M128 22 A46 46 0 0 1 164 39" class="tape" />
      <text x="8" y="138">from outboard, the front to the right</text>
    </g>
    <g v-else>
      <path d="M20 76 H250" class="axis" />
      <rect x="30" y="14" width="88" height="124" rx="10" class="tyre" />
      <rect x="150" y="28" width="50" height="72" class="thing" />
      <text x="126" y="18">front</text>
      <path d="M118 24 l4 -8 l4 8" class="tape" />
    </g>
    <line v-if="line" :x1="line[0]" :y1="line[1]" :x2="line[2]" :y2="line[3]" class="tape" />
    <circle v-if="line" :cx="line[0]" :cy="line[1]" r="3.5" class="end" />
    <circle v-if="line" :cx="line[2]" :cy="line[3]" r="3.5" class="end" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 20rem;
  background: var(--sheet);
}

.axis {
  stroke: var(--ink-soft);
  stroke-dasharray: 10 3 2 3;
}

.tyre {
  fill: none;
  stroke: var(--ink-soft);
  stroke-dasharray: 4 3;
}

.metal,
.thing {
  fill: var(--metal);
  stroke: var(--ink);
}

.edge {
  stroke: var(--ink);
  stroke-width: 2;
}

.tape {
  fill: none;
  stroke: var(--accent);
  stroke-width: 3.5;
}

.end {
  fill: var(--accent);
}

text {
  font-size: 11px;
  fill: var(--ink-soft);
}
</style>
