<script setup lang="ts">
// drawn here and not by a wrapper that fetches its parts when mounted: a chart left before they came would be drawn on nothing
import Chart, { type ChartConfiguration } from "chart.js/auto";
import { computed, onMounted, onUnmounted, ref, useTemplateRef, watch } from "vue";
import { toCsv, toRows, type Line, type Window } from "./lineChart";

/** Lines over one axis with their bands of doubt; the points as a table for the keyboard and as CSV. */
const {
  title,
  x,
  y,
  lines,
  wanted = undefined,
  file,
} = defineProps<{
  title: string;
  x: { title: string; min?: number; max?: number };
  y: { title: string; min?: number; max?: number };
  lines: Line[];
  wanted?: Window;
  file: string;
}>();

Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
Chart.defaults.font.size = 14;

const isDark = ref(document.documentElement.classList.contains("dark"));
const lights = new MutationObserver(
  () => (isDark.value = document.documentElement.classList.contains("dark")),
);
onMounted(() => lights.observe(document.documentElement, { attributeFilter: ["class"] }));
onUnmounted(() => lights.disconnect());

const colours = computed(() =>
  isDark.value
    ? { ink: "#e9e5da", front: "#7fb2e5", rear: "#f0a070", soft: "#a9a294", grid: "#4c483f", good: "#7fb98a" }
    : {
        ink: "#22201c",
        front: "#2b6cb0",
        rear: "#b7410e",
        soft: "#8a8478",
        grid: "#d8d2c4",
        good: "#3f7f4c",
      },
);

function datasets(line: Line) {
  const colour = colours.value[line.colour];
  const edge = { borderWidth: 0, pointRadius: 0, backgroundColor: `${colour}33`, isBand: true };
  const band = line.points.some((p) => p.doubt)
    ? [
        {
          label: "",
          data: line.points.map((p) => ({ x: p.x, y: p.y + (p.doubt ?? 0) })),
          ...edge,
          fill: "+1",
        },
        {
          label: "",
          data: line.points.map((p) => ({ x: p.x, y: p.y - (p.doubt ?? 0) })),
          ...edge,
          fill: false,
        },
      ]
    : [];
  return [
    ...band,
    {
      label: line.name,
      data: line.points.map((p) => ({ x: p.x, y: p.y })),
      borderColor: colour,
      backgroundColor: colour,
      borderWidth: line.width ?? 3,
      borderDash: line.dash ?? [],
      pointRadius: line.dash || line.points.length > 12 ? 0 : 3,
      isBand: false,
    },
  ];
}

const data = computed(() => {
  const span = lines.flatMap((l) => l.points.map((p) => p.x));
  const [from, to] = [x.min ?? Math.min(...span), x.max ?? Math.max(...span)];
  const window = wanted
    ? [
        {
          label: "",
          data: [
            { x: from, y: wanted.to },
            { x: to, y: wanted.to },
          ],
          borderWidth: 0,
          pointRadius: 0,
          backgroundColor: `${colours.value.good}2e`,
          fill: "+1",
          isBand: true,
        },
        {
          label: wanted.name,
          data: [
            { x: from, y: wanted.from },
            { x: to, y: wanted.from },
          ],
          borderColor: colours.value.good,
          backgroundColor: `${colours.value.good}2e`,
          borderWidth: 1,
          borderDash: [4, 4],
          pointRadius: 0,
          isBand: false,
        },
      ]
    : [];
  return { datasets: [...window, ...lines.flatMap(datasets)] };
});

function axis(a: { title: string; min?: number; max?: number }) {
  return {
    min: a.min,
    max: a.max,
    title: { display: true, text: a.title, color: colours.value.ink },
    ticks: { color: colours.value.ink },
    grid: { color: colours.value.grid },
  };
}

const options = computed(() => ({
  animation: false,
  maintainAspectRatio: false,
  interaction: { mode: "nearest", axis: "x", intersect: false },
  scales: { x: { type: "linear", ...axis(x) }, y: axis(y) },
  plugins: {
    legend: {
      labels: {
        color: colours.value.ink,
        boxWidth: 38,
        boxHeight: 0,
        filter: (item: { text: string }) => item.text !== "",
      },
    },
    tooltip: { filter: (item: { dataset: { isBand?: boolean } }) => !item.dataset.isBand },
  },
}));

const canvas = useTemplateRef<HTMLCanvasElement>("canvas");
let chart: Chart | undefined;

const configuration = computed(
  () => ({ type: "line", data: data.value, options: options.value }) as unknown as ChartConfiguration,
);

onMounted(() => {
  if (canvas.value) chart = new Chart(canvas.value, configuration.value);
});
watch(configuration, (now) => {
  if (!chart) return;
  chart.data = now.data;
  chart.options = now.options ?? {};
  chart.update();
});
onUnmounted(() => chart?.destroy());

const rows = computed(() => toRows(lines));
const csv = computed(() => `data:text/csv;charset=utf-8,${encodeURIComponent(toCsv(x.title, lines))}`);

function said(value: number) {
  const size = Math.abs(value);
  return value.toFixed(size >= 100 ? 0 : size >= 10 ? 1 : 2).replace("-", "−");
}
</script>

<template>
  <figure class="sheet">
    <figcaption>
      <h3>{{ title }}</h3>
      <a class="button no-print" :href="csv" :download="`${file}.csv`" :aria-label="`${title}, points as CSV`"
        >CSV</a
      >
    </figcaption>
    <div class="plot">
      <canvas ref="canvas" role="img" :aria-label="`${title}; the points are in the table below`" />
    </div>
    <details>
      <summary>The points</summary>
      <div class="scroll" tabindex="0" role="region" :aria-label="`Points of ${title}`">
        <table class="plain">
          <thead>
            <tr>
              <th scope="col">{{ x.title }}</th>
              <th v-for="l in lines" :key="l.name" scope="col">{{ l.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.x">
              <th scope="row">{{ said(row.x) }}</th>
              <td v-for="(p, i) in row.cells" :key="i" class="figures">
                <template v-if="p"
                  >{{ said(p.y) }}<template v-if="p.doubt"> ± {{ said(p.doubt) }}</template></template
                >
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  padding: 0.7rem 0.9rem;
  min-width: 0;
}

figcaption {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 1rem;
}

h3 {
  margin: 0;
  font-size: 1.1rem;
}

.plot {
  position: relative;
  height: 18rem;
}

.scroll {
  overflow: auto;
  max-height: 22rem;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}
</style>
