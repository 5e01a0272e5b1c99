<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";

/** The vehicle from above, front to the left, with each wheel's place in the order: touch one to bleed it. */
const { points, chosen } = defineProps<{ points: Schemas["BleedPointView"][]; chosen: string }>();
const emit = defineEmits<{ pick: [key: string] }>();

const WIDTH = 520;
const HEIGHT = 250;
const LEFT = 205;
const RIGHT = 45;

const spots = computed(() => {
  const axles = Math.max(...points.map((p) => Number(p.key.split(" ")[1])), 1);
  return points.map((p, i) => {
    const [, axle, side] = p.key.split(" ");
    return {
      ...p,
      number: i + 1,
      x: axles === 1 ? WIDTH / 2 : 110 + ((Number(axle) - 1) * 300) / (axles - 1),
      y: side === "left" ? LEFT : RIGHT,
    };
  });
});
const way = computed(() => spots.value.map((s, i) => `${i ? "L" : "M"} ${s.x} ${s.y}`).join(" "));
const MARKS = { UNTOUCHED: "", BUBBLES: "○", CLEAR: "✓" } as const;
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="group"
    aria-label="Wheels in the order they are bled, seen from above, front to the left"
  >
    <path class="body" d="M 60 75 Q 35 125 60 175 L 470 175 Q 490 125 470 75 Z" />
    <path class="way" :d="way" />
    <text x="10" y="130">front</text>
    <text :x="WIDTH - 48" :y="RIGHT + 5">right</text>
    <text :x="WIDTH - 48" :y="LEFT + 5">left</text>
    <g
      v-for="s in spots"
      :key="s.key"
      class="spot"
      :class="s.state.toLowerCase()"
      role="button"
      tabindex="0"
      :aria-pressed="chosen === s.key"
      :aria-label="`${s.number}: ${s.name}`"
      @click="emit('pick', s.key)"
      @keydown.enter="emit('pick', s.key)"
      @keydown.space.prevent="emit('pick', s.key)"
    >
      <rect :x="s.x - 48" :y="s.y - 24" width="96" height="48" rx="6" />
      <text class="number" :x="s.x" :y="s.y + 10" text-anchor="middle">
        {{ s.number }} {{ MARKS[s.state] }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 19rem;
}

text {
  font-size: 15px;
  fill: var(--ink);
}

.number {
  font-size: 28px;
  font-weight: 600;
}

.body,
.way {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.5;
}

.way {
  stroke: var(--accent);
  stroke-dasharray: 6 5;
}

.spot {
  cursor: pointer;
}

.spot rect {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}

.spot.clear rect {
  stroke: var(--good);
}

.spot[aria-pressed="true"] rect {
  fill: var(--accent-wash);
  stroke: var(--accent);
  stroke-width: 4;
}

.spot:focus {
  outline: none;
}

.spot:focus-visible rect {
  stroke: var(--accent);
  stroke-width: 5;
}
</style>
