<script setup lang="ts">
import { useId } from "vue";

/** A figure or words as they are written in the shop. */
const { label, hint = "", most = 60 } = defineProps<{ label: string; hint?: string; most?: number }>();
const value = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <input :id="id" v-model="value" :maxlength="most" :placeholder="hint" autocomplete="off" />
  </div>
</template>

<style scoped>
input {
  font: inherit;
  min-height: 44px;
  padding: 0 0.6rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  min-width: 0;
}
</style>
