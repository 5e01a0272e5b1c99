<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../api/client";

/** A vehicle seen from above, front upwards; the axles of the job are drawn strong. */
const { kind, axles } = defineProps<{
  kind: Schemas["NewJob"]["vehicleKind"];
  axles: Schemas["NewJob"]["axles"];
}>();

const isTrailer = computed(() => kind === "TRAILER");
const rows = computed(() => {
  if (isTrailer.value) {
    const n = axles.length;
    return axles.map((a, i) => ({ y: 210 + (i - (n - 1) / 2) * 52, label: a.name, isOurs: true }));
  }
  const isFront = (a: (typeof axles)[number]) => a.kind === "FRONT_SPINDLE" || a.kind === "CLOSED_KNUCKLE";
  const front = axles.find(isFront);
  const rear = axles.find((a) => !isFront(a));
  return [
    { y: 95, label: front?.name ?? "front", isOurs: Boolean(front) },
    { y: 275, label: rear?.name ?? "rear", isOurs: Boolean(rear) },
  ];
});
</script>

<template>
  <svg viewBox="0 0 300 370" role="img" aria-label="Plan view of the vehicle, front at the top">
    <text x="150" y="20" text-anchor="middle" class="note">front</text>
    <path v-if="isTrailer" d="M150 35 L150 110 M150 110 L85 150 M150 110 L215 150" class="body" />
    <rect v-if="isTrailer" x="85" y="150" width="130" height="190" class="body" />
    <path
      v-else
      d="M95 60 Q95 35 150 35 Q205 35 205 60 L205 320 Q205 340 150 340 Q95 340 95 320 Z M105 130 L195 130 M105 240 L195 240"
      class="body"
    />
    <g v-for="(row, i) in rows" :key="i" :class="row.isOurs ? 'ours' : 'other'">
      <line x1="70" x2="230" :y1="row.y" :y2="row.y" />
      <rect x="56" :y="row.y - 26" width="22" height="52" rx="3" />
      <rect x="222" :y="row.y - 26" width="22" height="52" rx="3" />
      <text x="150" :y="row.y - 8" text-anchor="middle">{{ row.label }}</text>
    </g>
    <text x="30" y="190" text-anchor="middle" class="note">left</text>
    <text x="272" y="190" text-anchor="middle" class="note">right</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  font-family: var(--narrow);
  font-size: 16px;
}

.body {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.5;
}

.ours line {
  stroke: var(--accent);
  stroke-width: 3;
}

.ours rect {
  fill: var(--accent);
}

.ours text {
  fill: var(--ink);
  font-weight: 600;
}

.other line {
  stroke: var(--line);
  stroke-width: 2;
}

.other rect {
  fill: none;
  stroke: var(--ink-soft);
  stroke-dasharray: 4 3;
}

.other text,
.note {
  fill: var(--ink-soft);
}
</style>
