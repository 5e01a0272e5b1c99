<script setup lang="ts">
import type { Line, Spot } from "./lines";

/** Lines as they run, each with its ends, its length along the bends and its bore. */
const { spots, unfed } = defineProps<{ spots: Spot[]; unfed: string[] }>();
const lines = defineModel<Line[]>({ required: true });

const toText = (key: string) => spots.find((s) => s.key === key)?.text ?? key;

function onAdd() {
  lines.value = [
    ...lines.value,
    { from: "outlet 1", to: unfed[0] ?? spots.at(-1)?.key ?? "axle 1 left", length: "", bore: "" },
  ];
}
</script>

<template>
  <section class="runs" aria-label="Lines">
    <p class="soft small">
      Touch two points in the drawing to run a line between them, or add it here. Every wheel is fed one way:
      no loops. What is drawn takes the place of the line length told for an axle.
    </p>
    <table v-if="lines.length" class="plain">
      <thead>
        <tr>
          <th scope="col">From</th>
          <th scope="col">To</th>
          <th scope="col">Length along the bends</th>
          <th scope="col">Bore</th>
          <th scope="col"><span class="visually-hidden">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(line, i) in lines" :key="i">
          <td v-for="end in ['from', 'to'] as const" :key="end">
            <select v-model="line[end]" :aria-label="`Line ${i + 1} ${end}`">
              <option v-for="s in spots" :key="s.key" :value="s.key">{{ s.text }}</option>
            </select>
          </td>
          <td>
            <input
              :id="`line-length-${i}`"
              v-model="line.length"
              maxlength="60"
              placeholder="wanted"
              :aria-label="`Length of line ${i + 1}`"
            />
          </td>
          <td>
            <input
              v-model="line.bore"
              maxlength="60"
              placeholder="3.2 mm assumed"
              :aria-label="`Bore of line ${i + 1}`"
            />
          </td>
          <td>
            <button
              type="button"
              class="plain-button"
              :aria-label="`Take out line ${i + 1}`"
              @click="lines = lines.filter((_, k) => k !== i)"
            >
              Take out
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="lines.length && unfed.length" class="small">No line yet: {{ unfed.map(toText).join("; ") }}.</p>
    <button type="button" class="plain-button" @click="onAdd">Add a line</button>
  </section>
</template>

<style scoped>
.runs {
  overflow-x: auto;
}

input,
select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  width: 100%;
  min-width: 8rem;
}
</style>
