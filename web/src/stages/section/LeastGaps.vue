<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toDoubt, toLength } from "../../units/format";
import { METAL } from "./frame";

/** The least gaps of a section, dimensioned where they lie, with what each wants. */
const { section, sx, sy, width } = defineProps<{
  section: Schemas["SectionView"];
  /** From the wheel's frame (mm) to the drawing. */
  sx: (x: number) => number;
  sy: (r: number) => number;
  /** Of the drawing, which a size beside the spokes must not leave. */
  width: number;
}>();
const session = useSession();

const SIZE_WIDTH = 170;

const besideSpokes = computed(() => sx(Math.max(0, ...section.spokes.map((s) => s.level)) + METAL) + 14);

const gaps = computed(() =>
  section.gapsAt.map((g) => {
    const isBarrel = g.check === "BARREL";
    return {
      ...g,
      label: `${toLength(g.size, session.units)} ${toDoubt(g.doubt, session.units)}`,
      wants: `wants ${toLength(g.required, session.units)}`,
      at: {
        x: isBarrel ? sx(g.onWheel.x) : Math.min(besideSpokes.value, width - SIZE_WIDTH),
        y: isBarrel ? sy(g.onWheel.r) - 46 : sy(Math.min(g.onCaliper.r, g.onWheel.r)) + 44,
        anchor: isBarrel ? ("middle" as const) : ("start" as const),
      },
    };
  }),
);
</script>

<template>
  <g v-for="g in gaps" :key="g.check" :class="g.verdict.toLowerCase()" class="gap">
    <line
      :x1="sx(g.onCaliper.x)"
      :y1="sy(g.onCaliper.r)"
      :x2="sx(g.onWheel.x)"
      :y2="sy(g.onWheel.r)"
      class="dim"
    />
    <circle :cx="sx(g.onCaliper.x)" :cy="sy(g.onCaliper.r)" r="4" />
    <circle :cx="sx(g.onWheel.x)" :cy="sy(g.onWheel.r)" r="4" />
    <line
      :x1="(sx(g.onCaliper.x) + sx(g.onWheel.x)) / 2"
      :y1="(sy(g.onCaliper.r) + sy(g.onWheel.r)) / 2"
      :x2="g.at.x"
      :y2="g.at.anchor === 'start' ? g.at.y - 10 : g.at.y + 30"
      class="leader"
    />
    <text :x="g.at.x" :y="g.at.y" :text-anchor="g.at.anchor" class="size">{{ g.label }}</text>
    <text :x="g.at.x" :y="g.at.y + 24" :text-anchor="g.at.anchor" class="wants">{{ g.wants }}</text>
  </g>
</template>

<style scoped>
.gap {
  color: var(--open);
}

.gap.fits {
  color: var(--good);
}

.gap.does_not_fit {
  color: var(--bad);
}

.dim {
  stroke: currentcolor;
  stroke-width: 3;
}

.gap circle {
  fill: currentcolor;
}

.leader {
  stroke: currentcolor;
  stroke-width: 1;
}

.size {
  font-size: 28px;
  font-weight: 600;
  fill: currentcolor;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}

.wants {
  font-size: 21px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
</style>
