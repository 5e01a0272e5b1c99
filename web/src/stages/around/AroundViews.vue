<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { toSector } from "./arc";
import type { Spot } from "./thing";

/**
 * The wheel's surroundings from outboard, above and behind, to scale. A touch on an empty place says where something stands; a touch on a
 * thing picks it. The same is reached by the list beside it.
 */
const { sketch, side, spot, picked } = defineProps<{
  sketch: Schemas["SideSketch"] | undefined;
  side: "LEFT" | "RIGHT";
  spot: Spot | null;
  /** Place among the things drawn. */
  picked: number;
}>();
const emit = defineEmits<{ touch: [spot: Spot]; pick: [index: number] }>();

const DISC = 140;
const TYRE = 317;
/** Half the height of what is drawn from above and behind (mm). */
const HALF = 360;
const INWARD = 420;
const OUTWARD = 180;

/** From outboard the front lies to the left on the left side of the vehicle, and so does outboard from above and behind. */
const sign = computed(() => (side === "LEFT" ? -1 : 1));
const left = computed(() => (side === "LEFT" ? -OUTWARD : -INWARD));
const shapes = computed(() => sketch?.shapes ?? []);

interface Drawn {
  n: number;
  s: Schemas["StandingView"];
}
const all = computed<Drawn[]>(() => shapes.value.map((s, i) => ({ n: i + 1, s })));
const beside = computed(() => all.value.filter(({ s }) => !s.onChassis));
const onVehicle = computed(() => all.value.filter(({ s }) => s.onChassis));

const within = (v: number, most = HALF - 10) => Math.max(-most, Math.min(most, v));

/** Extent of a thing ahead of and above the axis: a ring sector's by its corners. */
function toExtent(s: Schemas["StandingView"]) {
  if (s.onChassis) return { f: [s.forwardFrom, s.forwardTo], z: [s.upFrom, s.upTo] };
  const clocks = [s.clockFrom, (s.clockFrom + s.clockTo) / 2, s.clockTo].map((c) => (c * Math.PI) / 180);
  const at = clocks.flatMap((c) => [s.rFrom, s.rTo].map((r) => [r * Math.sin(c), r * Math.cos(c)] as const));
  const f = at.map(([forward]) => forward);
  const z = at.map(([, up]) => up);
  return { f: [Math.min(...f), Math.max(...f)], z: [Math.min(...z), Math.max(...z)] };
}

function toRect(s: Schemas["StandingView"], across: "f" | "z") {
  const [from = 0, to = 0] = toExtent(s)[across].map((v) => within(v));
  const x1 = Math.max(-INWARD, s.xFrom);
  const x2 = Math.min(OUTWARD, s.xTo);
  const a = x1 * sign.value;
  const b = x2 * sign.value;
  return { x: Math.min(a, b), y: -to, width: Math.abs(b - a), height: to - from };
}

/** Numbers in the middle of their things, moved on where two would cover each other. */
function toLabels(view: "above" | "behind") {
  const set: { n: number; x: number; y: number }[] = [];
  for (const { n, s } of all.value) {
    const r = toRect(s, view === "above" ? "f" : "z");
    const x = r.x + r.width / 2;
    let y = r.y + r.height / 2;
    while (set.some((o) => Math.hypot(o.x - x, o.y - y) < 58) && y < HALF) y += 20;
    set.push({ n, x, y });
  }
  return set;
}

function toMiddle(s: Schemas["StandingView"]) {
  const turn = (((s.clockFrom + s.clockTo) / 2) * Math.PI) / 180;
  const r = Math.min(190, (s.rFrom + s.rTo) / 2);
  return { x: r * Math.sin(turn) * sign.value, y: -r * Math.cos(turn) };
}

const tyre = computed(() => {
  const width = sketch?.tyreWidth ?? 164;
  const inside = sketch?.tyreInside ?? -14;
  const r = (sketch?.tyreDiameter ?? 2 * TYRE) / 2;
  const a = inside * sign.value;
  const b = (inside + width) * sign.value;
  return { x: Math.min(a, b), width, r };
});
/** Where most hub faces stand, drawn dashed until it is read (mm from the bracket face). */
const USUAL_FACE = 60;
const isHubRead = computed(() => sketch?.hubFace !== undefined);
const isTyrePlaced = computed(() => sketch?.tyreInside !== undefined);
const hub = computed(() => (sketch?.hubFace ?? USUAL_FACE) * sign.value);
const axis = computed(() => sketch?.axis ?? []);

function toPlace(event: MouseEvent) {
  const svg = event.currentTarget as SVGSVGElement;
  const matrix = svg.getScreenCTM();
  if (!matrix) return { x: 0, y: 0 };
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
  return { x: Math.round(p.x), y: Math.round(p.y) };
}

function onTouch(event: MouseEvent, view: Spot["view"]) {
  const { x, y } = toPlace(event);
  if (view === "outboard") emit("touch", { view, forward: x * sign.value, up: -y });
  else if (view === "above") emit("touch", { view, x: x * sign.value, forward: -y });
  else emit("touch", { view, x: x * sign.value, up: -y });
}
</script>

<template>
  <div class="views">
    <figure>
      <figcaption>From outboard</figcaption>
      <svg
        viewBox="-235 -215 470 430"
        role="img"
        :aria-label="`Wheel from outboard, ${side.toLowerCase()} side: touch where a thing stands`"
        @click="onTouch($event, 'outboard')"
      >
        <circle :r="DISC" class="ring" />
        <circle r="30" class="ring" />
        <path d="M-200 0 H200 M0 -200 V200" class="axis" />
        <g
          v-for="{ n, s } in beside"
          :key="n"
          :class="['item', { picked: n - 1 === picked }]"
          @click.stop="emit('pick', n - 1)"
        >
          <path
            :d="toSector(s.clockFrom, s.clockTo, s.rFrom, Math.min(205, s.rTo))"
            :transform="`scale(${sign} 1)`"
            class="thing"
          />
          <circle :cx="toMiddle(s).x" :cy="toMiddle(s).y" r="14" class="ball" />
          <text :x="toMiddle(s).x" :y="toMiddle(s).y + 6" class="n">{{ n }}</text>
        </g>
        <text :x="205 * sign" y="-8" class="note">front</text>
        <text x="0" y="-202" class="note">up</text>
        <path
          v-if="spot?.view === 'outboard'"
          :d="`M${spot.forward * sign - 12} ${-spot.up} h24 m-12 -12 v24`"
          class="spot"
        />
      </svg>
    </figure>
    <div class="pair">
      <figure v-for="view in ['above', 'behind'] as const" :key="view">
        <figcaption>From {{ view }}</figcaption>
        <svg
          :viewBox="`${left} ${-HALF} ${INWARD + OUTWARD} ${2 * HALF}`"
          role="img"
          :aria-label="`Wheel from ${view}, ${side.toLowerCase()} side: touch where a thing stands`"
          @click="onTouch($event, view)"
        >
          <path :d="`M${left} 0 h${INWARD + OUTWARD}`" class="axis" />
          <rect
            :x="tyre.x"
            :y="-Math.min(tyre.r, HALF - 4)"
            :width="tyre.width"
            :height="2 * Math.min(tyre.r, HALF - 4)"
            rx="30"
            class="ring"
          />
          <g
            v-for="{ n, s } in [...onVehicle, ...beside]"
            :key="n"
            :class="['item', { picked: n - 1 === picked }]"
            @click.stop="emit('pick', n - 1)"
          >
            <rect v-bind="toRect(s, view === 'above' ? 'f' : 'z')" class="thing" />
          </g>
          <g v-for="{ n, x, y } in toLabels(view)" :key="`n${n}`" class="label">
            <circle :cx="x" :cy="y" r="27" class="ball" />
            <text :x="x" :y="y + 12" class="n far">{{ n }}</text>
          </g>
          <path :d="`M${hub} -75 v150`" :class="['face', { assumed: !isHubRead }]" />
          <path
            v-if="view === 'behind' && axis.length"
            :d="`M${(axis[0] ?? 0) * sign} ${-(axis[2] ?? 0)} L${(axis[3] ?? 0) * sign} ${-(axis[5] ?? 0)}`"
            class="king-pin"
          />
          <text :x="left + (INWARD + OUTWARD) / 2" :y="-HALF + 34" class="note far">
            {{ view === "above" ? "front" : "up" }}
          </text>
          <text
            :x="(OUTWARD - 10) * sign"
            :y="HALF - 14"
            class="note far"
            :style="{ textAnchor: side === 'LEFT' ? 'start' : 'end' }"
          >
            outboard
          </text>
          <path
            v-if="spot?.view === view"
            :d="`M${spot.x * sign - 24} ${-('forward' in spot ? spot.forward : spot.up)} h48 m-24 -24 v48`"
            class="spot wide"
          />
        </svg>
      </figure>
    </div>
    <p v-if="sketch && !(isHubRead && isTyrePlaced)" class="small soft">
      {{ isHubRead ? "The tyre is" : "Hub face and tyre are" }} drawn where they usually stand, until read.
    </p>
  </div>
</template>

<style scoped>
figure {
  margin: 0;
}

figcaption {
  font-weight: 600;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.5rem;
}

svg {
  display: block;
  width: 100%;
  max-height: max(17.5rem, calc(52vh - 8.5rem));
  font-family: var(--narrow);
  cursor: crosshair;
  touch-action: manipulation;
}

.pair svg {
  max-height: max(15.5rem, calc(48vh - 8.5rem));
}

@media (max-width: 600px) {
  .pair {
    grid-template-columns: 1fr;
  }
}

.ring {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.5;
  stroke-dasharray: 6 4;
}

.axis {
  stroke: var(--line);
  stroke-width: 1.5;
}

.face {
  stroke: var(--accent);
  stroke-width: 7;
}

.assumed {
  stroke: var(--ink-soft);
  stroke-dasharray: 18 12;
}

.king-pin {
  stroke: var(--accent);
  stroke-width: 4;
  stroke-dasharray: 14 5 3 5;
}

.item {
  cursor: pointer;
}

.thing {
  fill: var(--metal);
  fill-opacity: 0.75;
  stroke: var(--ink);
  stroke-width: 2;
}

.picked .thing {
  fill: var(--accent-wash);
  stroke: var(--accent);
  stroke-width: 4;
}

.label {
  pointer-events: none;
}

.ball {
  fill: var(--sheet);
  stroke: var(--ink);
}

.n {
  font-size: 18px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--ink);
}

.note {
  font-size: 18px;
  text-anchor: middle;
  fill: var(--ink-soft);
}

.far {
  font-size: 34px;
}

.spot {
  stroke: var(--bad);
  stroke-width: 4;
}

.spot.wide {
  stroke-width: 8;
}
</style>
