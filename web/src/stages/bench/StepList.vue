<script setup lang="ts">
import { nextTick, useTemplateRef, watch } from "vue";
import type { Card } from "./useBenchCard";

/** All steps of a card, the one looked at marked. */
const { steps, index, doneIds } = defineProps<{
  steps: Card["steps"];
  index: number;
  doneIds: Set<string>;
}>();
const emit = defineEmits<{ pick: [index: number] }>();
const list = useTemplateRef<HTMLElement>("list");

/** The list follows the step; the page stays where it is. */
watch(
  [() => index, list],
  async () => {
    await nextTick();
    const at = list.value?.querySelector<HTMLElement>("[aria-current]");
    if (list.value && at) list.value.scrollTop = at.offsetTop - list.value.clientHeight / 3;
  },
  { immediate: true },
);
</script>

<template>
  <nav ref="list" class="list" aria-label="All steps">
    <ol>
      <li v-for="(s, i) in steps" :key="s.id">
        <button
          type="button"
          :aria-current="i === index ? 'step' : undefined"
          :aria-label="s.done ? `${s.title}, done` : s.title"
          @click="emit('pick', i)"
        >
          <span class="mark" aria-hidden="true">{{ s.done ? "✓" : doneIds.has(s.id) ? "…" : "" }}</span>
          <span>{{ s.title }}</span>
        </button>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.list {
  position: relative;
  max-height: calc(100vh - 170px);
  overflow: auto;
}

ol {
  list-style: none;
  margin: 0;
  padding: 0;
}

.list button {
  display: flex;
  gap: 0.4rem;
  width: 100%;
  min-height: 44px;
  align-items: center;
  font: inherit;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  color: var(--ink);
  cursor: pointer;
}

.list button[aria-current] {
  background: var(--accent-wash);
  font-weight: 600;
}

.mark {
  width: 1.4rem;
  text-align: center;
  color: var(--good);
  font-weight: 600;
}
</style>
