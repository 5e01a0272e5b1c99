<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toDoubtful } from "./words";

/** Every figure, before beside after, with what makes most of its doubt. */
const { before, after } = defineProps<{
  before: Schemas["BrakeFigureView"][];
  after: Schemas["BrakeFigureView"][];
}>();

const session = useSession();
const rows = computed(() => {
  const all = new Map([...before, ...after].map((f) => [f.id, f]));
  return [...all.values()].map((f) => ({
    figure: f,
    was: before.find((b) => b.id === f.id),
    is: after.find((a) => a.id === f.id),
  }));
});

function told(f: Schemas["BrakeFigureView"] | undefined) {
  return f ? toDoubtful(f.value, f.doubt, f.unit, session.units) : "—";
}

function toMostDoubtful(f: Schemas["BrakeFigureView"] | undefined) {
  const most = f?.doubtFrom[0];
  return most ? `${most.quantity}, ${Math.round(most.share * 100)} %` : "";
}
</script>

<template>
  <table class="plain">
    <caption class="soft">
      What the brakes do. Doubt is expanded, about 95 %.
    </caption>
    <thead>
      <tr>
        <th scope="col">Figure</th>
        <th scope="col" class="right">As found</th>
        <th scope="col" class="right">As planned</th>
        <th scope="col">Most of the doubt, or what is wanted</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.figure.id">
        <th scope="row">{{ r.figure.title }}</th>
        <td class="right figures">{{ told(r.was) }}</td>
        <td class="right figures">{{ told(r.is) }}</td>
        <td class="small">
          {{ r.is?.wanted.length ? `wanted: ${r.is.wanted.join(", ")}` : toMostDoubtful(r.is) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
caption {
  text-align: left;
  padding: 0.8rem 0 0.3rem;
}

th[scope="row"] {
  font-weight: 400;
  color: var(--ink);
}

.right {
  text-align: right;
  white-space: nowrap;
}
</style>
