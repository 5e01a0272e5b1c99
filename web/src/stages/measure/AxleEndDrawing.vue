<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toDoubt, toLength } from "../../units/format";
import { CIRCLE_WAYS, toDrawing, toLabelId, type CalloutId, type SideView } from "./callouts";

/** Half-section of the axle end with its face views. Every dimension is a callout that can be touched. */
const { side, bracketShape, endKind, selected } = defineProps<{
  side: SideView;
  bracketShape: Schemas["AxleEndView"]["bracketShape"];
  endKind: Schemas["AxleEndView"]["kind"];
  selected: CalloutId;
}>();
const emit = defineEmits<{ pick: [callout: CalloutId] }>();
const session = useSession();

// The sheet is drawn in units of its own; 1 mm of the section is SCALE of them.
const WIDTH = 1240;
const HEIGHT = 458;
const SCALE = 2.05;
const HUB_X = 800; // where the hub's mounting face stands
const AXIS_Y = 432; // the wheel's axis
const FACE = { x: 352, y: 122, scale: 1.15 };
const FIXED = { x: 352, y: 346, scale: 1.15 };
const LABEL = { width: 184, height: 46, step: 50 };
/** Backspacing is read over the wheel's edge: its label stands above it, so that its leader crosses nothing. */
const ABOVE = { x: 500, y: 6 };

const d = computed(() => toDrawing(side));
const sx = (x: number) => HUB_X + x * SCALE;
const sy = (r: number) => AXIS_Y - r * SCALE;
const val = (id: CalloutId) => d.value.at(id).value;
const dash = (...ids: CalloutId[]) => (ids.every((id) => d.value.at(id).isRead) ? "solid" : "unknown");

const studR = computed(() => d.value.circle.value / 2);
const studs = computed(() => ring(Math.round(val("LUG_COUNT")), studR.value * FACE.scale, FACE));
const fixedFaceX = computed(() => (endKind === "REAR_LIVE_AXLE" ? -val("AXLE_OFFSET") : -58));
const holeR = computed(() =>
  bracketShape === "RECTANGLE"
    ? Math.hypot(val("BRACKET_ACROSS"), val("BRACKET_UP")) / 2
    : val("BRACKET_CIRCLE") / 2,
);
const holes = computed(() => {
  if (bracketShape === "CIRCLE") {
    return ring(
      Math.round(val("BRACKET_COUNT")),
      (val("BRACKET_CIRCLE") / 2) * FIXED.scale,
      FIXED,
      Math.PI / 4,
    );
  }
  const h = (val("BRACKET_ACROSS") / 2) * FIXED.scale;
  const v = (val("BRACKET_UP") / 2) * FIXED.scale;
  return [-1, 1].flatMap((i) => [-1, 1].map((j) => ({ x: FIXED.x + i * h, y: FIXED.y + j * v })));
});

function ring(n: number, r: number, at: { x: number; y: number }, turn = 0) {
  return Array.from({ length: n }, (_, i) => ({
    x: at.x + r * Math.sin(turn + (2 * Math.PI * i) / n),
    y: at.y - r * Math.cos(turn + (2 * Math.PI * i) / n),
  }));
}

const barrel = computed(() =>
  d.value.barrel.points.map(([depth, dia]) => ({ x: depth - val("WHEEL_BACKSPACING"), r: dia / 2 })),
);
const spokes = computed(() => d.value.spokes.points.map(([r, x]) => ({ x, r })));
const barrelPath = computed(() => {
  const first = barrel.value[0];
  const last = barrel.value.at(-1);
  if (!first || !last) return "";
  const inner = barrel.value.map((p, i) => `${i ? "L" : "M"}${sx(p.x)} ${sy(p.r)}`).join("");
  const outer = [...barrel.value]
    .reverse()
    .map((p) => `L${sx(p.x)} ${sy(p.r + 4)}`)
    .join("");
  const lip = `L${sx(first.x - 4)} ${sy(first.r + 14)} L${sx(first.x - 6)} ${sy(first.r + 14)} L${sx(first.x - 6)} ${sy(first.r)}`;
  return `${inner}${outer}${lip} Z`;
});
const spokePath = computed(() => {
  const pad = val("WHEEL_PAD");
  const boreR = val("WHEEL_BORE") / 2;
  const inner = [
    { x: 0, r: boreR },
    { x: 0, r: studR.value + 12 },
    ...spokes.value.filter((p) => p.r > studR.value + 13),
  ];
  const end = inner.at(-1) ?? { x: 0, r: 100 };
  const lastBarrel = barrel.value.at(-1);
  if (lastBarrel) inner.push({ x: Math.max(end.x + 2, lastBarrel.x), r: lastBarrel.r });
  const front = inner.map((p, i) => `${i ? "L" : "M"}${sx(p.x)} ${sy(p.r)}`).join("");
  const back = [...inner]
    .reverse()
    .map((p) => `L${sx(p.x + pad)} ${sy(p.r)}`)
    .join("");
  return `${front}${back} Z`;
});

interface Label {
  id: CalloutId;
  title: string;
  column: "left" | "right" | "above";
  target: { x: number; y: number };
}

const SHORT: Partial<Record<CalloutId, string>> = {
  STUD_OVER_SKIP_ONE: "Bolt circle",
  BRACKET_COUNT: "Bracket bolts",
  BRACKET_ACROSS: "Bolts across",
  BRACKET_UP: "Bolts up and down",
  BRACKET_CIRCLE: "Bracket bolt circle",
  BRACKET_HOLE: "Bracket hole",
  FLANGE: "Axle flange outside",
  WHEEL_PAD: "Wheel under the nut",
  WHEEL_BORE: "Wheel centre bore",
  WHEEL_WEIGHTS: "Weights, height",
  WHEEL_BARREL: "Barrel inside",
  WHEEL_SPOKE: "Spoke backs",
  STUD_SHOULDER: "Stud shoulder",
  WHEEL_BACKSPACING: "Backspacing",
};

const labels = computed<Label[]>(() => {
  const firstStud = studs.value[0] ?? FACE;
  const hole = holes.value[0] ?? FIXED;
  const left: [CalloutId, { x: number; y: number }][] = [
    ["LUG_COUNT", { x: firstStud.x, y: firstStud.y }],
    ["STUD_OVER_SKIP_ONE", { x: FACE.x - studR.value * FACE.scale, y: FACE.y }],
    ["STUD_THREAD", { x: studs.value.at(-1)?.x ?? FACE.x, y: studs.value.at(-1)?.y ?? FACE.y }],
    ["STUD_MAJOR", { x: studs.value.at(-2)?.x ?? FACE.x, y: studs.value.at(-2)?.y ?? FACE.y }],
  ];
  const fixed: [CalloutId, { x: number; y: number }][] =
    bracketShape === "RECTANGLE"
      ? [
          ["BRACKET_ACROSS", { x: FIXED.x - (val("BRACKET_ACROSS") / 2) * FIXED.scale, y: FIXED.y }],
          ["BRACKET_UP", { x: hole.x, y: FIXED.y + 12 }],
        ]
      : [
          ["BRACKET_COUNT", { x: hole.x, y: hole.y }],
          ["BRACKET_CIRCLE", { x: FIXED.x - (val("BRACKET_CIRCLE") / 2) * FIXED.scale, y: FIXED.y }],
        ];
  left.push(...fixed, ["BRACKET_HOLE", holes.value[1] ?? FIXED]);
  if (endKind === "REAR_LIVE_AXLE") left.push(["AXLE_OFFSET", { x: sx(fixedFaceX.value / 2), y: sy(26) }]);
  const lastSpoke = spokes.value.at(-1) ?? { x: 20, r: 140 };
  const midBarrel = barrel.value[Math.floor(barrel.value.length / 2)] ?? { x: -20, r: 170 };
  const right: [CalloutId, { x: number; y: number }][] = [
    ["WHEEL_BARREL", { x: sx(midBarrel.x), y: sy(midBarrel.r) }],
    ["WHEEL_WEIGHTS", { x: sx((barrel.value.at(-1)?.x ?? 0) - 6), y: sy(barrel.value.at(-1)?.r ?? 170) }],
    ["WHEEL_SPOKE", { x: sx(lastSpoke.x), y: sy(lastSpoke.r) }],
    ["FLANGE", { x: sx(-4), y: sy(val("FLANGE") / 2) }],
    ["STUD_STICK_OUT", { x: sx(val("STUD_STICK_OUT")), y: sy(studR.value) }],
    ["STUD_SHOULDER", { x: sx(3), y: sy(studR.value - val("STUD_SHOULDER") / 2) }],
    ["WHEEL_PAD", { x: sx(val("WHEEL_PAD")), y: sy(val("WHEEL_BORE") / 2 + 8) }],
    ["WHEEL_BORE", { x: sx(val("WHEEL_PAD") / 2), y: sy(val("WHEEL_BORE") / 2) }],
    ["REGISTER", { x: sx(5), y: sy(val("REGISTER") / 2 - 3) }],
  ];
  const edge = { x: sx(-val("WHEEL_BACKSPACING")), y: sy((barrel.value[0]?.r ?? 180) + 14) };
  return [
    { id: "WHEEL_BACKSPACING", title: titleOf("WHEEL_BACKSPACING"), column: "above", target: edge },
    ...left.map(([id, target]) => ({ id, title: titleOf(id), column: "left" as const, target })),
    ...right.map(([id, target]) => ({ id, title: titleOf(id), column: "right" as const, target })),
  ];
});

const placed = computed(() => {
  const count = { left: 0, right: 0 };
  return labels.value.map((l) => {
    if (l.column === "above") return { ...l, ...ABOVE };
    const y = 6 + LABEL.step * count[l.column]++;
    return { ...l, x: l.column === "left" ? 6 : WIDTH - LABEL.width - 6, y };
  });
});

/** The picked dimension, drawn as a dimension line between its two ends; absent for counts, threads and profiles. */
const dimension = computed(() => {
  const across = (at: { x: number; y: number; scale: number }, mm: number) => ({
    x1: at.x - (mm / 2) * at.scale,
    x2: at.x + (mm / 2) * at.scale,
    y1: at.y,
    y2: at.y,
  });
  const upright = (x: number, r1: number, r2: number) => ({ x1: sx(x), x2: sx(x), y1: sy(r1), y2: sy(r2) });
  const along = (x1: number, x2: number, r: number) => ({ x1: sx(x1), x2: sx(x2), y1: sy(r), y2: sy(r) });
  const bolt = (id: CalloutId) => upright(18, studR.value - val(id) / 2, studR.value + val(id) / 2);
  switch (toLabelId(selected)) {
    case "STUD_OVER_SKIP_ONE":
      return across(FACE, studR.value * 2);
    case "REGISTER":
      return upright(5, 0, val("REGISTER") / 2);
    case "FLANGE":
      return upright(-5, 0, val("FLANGE") / 2);
    case "STUD_MAJOR":
    case "STUD_SHOULDER":
      return bolt(selected);
    case "STUD_STICK_OUT":
      return along(0, val("STUD_STICK_OUT"), studR.value + 14);
    case "BRACKET_ACROSS":
      return across(FIXED, val("BRACKET_ACROSS"));
    case "BRACKET_CIRCLE":
      return across(FIXED, val("BRACKET_CIRCLE"));
    case "BRACKET_UP":
      return {
        x1: FIXED.x,
        x2: FIXED.x,
        y1: FIXED.y - (val("BRACKET_UP") / 2) * FIXED.scale,
        y2: FIXED.y + (val("BRACKET_UP") / 2) * FIXED.scale,
      };
    case "BRACKET_HOLE":
      return upright(
        fixedFaceX.value - 4,
        holeR.value - val("BRACKET_HOLE") / 2,
        holeR.value + val("BRACKET_HOLE") / 2,
      );
    case "AXLE_OFFSET":
      return along(fixedFaceX.value, 0, 34);
    case "WHEEL_BACKSPACING":
      return along(-val("WHEEL_BACKSPACING"), 0, (barrel.value[0]?.r ?? 180) + 18);
    case "WHEEL_PAD":
      return along(0, val("WHEEL_PAD"), val("WHEEL_BORE") / 2 + 6);
    case "WHEEL_BORE":
      return upright(val("WHEEL_PAD") / 2, 0, val("WHEEL_BORE") / 2);
    default:
      return null;
  }
});

const selectedLabel = computed(() => toLabelId(selected));

function view(id: CalloutId) {
  return side.callouts.find((c) => c.callout === id);
}

function titleOf(id: CalloutId): string {
  return SHORT[id] ?? view(id)?.title ?? id;
}

function valueOf(id: CalloutId): string {
  if (id === "STUD_OVER_SKIP_ONE") {
    return side.boltCircle === undefined
      ? "?"
      : `${toLength(side.boltCircle, session.units)} ${toDoubt(side.boltCircleDoubt ?? 0, session.units)}`;
  }
  const c = view(id);
  if (!c) return "";
  if (c.kind === "THREAD") return c.thread ?? "?";
  if (c.kind === "COUNT") return c.value === undefined ? "?" : String(c.value);
  if (c.hasPlaces) {
    const n = id === "WHEEL_BARREL" ? side.barrel.length : side.spokes.length;
    return n === 0 ? "?" : n === 1 ? "1 place" : `${n} places`;
  }
  return c.value === undefined
    ? "?"
    : `${toLength(c.value, session.units)} ${toDoubt(c.doubt ?? 0, session.units)}`;
}

function isWanted(id: CalloutId): boolean {
  if (id === "STUD_OVER_SKIP_ONE") return CIRCLE_WAYS.some((way) => view(way)?.wanted);
  return view(id)?.wanted ?? false;
}

function toLeader(l: (typeof placed.value)[number]): string {
  if (l.column === "above")
    return `M${l.x + LABEL.width / 2} ${l.y + LABEL.height} L${l.target.x} ${l.target.y}`;
  const from = l.column === "left" ? l.x + LABEL.width : l.x;
  const bend = l.column === "left" ? from + 16 : from - 16;
  const y = l.y + LABEL.height / 2;
  return `M${from} ${y} L${bend} ${y} L${l.target.x} ${l.target.y}`;
}
</script>

<template>
  <svg
    class="drawing"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="group"
    :aria-label="`Axle end, ${side.side === 'LEFT' ? 'left' : 'right'} side`"
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

    <!-- face of the hub -->
    <g aria-hidden="true">
      <text :x="FACE.x" :y="FACE.y - 100" class="view" text-anchor="middle">hub face</text>
      <circle
        :cx="FACE.x"
        :cy="FACE.y"
        :r="(val('FLANGE') / 2) * FACE.scale"
        class="part"
        :class="dash('FLANGE')"
      />
      <circle :cx="FACE.x" :cy="FACE.y" :r="studR * FACE.scale" class="centre" />
      <circle
        :cx="FACE.x"
        :cy="FACE.y"
        :r="(val('REGISTER') / 2) * FACE.scale"
        class="part"
        :class="dash('REGISTER')"
      />
      <circle
        v-for="(s, i) in studs"
        :key="i"
        :cx="s.x"
        :cy="s.y"
        :r="(val('STUD_MAJOR') / 2) * FACE.scale"
        class="stud"
        :class="d.circle.isRead ? 'solid' : 'unknown'"
      />
    </g>

    <!-- fixed face with the bracket's bolt holes -->
    <g aria-hidden="true">
      <text :x="FIXED.x" :y="FIXED.y + 104" class="view" text-anchor="middle">bracket bolts</text>
      <circle :cx="FIXED.x" :cy="FIXED.y" :r="(holeR + 16) * FIXED.scale" class="part solid thin" />
      <circle
        v-if="bracketShape === 'CIRCLE'"
        :cx="FIXED.x"
        :cy="FIXED.y"
        :r="holeR * FIXED.scale"
        class="centre"
      />
      <rect
        v-else
        :x="FIXED.x - (val('BRACKET_ACROSS') / 2) * FIXED.scale"
        :y="FIXED.y - (val('BRACKET_UP') / 2) * FIXED.scale"
        :width="val('BRACKET_ACROSS') * FIXED.scale"
        :height="val('BRACKET_UP') * FIXED.scale"
        class="centre"
      />
      <circle :cx="FIXED.x" :cy="FIXED.y" :r="26 * FIXED.scale" class="part solid thin" />
      <circle
        v-for="(h, i) in holes"
        :key="i"
        :cx="h.x"
        :cy="h.y"
        :r="(val('BRACKET_HOLE') / 2) * FIXED.scale"
        class="part"
        :class="dash('BRACKET_HOLE')"
      />
    </g>

    <!-- half-section -->
    <g aria-hidden="true">
      <text :x="sx(-135)" :y="AXIS_Y + 20" class="view">inboard</text>
      <text :x="sx(60)" :y="AXIS_Y + 20" class="view">outboard</text>
      <line :x1="sx(-138)" :x2="sx(120)" :y1="AXIS_Y" :y2="AXIS_Y" class="centre" />
      <!-- tube or spindle, and its fixed face -->
      <path
        :d="`M${sx(-135)} ${sy(24)} L${sx(fixedFaceX - 9)} ${sy(24)} L${sx(fixedFaceX - 9)} ${sy(holeR + 14)} L${sx(fixedFaceX)} ${sy(holeR + 14)} L${sx(fixedFaceX)} ${AXIS_Y} L${sx(-135)} ${AXIS_Y} Z`"
        class="part cut"
        :class="endKind === 'REAR_LIVE_AXLE' ? dash('AXLE_OFFSET') : 'solid'"
      />
      <line
        :x1="sx(fixedFaceX - 16)"
        :x2="sx(fixedFaceX + 7)"
        :y1="sy(holeR)"
        :y2="sy(holeR)"
        class="centre"
      />
      <rect
        :x="sx(fixedFaceX - 9)"
        :y="sy(holeR + val('BRACKET_HOLE') / 2)"
        :width="9 * SCALE"
        :height="val('BRACKET_HOLE') * SCALE"
        class="void"
        :class="dash('BRACKET_HOLE')"
      />
      <!-- shaft or hub, flange, register -->
      <path
        :d="`M${sx(fixedFaceX)} ${AXIS_Y} L${sx(fixedFaceX)} ${sy(16)} L${sx(-9)} ${sy(20)} L${sx(-9)} ${sy(val('FLANGE') / 2)} L${sx(0)} ${sy(val('FLANGE') / 2)} L${sx(0)} ${AXIS_Y} Z`"
        class="part cut"
        :class="dash('FLANGE')"
      />
      <rect
        :x="sx(0)"
        :y="sy(val('REGISTER') / 2)"
        :width="9 * SCALE"
        :height="(val('REGISTER') / 2) * SCALE"
        class="part"
        :class="dash('REGISTER')"
      />
      <!-- wheel -->
      <path :d="spokePath" class="part wheel" :class="[d.spokes.isRead ? 'solid' : 'unknown']" />
      <path
        :d="barrelPath"
        class="part wheel"
        :class="d.barrel.isRead && d.at('WHEEL_BACKSPACING').isRead ? 'solid' : 'unknown'"
      />
      <rect
        v-if="d.at('WHEEL_WEIGHTS').isRead && val('WHEEL_WEIGHTS') > 0 && barrel.length"
        :x="sx((barrel.at(-1)?.x ?? 0) - 16)"
        :y="sy(barrel.at(-1)?.r ?? 0)"
        :width="12 * SCALE"
        :height="val('WHEEL_WEIGHTS') * SCALE"
        class="stud solid"
      />
      <g class="stations">
        <circle
          v-for="(p, i) in side.barrel"
          :key="`b${i}`"
          :cx="sx(p.place - val('WHEEL_BACKSPACING'))"
          :cy="sy(p.size / 2)"
          r="3.2"
        />
        <circle v-for="(p, i) in side.spokes" :key="`s${i}`" :cx="sx(p.size)" :cy="sy(p.place)" r="3.2" />
      </g>
      <!-- stud -->
      <rect
        :x="sx(-9)"
        :y="sy(studR + val('STUD_MAJOR') / 2)"
        :width="(9 + val('STUD_STICK_OUT')) * SCALE"
        :height="val('STUD_MAJOR') * SCALE"
        class="stud"
        :class="dash('STUD_MAJOR', 'STUD_STICK_OUT')"
      />
      <rect
        :x="sx(-9)"
        :y="sy(studR + val('STUD_SHOULDER') / 2)"
        :width="13 * SCALE"
        :height="val('STUD_SHOULDER') * SCALE"
        class="stud"
        :class="dash('STUD_SHOULDER')"
      />
      <line
        :x1="sx(-18)"
        :x2="sx(val('STUD_STICK_OUT') + 8)"
        :y1="sy(studR)"
        :y2="sy(studR)"
        class="centre"
      />
    </g>

    <line
      v-if="dimension"
      v-bind="dimension"
      class="dimension"
      marker-start="url(#tip)"
      marker-end="url(#tip)"
      aria-hidden="true"
    />

    <!-- callouts: the leaders lie under the labels and take no touch; their ends do -->
    <g
      v-for="l in placed"
      :key="`leader-${l.id}`"
      aria-hidden="true"
      :class="{ picked: l.id === selectedLabel }"
    >
      <path :d="toLeader(l)" class="leader" />
      <circle :cx="l.target.x" :cy="l.target.y" :r="l.id === selectedLabel ? 6 : 3" class="end" />
      <circle :cx="l.target.x" :cy="l.target.y" r="12" class="touch" @click="emit('pick', l.id)" />
    </g>
    <g
      v-for="l in placed"
      :key="l.id"
      class="callout"
      :class="{ picked: l.id === selectedLabel, wanted: isWanted(l.id) }"
      role="button"
      tabindex="0"
      :aria-pressed="l.id === selectedLabel"
      :aria-label="`${titleOf(l.id)}: ${valueOf(l.id) === '?' ? 'not read' : valueOf(l.id)}`"
      @click="emit('pick', l.id)"
      @keydown.enter.prevent="emit('pick', l.id)"
      @keydown.space.prevent="emit('pick', l.id)"
    >
      <rect :x="l.x" :y="l.y" :width="LABEL.width" :height="LABEL.height" class="box" />
      <text :x="l.x + 9" :y="l.y + 18" class="title">{{ l.title }}</text>
      <text :x="l.x + 9" :y="l.y + 40" class="value">{{ valueOf(l.id) }}</text>
    </g>
  </svg>
</template>

<style scoped>
.drawing {
  display: block;
  width: 100%;
  font-family: var(--narrow);
}

.part {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
}

.thin {
  stroke-width: 1;
  stroke: var(--ink-soft);
}

.cut {
  fill: url(#hatch);
}

.wheel {
  fill: url(#hatch-wheel);
}

.void {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.stud {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.unknown {
  stroke-dasharray: 6 5;
  stroke: var(--ink-soft);
}

.cut.unknown,
.wheel.unknown,
.stud.unknown {
  fill: none;
}

.hatch {
  stroke: var(--ink-soft);
  stroke-width: 0.9;
}

.centre {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1;
  stroke-dasharray: 14 4 3 4;
}

.view {
  font-size: 15px;
  fill: var(--ink-soft);
}

.stations circle {
  fill: var(--accent);
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
}

.touch {
  fill: transparent;
  cursor: pointer;
}

.leader,
.end {
  pointer-events: none;
}

.end {
  fill: var(--ink-soft);
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
  font-size: 14.5px;
  fill: var(--ink-soft);
}

.value {
  font-size: 18.5px;
  font-weight: 600;
  fill: var(--ink);
}
</style>
