<script setup lang="ts" generic="T extends string">
/** A row of buttons of which one is pressed: a side, a view, a part. */
const { options, label } = defineProps<{ options: { value: T; text: string }[]; label: string }>();
const chosen = defineModel<T>({ required: true });
</script>

<template>
  <div class="pressed-row no-print" role="group" :aria-label="label">
    <button
      v-for="o in options"
      :key="o.value"
      type="button"
      :aria-pressed="chosen === o.value"
      @click="chosen = o.value"
    >
      {{ o.text }}
    </button>
  </div>
</template>

<style scoped>
.pressed-row {
  display: flex;
  flex-wrap: wrap;
}

button {
  font: inherit;
  min-height: 44px;
  padding: 0 1.1rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

button + button {
  border-left: 0;
}

button[aria-pressed="true"] {
  background: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}
</style>
