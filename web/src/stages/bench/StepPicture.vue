<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toLength } from "../../units/format";

/** Bolts or nuts as they lie, seen from outboard, numbered in the order they are tightened. */
const { picture } = defineProps<{ picture: Schemas["StepPicture"] }>();
const session = useSession();

const R = 92;
const reach = computed(() => Math.max(...picture.spots.map((s) => Math.hypot(s.x, s.y))));
const spots = computed(() =>
  picture.spots.map((s) => ({
    number: s.number,
    x: 130 + (s.x / reach.value) * R,
    y: 130 - (s.y / reach.value) * R,
  })),
);
const path = computed(() =>
  [...spots.value]
    .sort((a, b) => a.number - b.number)
    .map((s) => `${s.x.toFixed(1)},${s.y.toFixed(1)}`)
    .join(" "),
);
const what = computed(() => (picture.kind === "WHEEL_NUTS" ? "Nuts" : "Bolts of the bracket"));
/** The tighter pair of opposite or neighbouring centres is what a rule is laid on. */
const size = computed(() => toLength(2 * reach.value, session.units));
</script>

<template>
  <figure>
    <svg viewBox="0 0 260 270" role="img" :aria-label="`${what}, crosswise in the order of their numbers`">
      <circle cx="130" cy="130" :r="R" class="pitch" />
      <line x1="130" y1="118" x2="130" y2="142" class="axis" />
      <line x1="118" y1="130" x2="142" y2="130" class="axis" />
      <polyline :points="path" class="order" />
      <g v-for="s in spots" :key="s.number">
        <circle :cx="s.x" :cy="s.y" r="19" class="spot" />
        <text :x="s.x" :y="s.y + 8" class="number">{{ s.number }}</text>
      </g>
      <g v-if="picture.side" :transform="picture.side === 'LEFT' ? '' : 'translate(260 0) scale(-1 1)'">
        <path d="M 60 256 h -46 l 12 -8 m -12 8 l 12 8" class="arrow" />
      </g>
      <text
        v-if="picture.side"
        :x="picture.side === 'LEFT' ? 68 : 192"
        y="262"
        class="forward"
        :text-anchor="picture.side === 'LEFT' ? 'start' : 'end'"
      >
        forward
      </text>
    </svg>
    <figcaption class="soft small">
      {{ what }}, seen from outboard, in the order they are tightened; centres on {{ size }}.
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  max-width: 17rem;
}

.pitch {
  fill: none;
  stroke: var(--line);
  stroke-dasharray: 12 4 3 4;
}

.axis {
  stroke: var(--ink-soft);
}

.order {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1.5;
  opacity: 0.6;
}

.spot {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}

.number {
  font-size: 22px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--ink);
}

.arrow {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.forward {
  font-size: 16px;
  fill: var(--ink);
}
</style>
