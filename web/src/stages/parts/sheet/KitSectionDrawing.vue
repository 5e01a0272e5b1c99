<script setup lang="ts">
import { computed } from "vue";
import { toKitSection, type Point } from "./kitSection";
import type { JsonObject } from "./schema";

/** Disc and caliper of a kit above the axle line, to scale, as its figures stand. */
const { kit } = defineProps<{ kit: JsonObject }>();
const MARGIN = 14;
const section = computed(() => toKitSection(kit));
const box = computed(() => {
  const all = [...(section.value.disc ?? []), ...section.value.calipers.flat()];
  if (!all.length) return undefined;
  const xs = all.map((p) => p[0]);
  const rs = all.map((p) => p[1]);
  const minX = Math.min(...xs, -60) - MARGIN;
  const maxX = Math.max(...xs, 60) + MARGIN;
  const maxR = Math.max(...rs) + MARGIN;
  const minR = Math.min(...rs, maxR - 140) - MARGIN - 16;
  return { minX, minR, width: maxX - minX, height: maxR - minR, maxR };
});
const toText = (points: Point[]) => points.map(([x, r]) => `${x},${-r}`).join(" ");
</script>

<template>
  <figure>
    <svg
      v-if="box"
      :viewBox="`${box.minX} ${-box.maxR} ${box.width} ${box.height}`"
      role="img"
      aria-label="Section of disc and caliper above the axle line"
    >
      <line x1="0" x2="0" :y1="-box.maxR" :y2="-box.minR" class="plane" />
      <polygon v-if="section.disc" :points="toText(section.disc)" class="disc" />
      <polygon v-for="(c, i) in section.calipers" :key="i" :points="toText(c)" class="caliper" />
      <text :x="box.minX + 4" :y="-box.minR - 4">inboard</text>
      <text :x="box.minX + box.width - 4" :y="-box.minR - 4" text-anchor="end">outboard</text>
      <path :d="`M-25 ${-box.minR - 9} h50 m0 -3 v6 m-50 -6 v6`" class="rule" />
      <text x="0" :y="-box.minR - 13" text-anchor="middle">50 mm</text>
    </svg>
    <figcaption class="small soft">
      <template v-if="!section.disc"
        >The disc is drawn once its six figures are numbers; text is turned into mm when saved.
      </template>
      <template v-if="!section.calipers.length"
        >No outline of the caliper: nothing is proven of its gaps.</template
      >
      <template v-if="section.disc && section.calipers.length">Disc and caliper, pads new.</template>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  display: block;
  width: 100%;
  max-height: 60vh;
  font-family: var(--narrow);
  font-size: 8px;
}

.disc {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 0.8;
}

.caliper {
  fill: color-mix(in srgb, var(--accent) 14%, transparent);
  stroke: var(--accent);
  stroke-width: 1;
}

.plane {
  stroke: var(--ink-soft);
  stroke-width: 0.4;
  stroke-dasharray: 6 2 1 2;
}

.rule {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.6;
}

text {
  fill: var(--ink-soft);
}
</style>
