<script setup lang="ts">
/** A slider with its value in words; arrow keys move it. */
const { label, min, max, step, said } = defineProps<{
  label: string;
  min: number;
  max: number;
  step: number;
  said: string;
}>();
const value = defineModel<number>({ required: true });
</script>

<template>
  <label class="slider">
    <span>{{ label }}</span>
    <input v-model.number="value" type="range" :min="min" :max="max" :step="step" :aria-valuetext="said" />
    <span class="figures said">{{ said }}</span>
  </label>
</template>

<style scoped>
.slider {
  display: grid;
  grid-template-columns: 6rem minmax(8rem, 1fr) 7.5rem;
  align-items: center;
  gap: 0.7rem;
}

input {
  width: 100%;
  min-height: 44px;
  accent-color: var(--accent);
}

.said {
  font-weight: 600;
}
</style>
