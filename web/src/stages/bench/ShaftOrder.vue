<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toLength } from "../../units/format";
import { toGlyphs } from "./shaftOrder";

/** Parts on the shaft as they follow each other, pulled apart; those this step puts there stand out. */
const { order } = defineProps<{ order: Schemas["ShaftOrderView"] }>();

const glyphs = computed(() => toGlyphs(order.places, order.side));
const session = useSession();

/** Diameter and width as far as they were read. */
function toSize(p: Schemas["ShaftPieceView"]) {
  return [
    p.across ? `⌀ ${toLength(p.across, session.units)}` : "",
    p.along ? toLength(p.along, session.units) : "",
  ]
    .filter(Boolean)
    .join(" × ");
}

const WIDTH = 420;
const AXIS = 85;
const isLeft = computed(() => order.side === "LEFT");
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} 200`"
      role="img"
      aria-label="Order of the parts on the shaft, numbered from inboard"
    >
      <line x1="8" :x2="WIDTH - 8" :y1="AXIS" :y2="AXIS" class="axis" />
      <g v-for="g in glyphs" :key="g.number" :class="{ now: g.now }">
        <rect :x="g.x" :y="AXIS - g.height / 2" :width="g.width" :height="g.height" rx="1" class="piece" />
        <path v-if="g.rolls" :d="g.rolls" class="rolls" />
        <line
          :x1="g.x + g.width / 2"
          :x2="g.x + g.width / 2"
          :y1="AXIS + g.height / 2"
          y2="158"
          class="leader"
        />
        <circle :cx="g.x + g.width / 2" cy="168" r="13" class="ball" />
        <text :x="g.x + g.width / 2" y="174" class="number">{{ g.number }}</text>
      </g>
      <path
        :d="isLeft ? 'M 60 190 h -46 l 10 -6 m -10 6 l 10 6' : 'M 360 190 h 46 l -10 -6 m 10 6 l -10 6'"
        class="arrow"
      />
      <text :x="isLeft ? 66 : 354" y="195" :text-anchor="isLeft ? 'start' : 'end'" class="where">
        outboard
      </text>
    </svg>
    <ol class="small">
      <li v-for="p in order.places" :key="p.piece" :class="{ now: p.now }">
        {{ p.title }}<span v-if="p.across || p.along" class="soft size">{{ toSize(p) }}</span
        ><span v-if="p.now" class="soft"> (now)</span>
      </li>
    </ol>
    <p v-if="order.places.some((p) => p.across)" class="small soft">
      Diameters that were read are in one scale; the others are only signs.
    </p>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  flex: 1 1 22rem;
  max-width: 30rem;
}

.axis {
  stroke: var(--ink-soft);
  stroke-dasharray: 14 4 3 4;
}

.piece {
  fill: var(--sheet);
  stroke: var(--ink-soft);
  stroke-width: 1.5;
}

.now .piece {
  fill: var(--accent-wash);
  stroke: var(--accent);
  stroke-width: 3;
}

.rolls {
  fill: none;
  stroke: var(--ink-soft);
}

.leader {
  stroke: var(--line);
}

.ball {
  fill: var(--sheet);
  stroke: var(--ink);
}

.now .ball {
  fill: var(--accent);
  stroke: var(--accent);
}

.number {
  font-size: 16px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--ink);
}

.now .number {
  fill: var(--sheet);
}

.where {
  font-size: 15px;
  fill: var(--ink);
}

.arrow {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

ol {
  columns: 2;
  margin: 0.3rem 0 0;
  padding-left: 1.6rem;
}

.size {
  margin-left: 0.35em;
}

li.now {
  font-weight: 600;
}
</style>
