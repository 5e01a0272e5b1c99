<script setup lang="ts" generic="T extends string">
import { useId } from "vue";
import type { Choices } from "./choices";

/** One choice out of a few words. */
const { label, choices } = defineProps<{ label: string; choices: Choices<T> }>();
const value = defineModel<T>({ required: true });
const id = useId();
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <select :id="id" v-model="value">
      <option v-for="c in choices" :key="c.value" :value="c.value">{{ c.label }}</option>
    </select>
  </div>
</template>

<style scoped>
select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}
</style>
