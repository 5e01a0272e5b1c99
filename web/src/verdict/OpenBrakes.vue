<script setup lang="ts">
import type { Schemas } from "../api/client";
import VerdictMark from "./VerdictMark.vue";
import { toVerdictWord } from "./words";

/** What of the vehicle's brakes is not proven, each with what to do. */
const { findings } = defineProps<{ findings: Schemas["OpenFindingView"][] }>();
</script>

<template>
  <ul class="open">
    <li v-for="f in findings" :key="f.title + f.next">
      <VerdictMark :verdict="f.verdict" />
      <span
        ><strong>{{ f.title }}: {{ toVerdictWord(f.verdict) }}.</strong> {{ f.next }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
.open {
  list-style: none;
  margin: 0.3rem 0;
  padding: 0;
  display: grid;
  gap: 0.3rem;
}

li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.5rem;
}
</style>
