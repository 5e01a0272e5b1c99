<script setup lang="ts">
import { ref, watch } from "vue";
import { toTyped } from "./schema";

/** A field that tells what is typed while it is typed, and never changes it under the hand: `12.` may become `12.5`. */
const {
  shown,
  lines = 0,
  tidy = (text: string) => String(toTyped(text)),
} = defineProps<{
  /** What the document says. */
  shown: string;
  /** Lines of a longer text; 0 for a short one. */
  lines?: number;
  /** How the document would say what was typed. */
  tidy?: (text: string) => string;
}>();
const emit = defineEmits<{ typed: [text: string] }>();
const text = ref(shown);

watch(
  () => shown,
  (now) => {
    if (tidy(text.value) !== now) text.value = now;
  },
);

function onInput(event: Event) {
  text.value = (event.target as HTMLInputElement).value;
  emit("typed", text.value);
}
</script>

<template>
  <textarea v-if="lines" :rows="lines" :value="text" @input="onInput"></textarea>
  <input v-else :value="text" @input="onInput" />
</template>

<style scoped>
input,
textarea {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

input:disabled {
  color: var(--ink-soft);
}
</style>
