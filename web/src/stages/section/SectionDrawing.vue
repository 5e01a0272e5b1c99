<script setup lang="ts">
import { useSession } from "../../shell/session";
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { METAL, toFrame, toSeenMiddle, toWideFrame, type Around } from "./frame";
import LeastGaps from "./LeastGaps.vue";
import { useZoom } from "./useZoom";

/** Caliper and disc in the wheel, to scale; the least gaps dimensioned, doubt drawn as a halo around the wheel's metal. */
const { section, other, wear, around } = defineProps<{
  section: Schemas["SectionView"];
  /** Another kit or wheel laid over this one. */
  other: Schemas["SectionView"] | null;
  /** Share of the pads' wear that is drawn, 0 to 1. */
  wear: number;
  /** Tyre and vehicle as the wheel is steered and lifted; null while only the wheel is looked at. */
  around: Around | null;
}>();

const WIDTH = 820;
const MOST_HEIGHT = 420;

const frame = computed(() => {
  const near = toFrame(section);
  return around ? toWideFrame(near, around) : near;
});
// Neither wider nor higher than its place on the page, so that its words are read at their size.
const session = useSession();
/** Length of the scale bar, round in the units shown. */
const rule = computed(() =>
  session.units === "INCH" ? { mm: 50.8, text: "2 in" } : { mm: 50, text: "50 mm" },
);
const scale = computed(() =>
  Math.min(
    WIDTH / (frame.value.maxX - frame.value.minX),
    MOST_HEIGHT / (frame.value.maxR - frame.value.minR),
  ),
);
const height = computed(() => (frame.value.maxR - frame.value.minR) * scale.value);
const left = computed(() => (WIDTH - (frame.value.maxX - frame.value.minX) * scale.value) / 2);
const sx = (x: number) => left.value + (x - frame.value.minX) * scale.value;
const sy = (r: number) => (frame.value.maxR - r) * scale.value;

const whole = computed(() => ({ x: 0, y: 0, width: WIDTH, height: height.value }));
const zoom = useZoom(whole);
defineExpose({ onZoom: zoom.onZoom, reset: zoom.reset });

function toOutlines(of: Schemas["SectionView"], shift: number) {
  return of.outlines.map((part) => toPath(part.map((p) => [p.x - shift, p.r]))).join(" ");
}

const outline = computed(() => toOutlines(section, wear * section.wearTravel));
const asNew = computed(() => (section.wearTravel > 0 && wear > 0 ? toOutlines(section, 0) : ""));
const worn = computed(() =>
  section.wearTravel > 0 && wear < 1 ? toOutlines(section, section.wearTravel) : "",
);
const haloWidth = computed(() => 2 * section.outlineDoubt * scale.value);
const otherOutline = computed(() => (other ? toOutlines(other, wear * other.wearTravel) : ""));
const otherWall = computed(() => (other ? toBarrelLine(other.barrel) + toSpokeLine(other.spokes) : ""));

const tyre = computed(() => (around ? toPath(around.tyre.map((p) => [p.x, p.r])) : ""));
const fixed = computed(() =>
  (around?.fixed ?? []).map((f) => {
    const middle = toSeenMiddle(f.outline, frame.value);
    return {
      name: f.name,
      path: toPath(f.outline.map((p) => [p.x, p.r])),
      at: middle && { x: Math.max(50, sx(middle.x)), y: sy(middle.r) },
    };
  }),
);

function toPath(points: [number, number][]) {
  return points.length ? points.map(([x, r], i) => `${i ? "L" : "M"}${sx(x)} ${sy(r)}`).join("") + " Z" : "";
}

type Step = Schemas["WallStepView"];

function toBarrelLine(steps: Step[]): string {
  return steps
    .map((s, i) => `${i ? "L" : "M"}${sx(s.from)} ${sy(s.level)} L${sx(s.to)} ${sy(s.level)}`)
    .join("");
}

function toSpokeLine(steps: Step[]): string {
  return steps
    .map((s, i) => `${i ? "L" : "M"}${sx(s.level)} ${sy(s.from)} L${sx(s.level)} ${sy(s.to)}`)
    .join("");
}

const barrelLine = computed(() => toBarrelLine(section.barrel));
const spokeLine = computed(() => toSpokeLine(section.spokes));
/** Where the metal may be at its furthest between two readings. */
const farLine = computed(() => toBarrelLine(section.barrelFar) + toSpokeLine(section.spokesFar));
/** The valve up to the barrel it stands in. */
const valves = computed(() =>
  section.valve.map((v) => {
    const middle = (v.from + v.to) / 2;
    const step = section.barrel.find((s) => s.from <= middle && middle <= s.to);
    return { ...v, wall: Math.max(v.level, step?.level ?? v.level) };
  }),
);
const barrelDoubt = computed(() => Math.max(0, ...section.barrel.map((s) => s.doubt)));
const spokeDoubt = computed(() => Math.max(0, ...section.spokes.map((s) => s.doubt)));

const hat = computed(() => {
  const face = -section.hatThickness;
  const inner = section.hatInside / 2;
  return toPath([
    [0, frame.value.minR],
    [0, inner + section.hatThickness],
    [section.midPlane + section.discThickness / 2, inner + section.hatThickness],
    [section.midPlane + section.discThickness / 2, section.discOuter],
    [section.midPlane - section.discThickness / 2, section.discOuter],
    [section.midPlane - section.discThickness / 2, inner],
    [face, inner],
    [face, frame.value.minR],
  ]);
});
</script>

<template>
  <svg
    :viewBox="zoom.viewBox.value"
    role="img"
    tabindex="0"
    class="zoomable"
    :style="{ touchAction: zoom.isZoomed.value ? 'none' : 'pan-y' }"
    :aria-label="`Section of the wheel with kit ${section.kit}, ${section.side === 'LEFT' ? 'left' : 'right'} side`"
    @wheel="zoom.onWheel"
    @keydown="zoom.onKey"
    @pointerdown="zoom.onDown"
    @pointermove="zoom.onMove"
    @pointerup="zoom.onUp"
    @pointercancel="zoom.onUp"
    @pointerleave="zoom.onUp"
  >
    <defs>
      <pattern id="cut" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
      </pattern>
    </defs>
    <!-- tyre and vehicle -->
    <path v-if="tyre" :d="tyre" class="tyre" />
    <template v-for="f in fixed" :key="f.name">
      <path :d="f.path" class="fixed" />
      <text v-if="f.at" :x="f.at.x" :y="f.at.y" text-anchor="middle" class="note on">{{ f.name }}</text>
    </template>
    <text v-if="around" :x="WIDTH - 10" :y="22" text-anchor="end" class="note">
      cut at clock {{ Math.round(around.clock) }}°{{ fixed.length ? "" : ": meets nothing of the vehicle" }}
    </text>
    <!-- halo of doubt, weights, metal -->
    <path :d="barrelLine" class="halo" :stroke-width="2 * barrelDoubt * scale" />
    <path :d="spokeLine" class="halo" :stroke-width="2 * spokeDoubt * scale" />
    <g v-for="(s, i) in section.barrel" :key="`b${i}`">
      <rect
        :x="sx(s.from)"
        :y="sy(s.level + METAL)"
        :width="(s.to - s.from) * scale"
        :height="METAL * scale"
        class="metal"
      />
      <rect
        v-if="section.weights > 0"
        :x="sx(s.from)"
        :y="sy(s.level)"
        :width="(s.to - s.from) * scale"
        :height="section.weights * scale"
        class="weights"
      />
    </g>
    <rect
      v-for="(s, i) in section.spokes"
      :key="`s${i}`"
      :x="sx(s.level)"
      :y="sy(s.to)"
      :width="METAL * scale"
      :height="(s.to - s.from) * scale"
      class="metal"
    />
    <template v-for="(v, i) in valves" :key="`v${i}`">
      <rect
        :x="sx(v.from)"
        :y="sy(v.wall)"
        :width="(v.to - v.from) * scale"
        :height="(v.wall - v.level) * scale"
        class="valve"
      />
      <text :x="sx(v.from) - 5" :y="sy(v.level) + 4" text-anchor="end" class="note">valve</text>
    </template>
    <path :d="farLine" class="far">
      <title>Between two readings the metal lies from the full line to here</title>
    </path>
    <path :d="barrelLine" class="wall" />
    <path :d="spokeLine" class="wall" />
    <!-- disc and caliper -->
    <path :d="hat" class="disc" />
    <line
      :x1="sx(section.midPlane)"
      :x2="sx(section.midPlane)"
      :y1="sy(frame.maxR - 6)"
      :y2="sy(frame.minR)"
      class="centre"
    />
    <rect
      v-for="o in section.obstacles"
      :key="o.name"
      :x="sx(Math.max(o.xFrom, frame.minX))"
      :y="sy(Math.min(o.rTo, frame.maxR))"
      :width="Math.max(0, (o.xTo - Math.max(o.xFrom, frame.minX)) * scale)"
      :height="Math.max(0, (Math.min(o.rTo, frame.maxR) - Math.max(o.rFrom, frame.minR)) * scale)"
      class="obstacle"
    >
      <title>{{ o.name }}</title>
    </rect>
    <text
      v-for="o in section.obstacles"
      :key="`t${o.name}`"
      :x="sx(o.xTo) + 6"
      :y="sy(Math.max(frame.minR + 4, (Math.min(o.rTo, frame.maxR) + Math.max(o.rFrom, frame.minR)) / 2))"
      class="note"
    >
      {{ o.name }}
    </text>
    <path v-if="otherWall" :d="otherWall" class="other" />
    <path v-if="otherOutline" :d="otherOutline" class="other" />
    <path v-if="worn" :d="worn" class="caliper worn" />
    <path v-if="asNew" :d="asNew" class="caliper worn" />
    <path v-if="outline" :d="outline" class="caliper-halo" :stroke-width="haloWidth" />
    <path v-if="outline" :d="outline" class="caliper" />
    <text v-else :x="sx(section.midPlane)" :y="sy(section.discOuter + 12)" text-anchor="middle" class="note">
      no outline of the caliper in the papers
    </text>
    <!-- mounting face -->
    <line :x1="sx(0)" :x2="sx(0)" :y1="sy(frame.minR)" :y2="sy(frame.minR + 26)" class="face" />
    <text :x="sx(0) + 6" :y="sy(frame.minR) - 8" class="note">mounting face</text>
    <text :x="10" :y="sy(frame.minR) - 8" class="note">inboard</text>
    <text :x="WIDTH - 10" :y="sy(frame.minR) - 8" text-anchor="end" class="note">outboard</text>
    <LeastGaps :section="section" :sx="sx" :sy="sy" :width="WIDTH" />
    <!-- scale -->
    <g :transform="`translate(14, ${14})`">
      <path :d="`M0 0 v8 M0 4 h${rule.mm * scale} M${rule.mm * scale} 0 v8`" class="rule" />
      <text :x="rule.mm * scale + 8" y="9" class="note">{{ rule.text }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: calc(100vh - 395px);
  font-family: var(--narrow);
}

.tyre {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}

.fixed {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}

.note.on {
  fill: var(--ink);
}

.halo {
  fill: none;
  stroke: var(--accent);
  opacity: 0.22;
}

.metal {
  fill: url(#cut);
}

.hatch {
  stroke: var(--ink-soft);
  stroke-width: 1;
}

.valve {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.weights {
  fill: var(--work);
  opacity: 0.28;
}

.far {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.1;
  stroke-dasharray: 3 3;
}

.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
}

.disc {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.caliper {
  fill: var(--accent-wash);
  fill-opacity: 0.75;
  stroke: var(--accent);
  stroke-width: 2.4;
}

.worn {
  fill: none;
  stroke-width: 1.4;
  stroke-dasharray: 7 5;
}

.caliper-halo {
  fill: none;
  stroke: var(--accent);
  opacity: 0.22;
}

.zoomable {
  cursor: grab;
}

.obstacle {
  fill: url(#cut);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.other {
  fill: none;
  stroke: var(--work);
  stroke-width: 2.4;
  stroke-dasharray: 3 3;
}

.centre {
  stroke: var(--ink-soft);
  stroke-dasharray: 14 4 3 4;
}

.face {
  stroke: var(--accent);
  stroke-width: 3;
}

.note {
  font-size: 20px;
  fill: var(--ink-soft);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}

.rule {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
</style>
