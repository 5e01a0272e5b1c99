<script setup lang="ts">
import { computed, nextTick, ref, watch } from "vue";
import { toTimeLine, type Row, type WeekTask, type WorkingSpan } from "./timeLine";

/** Tasks on a line of working time; drag one to the right to pin it not before a time. */
const { rows, spans, jobs, selected, mayPin, close } = defineProps<{
  rows: Row[];
  spans: WorkingSpan[];
  /** Jobs in the order of their hatches. */
  jobs: number[];
  selected: string;
  mayPin: boolean;
  /** Drawn so large that steps of minutes can be read. */
  close: boolean;
}>();
const emit = defineEmits<{ pick: [task: WeekTask]; pin: [task: WeekTask, moment: string] }>();

const LEFT = 8;
const ROW = 46;
const TOP = 34;
const line = computed(() => toTimeLine(spans));
/** The whole plan at a look, or a day of it so that its steps can be read. */
const scale = computed(() => (close ? 2.6 : Math.max(1040 / Math.max(1, line.value.length), 0.12)));
const width = computed(() => LEFT + line.value.length * scale.value + 10);
const height = computed(() => TOP + rows.length * ROW + 6);

const toX = (minute: number) => LEFT + minute * scale.value;
const toBox = (t: WeekTask) => {
  const from = line.value.toMinute(t.start);
  return { x: toX(from), w: Math.max(4, (line.value.toMinute(t.end) - from) * scale.value) };
};
const DAY = new Intl.DateTimeFormat("en-GB", {
  weekday: "short",
  day: "numeric",
  month: "short",
  timeZone: "UTC",
});
const toDay = (day: string) => DAY.format(new Date(`${day}T00:00:00Z`));
const toPattern = (t: WeekTask) => jobs.indexOf(t.jobId) % 6;
const toClock = (moment: string) => moment.slice(11, 16);
const toName = (t: WeekTask) =>
  `${t.title}, ${t.axle}, ${toDay(t.start.slice(0, 10))} ${toClock(t.start)} to ${toClock(t.end)}, ${
    t.who.join(" and ") || t.outside
  }${t.done ? ", done" : ""}`;

/** What is open first is what is looked for. */
const scroller = ref<HTMLElement | null>(null);
const first = computed(() =>
  Math.min(...rows.flatMap((r) => r.tasks.filter((t) => !t.done)).map((t) => line.value.toMinute(t.start))),
);
watch(
  [first, scale],
  () =>
    void nextTick(() => {
      if (scroller.value && Number.isFinite(first.value)) scroller.value.scrollLeft = toX(first.value) - 40;
    }),
  { immediate: true },
);

const dragged = ref<{ task: WeekTask; from: number; by: number } | null>(null);
function onDown(t: WeekTask, e: PointerEvent) {
  emit("pick", t);
  if (!mayPin || t.done) return;
  dragged.value = { task: t, from: e.clientX, by: 0 };
  (e.currentTarget as Element).setPointerCapture(e.pointerId);
}
function onMove(e: PointerEvent) {
  if (dragged.value) dragged.value.by = e.clientX - dragged.value.from;
}
const LEAST_DRAG = 6;
function onUp() {
  const d = dragged.value;
  dragged.value = null;
  if (!d || Math.abs(d.by) < LEAST_DRAG) return;
  const minute = line.value.toMinute(d.task.start) + d.by / scale.value;
  emit("pin", d.task, line.value.toMoment(Math.round(minute / 5) * 5));
}
const toShift = (t: WeekTask) => (dragged.value?.task.id === t.id ? dragged.value.by : 0);
</script>

<template>
  <div class="line">
    <ul class="names" aria-hidden="true">
      <li v-for="(r, i) in rows" :key="`${i}-${r.name}`">{{ r.name }}</li>
    </ul>
    <div ref="scroller" class="scroll" tabindex="0" role="region" aria-label="Time line">
      <svg :width="width" :height="height" role="group" aria-label="Tasks by their time">
        <defs>
          <pattern id="week-0" width="8" height="8" patternUnits="userSpaceOnUse">
            <rect width="8" height="8" class="ground" />
          </pattern>
          <pattern
            v-for="i in 5"
            :id="`week-${i}`"
            :key="i"
            width="8"
            height="8"
            patternUnits="userSpaceOnUse"
            :patternTransform="`rotate(${[0, 45, 135, 90, 0, 20][i]})`"
          >
            <rect width="8" height="8" class="ground" />
            <line x1="0" y1="0" x2="0" y2="8" class="hatch" />
          </pattern>
        </defs>
        <g v-for="d in line.days" :key="d.day">
          <line :x1="toX(d.from)" :x2="toX(d.from)" :y1="0" :y2="height" class="day" />
          <text :x="toX(d.from) + 6" y="20" class="label">{{ toDay(d.day) }}</text>
        </g>
        <g v-for="(r, i) in rows" :key="`${i}-${r.name}`">
          <line x1="0" :x2="width" :y1="TOP + (i + 1) * ROW" :y2="TOP + (i + 1) * ROW" class="row" />
          <g
            v-for="t in r.tasks"
            :key="t.id"
            tabindex="0"
            role="button"
            :aria-label="toName(t)"
            :aria-pressed="t.id === selected"
            class="task"
            :class="{ selected: t.id === selected, done: t.done }"
            :transform="`translate(${toShift(t)} 0)`"
            @pointerdown="onDown(t, $event)"
            @pointermove="onMove"
            @pointerup="onUp"
            @pointercancel="dragged = null"
            @keydown.enter.prevent="emit('pick', t)"
            @keydown.space.prevent="emit('pick', t)"
          >
            <title>{{ toName(t) }}</title>
            <rect
              :x="toBox(t).x"
              :y="TOP + i * ROW + 3"
              :width="toBox(t).w"
              :height="ROW - 6"
              :fill="`url(#week-${toPattern(t)})`"
            />
            <text v-if="toBox(t).w > 46" :x="toBox(t).x + 4" :y="TOP + i * ROW + 27" class="title">
              {{ t.title.slice(0, Math.floor(toBox(t).w / 8)) }}
            </text>
            <path v-if="t.waits" :d="`M ${toBox(t).x} ${TOP + i * ROW + 3} l 9 0 l -9 9 z`" class="waits" />
          </g>
        </g>
      </svg>
    </div>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
}

.names {
  list-style: none;
  margin: 0;
  padding: 34px 0.8rem 0 0;
}

.names li {
  height: 46px;
  max-width: 11rem;
  display: flex;
  align-items: center;
  line-height: 1.1;
  overflow: hidden;
}

.scroll {
  overflow-x: auto;
}

.ground {
  fill: var(--accent-wash);
}

.hatch {
  stroke: var(--line);
  stroke-width: 2.5;
}

.day {
  stroke: var(--ink-soft);
}

.row {
  stroke: var(--line-soft);
}

.label {
  font-size: 15px;
  fill: var(--ink);
}

.title {
  font-size: 13px;
  fill: var(--ink);
  pointer-events: none;
}

.task {
  cursor: pointer;
  touch-action: none;
}

.task rect {
  stroke: var(--ink-soft);
}

.task.selected rect {
  stroke: var(--accent);
  stroke-width: 3;
}

.task.done {
  opacity: 0.45;
}

.task:focus-visible {
  outline: none;
}

.task:focus-visible rect {
  stroke: var(--accent);
  stroke-width: 4;
}

.waits {
  fill: var(--accent);
}
</style>
