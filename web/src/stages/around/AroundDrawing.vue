<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { toSector } from "./arc";

/** What was kept, drawn to scale: from outboard by clock, and from above. */
const { shapes, side, isChanged } = defineProps<{
  shapes: Schemas["StandingView"][];
  side: "LEFT" | "RIGHT";
  isChanged: boolean;
}>();

const DISC = 140;
const TYRE = 317;
const HALF_TYRE = 82;
const LONG = 300;

const beside = computed(() => shapes.filter((s) => !s.onChassis));
const boxes = computed(() => shapes.filter((s) => s.onChassis));
/** From outboard the front is to the left on the left side of the vehicle. */
const toFront = computed(() => (side === "LEFT" ? -1 : 1));
const toOutboard = computed(() => (side === "LEFT" ? -1 : 1));

/** A short thing has its name before it; long ones have theirs in steps from front to rear, so that none covers another. */
function toLabelY(i: number) {
  const box = boxes.value[i];
  if (box && box.forwardTo - box.forwardFrom < LONG) return -box.forwardTo - 14;
  return -300 + ((i + 0.5) * 600) / Math.max(1, boxes.value.length);
}

function toMiddle(s: Schemas["StandingView"]) {
  const turn = (((s.clockFrom + s.clockTo) / 2) * Math.PI) / 180;
  const r = s.rTo + 16;
  return { x: r * Math.sin(turn) * toFront.value, y: -r * Math.cos(turn) };
}
</script>

<template>
  <div>
    <p v-if="isChanged" class="small soft">The drawing shows what was kept last; keep to see the changes.</p>
    <h2>From outboard</h2>
    <svg
      viewBox="-200 -190 400 380"
      role="img"
      :aria-label="`Things beside the caliper by clock, ${side.toLowerCase()} side`"
    >
      <circle r="140" class="disc" />
      <circle r="30" class="thin" />
      <path d="M-175 0 H175 M0 -175 V175" class="axis" />
      <g :transform="`scale(${toFront} 1)`">
        <path
          v-for="s in beside"
          :key="s.name"
          :d="toSector(s.clockFrom, s.clockTo, s.rFrom, s.rTo)"
          class="thing"
        />
      </g>
      <text v-for="s in beside" :key="s.name" :x="toMiddle(s).x" :y="toMiddle(s).y" text-anchor="middle">
        {{ s.name }}
      </text>
      <text :x="182 * toFront" y="-6" text-anchor="middle" class="note">front</text>
      <text x="0" y="-168" text-anchor="middle" class="note">up</text>
      <text x="-195" y="184" class="note">disc of {{ 2 * DISC }} mm for scale</text>
    </svg>
    <h2>From above</h2>
    <svg
      viewBox="-420 -420 840 840"
      role="img"
      :aria-label="`Things on the chassis from above, ${side.toLowerCase()} side`"
    >
      <g :transform="`scale(${toOutboard} -1)`">
        <rect
          v-for="b in boxes"
          :key="b.name"
          :x="b.xFrom"
          :y="Math.max(-400, b.forwardFrom)"
          :width="b.xTo - b.xFrom"
          :height="Math.min(400, b.forwardTo) - Math.max(-400, b.forwardFrom)"
          class="thing"
        />
        <rect :x="68 - HALF_TYRE" :y="-TYRE" :width="2 * HALF_TYRE" :height="2 * TYRE" class="thin" />
        <path d="M0 -60 V60" class="face" />
      </g>
      <text
        v-for="(b, i) in boxes"
        :key="b.name"
        :x="((b.xFrom + b.xTo) / 2) * toOutboard"
        :y="toLabelY(i)"
        text-anchor="middle"
        class="big"
      >
        {{ b.name }}
      </text>
      <text x="0" y="-370" text-anchor="middle" class="note big">front</text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 14rem;
  font-family: var(--narrow);
}

.disc {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.5;
}

.thin {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.5;
  stroke-dasharray: 6 4;
}

.axis {
  stroke: var(--line);
  stroke-width: 1;
}

.face {
  stroke: var(--accent);
  stroke-width: 5;
}

.thing {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}

text {
  font-size: 24px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 6px;
}

.note {
  fill: var(--ink-soft);
}

.big {
  font-size: 52px;
}
</style>
