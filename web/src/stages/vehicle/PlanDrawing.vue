<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";

/** The vehicle from above, front upwards, with its axles and the brake circuit as found. Each part can be touched. */
const { vehicle, selected } = defineProps<{ vehicle: Schemas["VehicleView"]; selected: string }>();
const emit = defineEmits<{ pick: [part: string] }>();

const WIDTH = 420;
const HEIGHT = 560;
const MIDDLE = 210;
const WHEEL = { width: 30, height: 74 };

const isTrailer = computed(() => vehicle.kind === "TRAILER");
const FRONT_KINDS = ["FRONT_SPINDLE", "CLOSED_KNUCKLE"];

const axles = computed(() => {
  const all = vehicle.axles;
  if (isTrailer.value) {
    return all.map((a, i) => ({ ...a, y: 360 + (i - (all.length - 1) / 2) * 96, half: 132 }));
  }
  const front = all.filter((a) => FRONT_KINDS.includes(a.form.kind) || /front/i.test(a.name));
  const rear = all.filter((a) => !front.includes(a));
  return [
    ...front.map((a, i) => ({ ...a, y: 150 + i * 90, half: 126 })),
    ...rear.map((a, i) => ({ ...a, y: 420 + (i - rear.length + 1) * 90, half: 126 })),
  ];
});
const ghosts = computed(() =>
  isTrailer.value ? [] : [150, 420].filter((y) => !axles.value.some((a) => Math.abs(a.y - y) < 60)),
);
const circuits = computed(() => vehicle.sheet.brakes.circuits);
const lines = computed(() => {
  if (isTrailer.value) return [];
  return [150, 420].map((y, i) => ({
    d: `M${MIDDLE - 34} 96 L${MIDDLE - 34 + i * 10} 96 L${MIDDLE - 34 + i * 10} ${y} M${MIDDLE - 126} ${y + 7} L${MIDDLE + 126} ${y + 7} M${MIDDLE - 34 + i * 10} ${y} L${MIDDLE - 34 + i * 10} ${y + 7}`,
    second: circuits.value === 2 && i === 1,
  }));
});

const LETTER = { LEFT: "L", RIGHT: "R" };

function toName(axle: Schemas["AxleCard"]): string {
  const wanted = axle.sides.reduce((n, s) => n + s.wanted, 0);
  return `${axle.name}: ${wanted ? `${wanted} readings wanted` : "all read"}`;
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="group"
    aria-label="Plan view of the vehicle, front at the top"
  >
    <g aria-hidden="true">
      <text :x="MIDDLE" y="18" text-anchor="middle" class="note">front</text>
      <template v-if="isTrailer">
        <path :d="`M${MIDDLE} 40 V150 M${MIDDLE} 150 L118 216 M${MIDDLE} 150 L302 216`" class="body" />
        <rect x="118" y="216" width="184" height="300" class="body" />
        <circle :cx="MIDDLE" cy="40" r="9" class="body" />
      </template>
      <path
        v-else
        d="M128 84 Q128 34 210 34 Q292 34 292 84 L292 488 Q292 524 210 524 Q128 524 128 488 Z M142 206 L278 206 M142 372 L278 372"
        class="body"
      />
      <g v-for="y in ghosts" :key="y" class="ghost">
        <line :x1="MIDDLE - 126" :x2="MIDDLE + 126" :y1="y" :y2="y" />
        <rect :x="MIDDLE - 141" :y="y - 37" v-bind="WHEEL" rx="5" />
        <rect :x="MIDDLE + 111" :y="y - 37" v-bind="WHEEL" rx="5" />
      </g>
      <path
        v-for="(l, i) in lines"
        :key="i"
        :d="l.d"
        class="circuit"
        :class="{ second: l.second, unknown: !circuits }"
      />
    </g>

    <g
      v-if="!isTrailer"
      role="button"
      tabindex="0"
      class="part"
      :class="{ picked: selected === 'brakes' }"
      :aria-pressed="selected === 'brakes'"
      aria-label="Brake circuit as found"
      @click="emit('pick', 'brakes')"
      @keydown.enter.prevent="emit('pick', 'brakes')"
      @keydown.space.prevent="emit('pick', 'brakes')"
    >
      <rect :x="MIDDLE - 76" y="74" width="94" height="34" class="box" />
      <text :x="MIDDLE - 29" y="96" text-anchor="middle" class="small">
        {{ ["circuits?", "one circuit", "two circuits"][circuits] }}
      </text>
    </g>
    <g
      v-else
      role="button"
      tabindex="0"
      class="part"
      :class="{ picked: selected === 'brakes' }"
      :aria-pressed="selected === 'brakes'"
      aria-label="Brakes as found"
      @click="emit('pick', 'brakes')"
      @keydown.enter.prevent="emit('pick', 'brakes')"
      @keydown.space.prevent="emit('pick', 'brakes')"
    >
      <rect :x="MIDDLE - 34" y="86" width="68" height="36" class="box" />
      <text :x="MIDDLE" y="109" text-anchor="middle" class="small">brakes</text>
    </g>

    <g
      v-for="a in axles"
      :key="a.id"
      role="button"
      tabindex="0"
      class="part axle"
      :class="{ picked: selected === `axle:${a.id}` }"
      :aria-pressed="selected === `axle:${a.id}`"
      :aria-label="toName(a)"
      @click="emit('pick', `axle:${a.id}`)"
      @keydown.enter.prevent="emit('pick', `axle:${a.id}`)"
      @keydown.space.prevent="emit('pick', `axle:${a.id}`)"
    >
      <rect :x="MIDDLE - a.half - 18" :y="a.y - 44" :width="2 * a.half + 36" height="88" class="hit" />
      <line :x1="MIDDLE - a.half" :x2="MIDDLE + a.half" :y1="a.y" :y2="a.y" class="beam" />
      <g v-for="s in a.sides" :key="s.side">
        <rect
          :x="s.side === 'LEFT' ? MIDDLE - a.half - 15 : MIDDLE + a.half - 15"
          :y="a.y - 37"
          v-bind="WHEEL"
          rx="5"
          class="wheel"
          :class="s.wanted ? (s.read ? 'some' : 'none') : 'all'"
        />
        <circle
          v-if="a.form.toneRing"
          :cx="s.side === 'LEFT' ? MIDDLE - a.half + 26 : MIDDLE + a.half - 26"
          :cy="a.y"
          r="10"
          class="ring"
        />
        <path
          v-if="a.form.electricBrakes"
          :d="`M${s.side === 'LEFT' ? MIDDLE - a.half + 30 : MIDDLE + a.half - 26} ${a.y - 16} l-7 13 h6 l-3 11 9 -15 h-6 z`"
          class="bolt"
        />
        <text
          v-if="a.form.handed"
          :x="s.side === 'LEFT' ? MIDDLE - a.half + 28 : MIDDLE + a.half - 28"
          :y="a.y - 14"
          text-anchor="middle"
          class="small"
        >
          {{ LETTER[s.side] }}
        </text>
      </g>
      <text :x="MIDDLE - 10" :y="a.y - 12" class="name">{{ a.name }}</text>
      <text :x="MIDDLE - 10" :y="a.y + 28" class="small">
        {{ a.sides.map((s) => (s.wanted ? `${s.wanted} wanted` : "all read")).join(" · ") }}
      </text>
    </g>
    <text x="26" y="290" text-anchor="middle" class="note" aria-hidden="true">left</text>
    <text :x="WIDTH - 26" y="290" text-anchor="middle" class="note" aria-hidden="true">right</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 74vh;
  font-family: var(--narrow);
  font-size: 16px;
}

.body {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.6;
}

.ghost line,
.ghost rect {
  fill: none;
  stroke: var(--line);
  stroke-dasharray: 5 4;
}

.circuit {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1.8;
}

.circuit.second {
  stroke: var(--work);
}

.circuit.unknown {
  stroke: var(--ink-soft);
  stroke-dasharray: 5 4;
}

.part {
  cursor: pointer;
}

.part:focus {
  outline: none;
}

.hit {
  fill: transparent;
}

.box {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.beam {
  stroke: var(--ink);
  stroke-width: 3;
}

.wheel {
  stroke: var(--ink);
  stroke-width: 1.6;
  fill: var(--sheet);
}

.wheel.none {
  stroke-dasharray: 5 4;
}

.wheel.some {
  fill: var(--metal);
}

.wheel.all {
  fill: var(--accent);
}

.ring {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: 3 2;
}

.bolt {
  fill: var(--work);
}

.picked .hit,
.part:focus-visible .hit {
  stroke: var(--accent);
  stroke-width: 2.5;
  fill: var(--accent-wash);
  fill-opacity: 0.5;
}

.picked .box,
.part:focus-visible .box {
  stroke: var(--accent);
  stroke-width: 3;
  fill: var(--accent-wash);
}

.name {
  font-weight: 600;
  fill: var(--ink);
}

.small {
  font-size: 14px;
  fill: var(--ink);
}

.note {
  fill: var(--ink-soft);
}
</style>
