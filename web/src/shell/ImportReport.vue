<script setup lang="ts">
import Button from "primevue/button";
import type { Refusal } from "../api/client";

/** Why nothing was imported, row by row. */
const { refusal } = defineProps<{ refusal: Refusal }>();
defineEmits<{ close: [] }>();
</script>

<template>
  <section class="sheet report" role="alert">
    <h2>{{ refusal.message }}</h2>
    <table v-if="refusal.problems.length" class="plain">
      <thead>
        <tr>
          <th>File</th>
          <th>Row</th>
          <th>Field</th>
          <th>What is wrong</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(p, i) in refusal.problems" :key="i">
          <td>{{ p.file }}</td>
          <td>{{ p.row || "" }}</td>
          <td>{{ p.field }}</td>
          <td>{{ p.message }}</td>
        </tr>
      </tbody>
    </table>
    <Button label="Close" severity="secondary" outlined @click="$emit('close')" />
  </section>
</template>

<style scoped>
.report {
  padding: 1rem;
  margin-bottom: 1rem;
  border-left: 5px solid var(--bad);
}
</style>
