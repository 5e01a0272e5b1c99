<script setup lang="ts">
import Button from "primevue/button";
import { computed, onBeforeUnmount, ref } from "vue";
import { readStart, toClock, writeStart } from "./stepTimer";

/** A clock for a step: it goes on over a reload, and what it shows can be taken as the reading where minutes are wanted. */
const { name } = defineProps<{
  /** Names the step, so that each has a clock of its own. */
  name: string;
  /** Whether the step wants minutes. */
  isWanted: boolean;
}>();
const emit = defineEmits<{ take: [minutes: string] }>();

const start = ref(readStart(name));
const now = ref(Date.now());
const seconds = computed(() => (start.value ? Math.max(0, Math.floor((now.value - start.value) / 1000)) : 0));
const beat = setInterval(() => (now.value = Date.now()), 500);
onBeforeUnmount(() => clearInterval(beat));

function toggle() {
  now.value = Date.now();
  start.value = start.value ? 0 : now.value;
  writeStart(name, start.value);
}
defineExpose({ toggle });
</script>

<template>
  <div class="timer">
    <span class="figures clock" role="timer" :aria-label="`Time taken ${toClock(seconds)}`">{{
      toClock(seconds)
    }}</span>
    <Button
      :label="start ? 'Stop the clock' : 'Start a clock'"
      severity="secondary"
      outlined
      @click="toggle"
    />
    <Button
      v-if="isWanted && start"
      label="Take the minutes"
      severity="secondary"
      outlined
      @click="emit('take', (seconds / 60).toFixed(1))"
    />
  </div>
</template>

<style scoped>
.timer {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
  margin-top: 1.1rem;
}

.clock {
  font-size: 1.6rem;
  font-weight: 600;
  min-width: 6rem;
}
</style>
