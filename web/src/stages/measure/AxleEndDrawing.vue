<script setup lang="ts">
import { computed } from "vue";
import { useSession } from "../../shell/session";
import { useNarrow } from "../../shell/useNarrow";
import {
  CIRCLE_WAYS,
  toLabelId,
  toPlaces,
  toTitle,
  toValue,
  type CalloutId,
  type SheetView,
  type SideView,
} from "./callouts";
import { toSlots } from "./leaders";

/** One view of the axle end, drawn by the server from its readings. Every dimension is a label that can be touched. */
const { side, sheet, selected } = defineProps<{ side: SideView; sheet: SheetView; selected: CalloutId }>();
const emit = defineEmits<{ pick: [callout: CalloutId] }>();
const session = useSession();

// The picture has units of its own; the sheet's millimetres are scaled into the room between the label columns.
const WIDTH = 960;
const LABEL = { width: 168, height: 42, top: 4 };
const GAP = 14;

/** How far a leader runs straight out of its label. */
const STUB = 10;
/** On a phone one dimension is shown at a time, this much of the picture around it. */
const PART = { width: 420, height: 235 };

const isNarrow = useNarrow();
const places = computed(() => toPlaces(sheet, side));
const rows = computed(() => Math.max(9, Math.ceil(places.value.length / 2) + 1));
const step = computed(() => (rows.value > 9 ? 46 : 48));
const height = computed(() => LABEL.top + rows.value * step.value);
const scale = computed(() =>
  Math.min((WIDTH - 2 * (LABEL.width + GAP)) / sheet.width, (height.value - 6) / sheet.height),
);
const left = computed(() => (WIDTH - sheet.width * scale.value) / 2);
const top = computed(() => (height.value - sheet.height * scale.value) / 2);

const sx = (x: number) => left.value + x * scale.value;
const sy = (y: number) => top.value + y * scale.value;

const selectedLabel = computed(() => toLabelId(selected));
const slots = computed(() =>
  [LABEL.width + 2 + STUB, WIDTH - LABEL.width - 2 - STUB].flatMap((x) =>
    Array.from({ length: rows.value }, (_, row) => ({
      x,
      y: LABEL.top + row * step.value + LABEL.height / 2,
    })),
  ),
);
const placed = computed(() => {
  const tips = places.value.map((p) => ({ x: sx(p.x), y: sy(p.y) }));
  const taken = toSlots(tips, slots.value);
  return places.value.map((p, i) => {
    const slot = taken[i] ?? 0;
    const isLeft = slot < rows.value;
    return {
      ...p,
      isLeft,
      boxX: isLeft ? 2 : WIDTH - LABEL.width - 2,
      boxY: LABEL.top + (slot % rows.value) * step.value,
      tipX: tips[i]?.x ?? 0,
      tipY: tips[i]?.y ?? 0,
    };
  });
});

const viewBox = computed(() => {
  const at = placed.value.find((p) => p.id === selectedLabel.value);
  if (!isNarrow.value || !at) return `0 0 ${WIDTH} ${height.value}`;
  const x = Math.max(
    left.value - 20,
    Math.min(WIDTH - left.value + 20 - PART.width, at.tipX - PART.width / 2),
  );
  const y = Math.max(0, Math.min(height.value - PART.height, at.tipY - PART.height / 2));
  return `${x} ${y} ${PART.width} ${PART.height}`;
});

/** Dimension lines shorter than this have their arrows outside, pointing in. */
const ROOM_FOR_ARROWS = 34;
const OUTSIDE = 22;
const dimensionLines = computed(() => {
  const d = sheet.dimensions.find((one) => one.callout === selected);
  if (!d) return [];
  const a = { x: sx(d.x1), y: sy(d.y1) };
  const b = { x: sx(d.x2), y: sy(d.y2) };
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  if (length >= ROOM_FOR_ARROWS) return [{ from: a, to: b, both: true }];
  const ux = length > 0 ? ((b.x - a.x) / length) * OUTSIDE : 0;
  const uy = length > 0 ? ((b.y - a.y) / length) * OUTSIDE : OUTSIDE;
  return [
    { from: { x: a.x - ux, y: a.y - uy }, to: a, both: false },
    { from: { x: b.x + ux, y: b.y + uy }, to: b, both: false },
  ];
});

function toLeader(l: (typeof placed.value)[number]): string {
  const from = l.isLeft ? l.boxX + LABEL.width : l.boxX;
  const bend = l.isLeft ? from + STUB : from - STUB;
  const y = l.boxY + LABEL.height / 2;
  return `M${from} ${y} L${bend} ${y} L${l.tipX} ${l.tipY}`;
}

function isWanted(id: CalloutId): boolean {
  const ids = id === "STUD_OVER_SKIP_ONE" ? CIRCLE_WAYS : [id];
  return side.callouts.some((c) => ids.includes(c.callout) && c.wanted);
}

function toName(l: (typeof placed.value)[number]): string {
  const value = toValue(l.id, side, session.units);
  return `${toTitle(l.callout)}: ${value === "?" ? "not read" : value}`;
}
</script>

<template>
  <svg
    class="drawing"
    :viewBox="viewBox"
    role="group"
    :aria-label="`${sheet.title}, ${side.side === 'LEFT' ? 'left' : 'right'} side`"
  >
    <defs>
      <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
      </pattern>
      <pattern
        id="hatch-wheel"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
      </pattern>
      <marker
        id="tip"
        viewBox="0 0 12 8"
        refX="12"
        refY="4"
        markerWidth="12"
        markerHeight="8"
        markerUnits="userSpaceOnUse"
        orient="auto-start-reverse"
      >
        <path d="M0 0 L12 4 L0 8 Z" class="tip" />
      </marker>
    </defs>

    <g aria-hidden="true" :transform="`translate(${left} ${top}) scale(${scale})`">
      <path
        v-for="(s, i) in sheet.shapes"
        :key="i"
        :d="s.path"
        :class="['shape', s.style.toLowerCase(), s.known ? 'known' : 'unknown']"
      />
    </g>
    <text
      v-for="(n, i) in sheet.notes"
      :key="`note${i}`"
      :x="sx(n.x)"
      :y="sy(n.y)"
      class="note"
      aria-hidden="true"
    >
      {{ n.text }}
    </text>

    <g
      v-for="l in placed"
      :key="`leader-${l.id}`"
      aria-hidden="true"
      :class="{ picked: l.id === selectedLabel }"
    >
      <path v-if="!isNarrow" :d="toLeader(l)" class="leader" />
      <circle
        :cx="l.tipX"
        :cy="l.tipY"
        :r="l.id === selectedLabel ? 5.5 : isNarrow ? 4.5 : 2.6"
        class="end"
      />
      <circle :cx="l.tipX" :cy="l.tipY" :r="isNarrow ? 20 : 11" class="touch" @click="emit('pick', l.id)" />
    </g>

    <line
      v-for="(d, i) in dimensionLines"
      :key="`dimension${i}`"
      :x1="d.from.x"
      :y1="d.from.y"
      :x2="d.to.x"
      :y2="d.to.y"
      class="dimension"
      :marker-start="d.both ? 'url(#tip)' : undefined"
      marker-end="url(#tip)"
      aria-hidden="true"
    />

    <g
      v-for="l in isNarrow ? [] : placed"
      :key="l.id"
      class="callout"
      :class="{ picked: l.id === selectedLabel, wanted: isWanted(l.id), odd: Boolean(l.callout.odd) }"
      role="button"
      tabindex="0"
      :aria-pressed="l.id === selectedLabel"
      :aria-label="toName(l)"
      @click="emit('pick', l.id)"
      @keydown.enter.prevent="emit('pick', l.id)"
      @keydown.space.prevent="emit('pick', l.id)"
    >
      <rect :x="l.boxX" :y="l.boxY" :width="LABEL.width" :height="LABEL.height" class="box" />
      <text :x="l.boxX + 8" :y="l.boxY + 17" class="title">{{ toTitle(l.callout) }}</text>
      <text :x="l.boxX + 8" :y="l.boxY + 37" class="value">{{ toValue(l.id, side, session.units) }}</text>
      <text v-if="l.callout.odd" :x="l.boxX + LABEL.width - 14" :y="l.boxY + 37" class="mark">!</text>
    </g>
  </svg>
</template>

<style scoped>
.drawing {
  display: block;
  width: 100%;
  font-family: var(--narrow);
}

.shape {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.7;
  vector-effect: non-scaling-stroke;
}

.cut.known {
  fill: url(#hatch);
}

.wheel.known {
  fill: url(#hatch-wheel);
}

.solid.known {
  fill: var(--metal);
}

.void {
  fill: var(--sheet);
  stroke-width: 1.1;
}

.thin {
  stroke: var(--ink-soft);
  stroke-width: 1;
}

.unknown {
  stroke-dasharray: 6 5;
  stroke: var(--ink-soft);
}

.centre {
  stroke: var(--ink-soft);
  stroke-width: 1;
  stroke-dasharray: 14 4 3 4;
}

.hatch {
  stroke: var(--ink-soft);
  stroke-width: 0.8;
}

.note {
  font-size: 15px;
  fill: var(--ink-soft);
}

.dimension {
  stroke: var(--accent);
  stroke-width: 2.2;
}

.tip {
  fill: var(--accent);
}

.callout {
  cursor: pointer;
}

.callout:focus {
  outline: none;
}

.leader {
  fill: none;
  stroke: var(--line);
  stroke-width: 1;
  pointer-events: none;
}

.end {
  fill: var(--ink-soft);
  pointer-events: none;
}

.touch {
  fill: transparent;
  cursor: pointer;
}

.box {
  fill: var(--sheet);
  stroke: var(--line);
  stroke-width: 1;
}

.wanted .box {
  stroke-dasharray: 5 4;
  stroke: var(--ink-soft);
}

.odd .box {
  stroke: var(--bad);
  stroke-width: 2;
}

.callout:hover .box {
  stroke: var(--accent);
}

.callout:focus-visible .box {
  stroke: var(--accent);
  stroke-width: 4;
}

.picked .box {
  fill: var(--accent-wash);
  stroke: var(--accent);
  stroke-width: 2.5;
}

.picked .leader {
  stroke: var(--accent);
  stroke-width: 2;
}

.picked .end {
  fill: var(--accent);
}

.title {
  font-size: 15px;
  fill: var(--ink-soft);
}

.value {
  font-size: 17.5px;
  font-weight: 600;
  fill: var(--ink);
}

.mark {
  font-size: 19px;
  font-weight: 600;
  fill: var(--bad);
}
</style>
