<script setup lang="ts">
/** A short figure in shop notation with its label above. */
const {
  label,
  wide = false,
  unit = "",
  hint = "",
} = defineProps<{
  label: string;
  wide?: boolean;
  unit?: string;
  hint?: string;
}>();
const value = defineModel<string>({ required: true });
</script>

<template>
  <label class="figure" :class="{ wide }" :title="hint || undefined">
    <span>{{ label }}{{ unit ? `, ${unit}` : "" }}</span>
    <input v-model="value" type="text" autocomplete="off" :maxlength="60" />
  </label>
</template>

<style scoped>
.figure {
  display: flex;
  flex-direction: column;
  width: 6.4rem;
}

.wide {
  width: 11rem;
}

span {
  font-size: 0.94rem;
  color: var(--ink-soft);
}

input {
  font: inherit;
  font-variant-numeric: tabular-nums;
  min-height: 44px;
  padding: 0 0.4rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  width: 100%;
}
</style>
