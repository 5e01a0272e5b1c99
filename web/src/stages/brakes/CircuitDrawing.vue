<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { TITLES, toKeys, type PartKey } from "./circuitParts";
import { toCircuits, toSpots, type Line } from "./lines";

/** The circuit over the vehicle seen from above, front to the left: touch a part to tell it, a line to cut it, two points to run one. */
const { circuit, trailer, split, cutting, cut, open, says, lines, drawing, begun } = defineProps<{
  circuit: Schemas["CircuitForm"];
  trailer: boolean;
  split: Schemas["CircuitForm"]["split"];
  cutting: boolean;
  cut: Schemas["TriedForm"]["cut"];
  open: PartKey;
  /** What is known of a part, in a few words. */
  says: Record<string, string>;
  /** Lines as they run; without any they are drawn as usual. */
  lines: Line[];
  drawing: boolean;
  /** Where a line was begun. */
  begun: string;
}>();
const emit = defineEmits<{ touch: [part: PartKey]; cut: [line: "front" | "rear"]; point: [key: string] }>();

const WIDTH = 760;
const HEIGHT = 330;
const FRONT = 150;
const REAR = 600;
const LEFT = 285;
const RIGHT = 45;

/** Axles from front to rear, evenly between the ends. */
const axles = computed(() => {
  const n = circuit.axles.length;
  return circuit.axles.map((axle, i) => ({
    axle,
    key: `axle-${i}` as PartKey,
    x: trailer ? 400 + (i - (n - 1) / 2) * 150 : i === 0 ? FRONT : REAR,
    line: (i === 0 ? "front" : "rear") as "front" | "rear",
  }));
});

const keys = computed(() => toKeys(trailer, circuit.axles.length));
const isDead = (line: "front" | "rear") =>
  cut === "ALL" || (cut === "FRONT" && line === "front") || (cut === "REAR" && line === "rear");

/** Of crosswise circuits one wheel of each axle is fed by either. */
function circuitOf(line: "front" | "rear", side: "left" | "right") {
  if (split === "DIAGONAL") return (line === "front") === (side === "left") ? 1 : 2;
  if (split === "FRONT_REAR") return line === "front" ? 1 : 2;
  return 1;
}

function isWheelDead(line: "front" | "rear", side: "left" | "right") {
  return cut === "ONE_OF_DIAGONAL" ? circuitOf(line, side) === 1 : isDead(line);
}

const SOURCE = computed(() => (trailer ? { x: 150, y: 165 } : { x: 330, y: 154 }));

function path(x: number, y: number) {
  const from = SOURCE.value;
  return `M ${from.x} ${from.y} H ${x} V ${y}`;
}

const spots = computed(() =>
  toSpots(
    axles.value.map((a) => ({ name: a.axle.name, x: a.x })),
    trailer
      ? [{ x: 168, y: 165 }]
      : [
          { x: 308, y: 178 },
          { x: 352, y: 178 },
        ],
    { left: LEFT - 16, right: RIGHT + 16, middle: SOURCE.value.y },
  ),
);
defineExpose({ spots });

/** Lines as they run, each over the drawing's axes and with its length beside it. */
const runs = computed(() => {
  const circuits = toCircuits(lines);
  return lines.flatMap((line, i) => {
    const a = spots.value.find((p) => p.key === line.from);
    const b = spots.value.find((p) => p.key === line.to);
    if (!a || !b) return [];
    // over the axle first, so that lines of both sides do not run through the wheels
    const d = a.key.startsWith("axle")
      ? `M ${b.x} ${b.y} H ${a.x} V ${a.y}`
      : `M ${a.x} ${a.y} H ${b.x} V ${b.y}`;
    const corner = a.key.startsWith("axle") ? { x: a.x, y: b.y } : { x: b.x, y: a.y };
    const isFlat = Math.abs(a.x - b.x) > Math.abs(a.y - b.y);
    return [
      {
        key: i,
        d,
        circuit: circuits[i],
        length: line.length,
        x: isFlat ? (a.x + b.x) / 2 : corner.x + 8,
        // lines at the outlets run close under the axles' height: theirs stand below
        y: isFlat ? corner.y + (line.from.startsWith("outlet") ? 16 : -6) : (a.y + b.y) / 2 + 5,
        anchor: isFlat ? "middle" : "start",
      },
    ];
  });
});

function onTouch(key: PartKey) {
  emit("touch", key);
}

function label(key: PartKey) {
  const axle = axles.value.find((a) => a.key === key);
  const name = axle ? `Brakes of the ${axle.axle.name}` : TITLES[key];
  return says[key] ? `${name}: ${says[key]}` : (name ?? "");
}

/** Places of what stands alone. */
const BOXES: Partial<Record<PartKey, { x: number; y: number; w: number; h: number; text: string }>> = {
  master: { x: 290, y: 188, w: 80, h: 44, text: "master" },
  booster: { x: 390, y: 188, w: 78, h: 44, text: "booster" },
  pedal: { x: 488, y: 188, w: 64, h: 44, text: "pedal" },
  valve: { x: 468, y: 132, w: 64, h: 44, text: "valve" },
  parking: { x: 470, y: 74, w: 80, h: 44, text: "parking" },
  lines: { x: 196, y: 132, w: 88, h: 44, text: "lines, fluid" },
  vehicle: { x: 320, y: 74, w: 74, h: 44, text: "vehicle" },
};
const TRAILER_BOXES: typeof BOXES = {
  actuator: { x: 84, y: 143, w: 84, h: 44, text: "actuator" },
  lines: { x: 196, y: 143, w: 88, h: 44, text: "lines, fluid" },
  vehicle: { x: 556, y: 143, w: 74, h: 44, text: "trailer" },
};
const boxes = computed(() => (trailer ? TRAILER_BOXES : BOXES));
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    class="circuit"
    role="group"
    aria-label="The circuit seen from above, front to the left"
  >
    <path v-if="!trailer" class="body" d="M 90 95 Q 60 165 90 235 L 660 235 Q 690 165 660 95 Z" />
    <path v-else class="body" d="M 60 165 L 190 105 H 640 V 225 H 190 Z" />
    <text x="14" y="170">front</text>
    <text :x="WIDTH - 60" :y="RIGHT + 5">right</text>
    <text :x="WIDTH - 60" :y="LEFT + 5">left</text>
    <template v-if="!trailer">
      <path class="rod" d="M 370 210 H 390 M 468 210 H 488" />
      <path class="reservoir" d="M 300 178 h 60 v 10 h -60 z" />
      <path class="cable" :d="`M 550 96 H ${REAR - 28} V ${RIGHT + 16} M ${REAR - 28} 96 V ${LEFT - 16}`" />
    </template>
    <path v-if="!trailer && !runs.length" class="line circuit-1" :d="`M ${SOURCE.x} 178 V ${SOURCE.y}`" />
    <g v-for="run in runs" :key="`run-${run.key}`">
      <path class="line" :class="`circuit-${run.circuit}`" :d="run.d" />
    </g>
    <template v-for="a in axles" :key="a.key">
      <line class="axle" :x1="a.x" :x2="a.x" :y1="RIGHT + 20" :y2="LEFT - 20" />
      <template v-for="side in runs.length ? [] : (['left', 'right'] as const)" :key="side">
        <path
          class="line"
          :class="[`circuit-${circuitOf(a.line, side)}`, { dead: isWheelDead(a.line, side) }]"
          :d="path(a.x, side === 'left' ? LEFT - 16 : RIGHT + 16)"
        />
      </template>
      <g
        class="part"
        role="button"
        tabindex="0"
        :aria-pressed="open === a.key"
        :aria-label="label(a.key)"
        @click="onTouch(a.key)"
        @keydown.enter="onTouch(a.key)"
        @keydown.space.prevent="onTouch(a.key)"
      >
        <template v-for="side in ['left', 'right'] as const" :key="side">
          <rect
            class="wheel"
            :class="{ dead: isWheelDead(a.line, side) }"
            :x="a.x - 46"
            :y="side === 'left' ? LEFT - 16 : RIGHT - 16"
            width="92"
            height="32"
            rx="5"
          />
          <circle v-if="a.axle.shoes" class="drum" :cx="a.x" :cy="side === 'left' ? LEFT : RIGHT" r="11" />
          <g v-else class="disc">
            <rect :x="a.x - 22" :y="(side === 'left' ? LEFT : RIGHT) - 3" width="44" height="6" />
            <rect :x="a.x - 8" :y="(side === 'left' ? LEFT : RIGHT) - 9" width="16" height="18" rx="2" />
          </g>
        </template>
        <text :x="a.x" :y="HEIGHT - 8" text-anchor="middle">{{ a.axle.name }}</text>
      </g>
    </template>
    <g
      v-for="key in keys.filter((k) => boxes[k])"
      :key="key"
      class="part"
      :class="{ faded: drawing }"
      role="button"
      tabindex="0"
      :aria-pressed="open === key"
      :aria-label="label(key)"
      @click="onTouch(key)"
      @keydown.enter="onTouch(key)"
      @keydown.space.prevent="onTouch(key)"
    >
      <rect
        class="box"
        :x="boxes[key]!.x"
        :y="boxes[key]!.y"
        :width="boxes[key]!.w"
        :height="boxes[key]!.h"
        rx="3"
      />
      <text :x="boxes[key]!.x + boxes[key]!.w / 2" :y="boxes[key]!.y + 27" text-anchor="middle">
        {{ boxes[key]!.text }}
      </text>
    </g>
    <g
      v-for="a in axles"
      :key="`cut-${a.key}`"
      class="cut"
      :class="{ shown: cutting }"
      :role="cutting ? 'button' : undefined"
      :tabindex="cutting ? 0 : undefined"
      :aria-label="`Cut the line to the ${a.axle.name}`"
      @click="cutting && emit('cut', a.line)"
      @keydown.enter="cutting && emit('cut', a.line)"
      @keydown.space.prevent="cutting && emit('cut', a.line)"
    >
      <circle :cx="a.x" :cy="SOURCE.y" r="22" />
      <text :x="a.x" :y="SOURCE.y + 5" text-anchor="middle">
        {{ isDead(a.line) || cut === "ONE_OF_DIAGONAL" ? "cut" : "✂" }}
      </text>
    </g>
    <text
      v-for="run in runs"
      :key="`length-${run.key}`"
      class="length"
      :x="run.x"
      :y="run.y"
      :text-anchor="run.anchor"
    >
      {{ run.length }}
    </text>
    <template v-if="drawing">
      <g
        v-for="p in spots"
        :key="p.key"
        class="point"
        role="button"
        tabindex="0"
        :aria-label="p.text"
        :aria-pressed="begun === p.key"
        @click="emit('point', p.key)"
        @keydown.enter="emit('point', p.key)"
        @keydown.space.prevent="emit('point', p.key)"
      >
        <circle :cx="p.x" :cy="p.y" r="14" />
        <text :x="p.x" :y="p.y + 5" text-anchor="middle">
          {{ p.key.startsWith("axle") ? "•" : p.key.replace("outlet ", "o").replace("junction ", "") }}
        </text>
      </g>
    </template>
  </svg>
</template>

<style scoped>
.circuit {
  width: 100%;
  max-height: 24rem;
  background: var(--sheet);
}

text {
  font-size: 15px;
  fill: var(--ink);
}

.body {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.5;
}

.rod {
  stroke: var(--ink);
  stroke-width: 5;
}

.reservoir {
  fill: var(--accent-wash);
  stroke: var(--ink);
  stroke-width: 1.5;
}

.cable {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.8;
  stroke-dasharray: 1 5;
  stroke-linecap: round;
}

.axle {
  stroke: var(--ink-soft);
  stroke-width: 1.5;
  stroke-dasharray: 12 4 3 4;
}

.line {
  pointer-events: none;
  fill: none;
  stroke-width: 3;
}

.circuit-1 {
  stroke: var(--accent);
}

.circuit-2 {
  stroke: var(--bad);
  stroke-dasharray: 9 5;
}

.circuit-0 {
  stroke: var(--ink-soft);
  stroke-dasharray: 2 5;
}

.length {
  pointer-events: none;
  font-size: 13px;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}

.point {
  cursor: pointer;
}

.point circle {
  fill: var(--sheet);
  stroke: var(--accent);
  stroke-width: 2;
}

.point[aria-pressed="true"] circle {
  fill: var(--accent);
}

.point[aria-pressed="true"] text {
  fill: var(--sheet);
}

.point:focus {
  outline: none;
}

.point:focus-visible circle {
  stroke-width: 5;
}

.line.dead {
  stroke: var(--ink-soft);
  stroke-width: 1.5;
  stroke-dasharray: 2 5;
}

.wheel {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.wheel.dead {
  stroke: var(--ink-soft);
  stroke-dasharray: 3 4;
}

.drum {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}

.disc rect {
  fill: var(--accent);
}

.box {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}

.part {
  cursor: pointer;
}

/* while lines are run, what stands in their way steps back */
.faded {
  opacity: 0.3;
}

.part:hover .box,
.part:hover .wheel,
.part[aria-pressed="true"] .box,
.part[aria-pressed="true"] .wheel {
  fill: var(--accent-wash);
  stroke: var(--accent);
  stroke-width: 2.5;
}

.part:focus-visible .box,
.part:focus-visible .wheel,
.cut:focus-visible circle {
  stroke: var(--accent);
  stroke-width: 4;
}

.part:focus,
.cut:focus {
  outline: none;
}

.cut {
  display: none;
}

.cut.shown {
  display: block;
  cursor: pointer;
}

.cut circle {
  fill: var(--sheet);
  stroke: var(--bad);
  stroke-width: 2;
}
</style>
