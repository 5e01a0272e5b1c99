<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";

/** The wheel from above as it is steered and lifted, against what is fixed to the vehicle. */
const { pose, failure, side } = defineProps<{
  pose: Schemas["PoseView"] | null;
  /** Why there is none. */
  failure: string;
  side: "LEFT" | "RIGHT";
}>();

/** Left wheels have outboard to the left, as seen from above with the front up. */
const toRight = computed(() => (side === "LEFT" ? -1 : 1));
const bounds = computed(() => {
  const xs: number[] = [];
  const fs: number[] = [];
  for (const s of pose?.shapes ?? []) {
    for (const p of s.outline) {
      xs.push(p.x * toRight.value);
      fs.push(p.forward);
    }
  }
  for (const b of pose?.boxes ?? []) {
    xs.push(b.xFrom * toRight.value, b.xTo * toRight.value);
    fs.push(Math.max(b.forwardFrom, -420), Math.min(b.forwardTo, 420));
  }
  const room = 25;
  return {
    x: Math.min(...xs) - room,
    width: Math.max(...xs) - Math.min(...xs) + 2 * room,
    y: -Math.max(...fs) - room,
    height: Math.max(...fs) - Math.min(...fs) + 2 * room,
  };
});

const LONG = 300;

/** A short thing has its name before it; long ones have theirs in steps from front to rear, so that none covers another. */
function toLabelY(i: number) {
  const boxes = pose?.boxes ?? [];
  const box = boxes[i];
  if (box && box.forwardTo - box.forwardFrom < LONG) return -box.forwardTo - 12;
  return bounds.value.y + ((i + 0.7) * bounds.value.height) / (boxes.length + 0.4);
}
</script>

<template>
  <section class="from-above">
    <h2>From above</h2>
    <p v-if="failure" class="soft">{{ failure }}</p>
    <template v-else-if="pose">
      <svg
        :viewBox="`${bounds.x} ${bounds.y} ${bounds.width} ${bounds.height}`"
        role="img"
        :aria-label="`Wheel from above, ${side === 'LEFT' ? 'left' : 'right'} side, steered ${pose.steer} degrees, travel ${pose.lift} mm`"
      >
        <g :transform="`scale(${toRight} -1)`">
          <rect
            v-for="b in pose.boxes"
            :key="b.name"
            :x="b.xFrom"
            :y="b.forwardFrom"
            :width="b.xTo - b.xFrom"
            :height="b.forwardTo - b.forwardFrom"
            class="box"
          />
          <polygon
            v-for="(s, i) in pose.shapes"
            :key="i"
            :points="s.outline.map((p) => `${p.x},${p.forward}`).join(' ')"
            :class="s.part.toLowerCase()"
          />
        </g>
        <text
          v-for="(b, i) in pose.boxes"
          :key="b.name"
          :x="((b.xFrom + b.xTo) / 2) * toRight"
          :y="toLabelY(i)"
          text-anchor="middle"
        >
          {{ b.name }}
        </text>
      </svg>
      <p v-if="!pose.boxes.length" class="soft">Nothing of the chassis is listed on this side.</p>
    </template>
    <p v-else class="soft">Drawing …</p>
  </section>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 21rem;
  margin: 0.5rem 0;
}

.box {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}

.tyre {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}

.disc {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}

.caliper {
  fill: var(--accent-wash);
  fill-opacity: 0.75;
  stroke: var(--accent);
  stroke-width: 3;
}

text {
  font-size: 42px;
  font-family: var(--narrow);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 9px;
}
</style>
