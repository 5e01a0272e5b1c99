<script setup lang="ts">
import Button from "primevue/button";

/** What can hurt someone at a step; read once by each person in each job, before the step can be ticked. */
const { caution, isWanted } = defineProps<{ caution: string; isWanted: boolean }>();
const emit = defineEmits<{ read: [] }>();
</script>

<template>
  <div class="caution step-caution">
    <p><strong>Caution.</strong> {{ caution }}</p>
    <Button v-if="isWanted" label="I have read this" severity="secondary" outlined @click="emit('read')" />
  </div>
</template>

<style scoped>
.step-caution {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 1rem;
}

p {
  margin: 0;
  flex: 1 1 20rem;
}

.step-caution :deep(.p-button) {
  min-height: 56px;
  background: var(--sheet);
}
</style>
