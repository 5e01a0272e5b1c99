<script setup lang="ts">
import type { SideView, ViewId } from "./callouts";

/** Which side of the axle is measured, and in which view of it. */
const { sides, side, view } = defineProps<{
  sides: SideView[];
  side: SideView;
  view: ViewId | undefined;
}>();
const emit = defineEmits<{ side: [side: SideView["side"]]; view: [view: ViewId] }>();
</script>

<template>
  <div class="group" role="group" aria-label="Side">
    <button
      v-for="s in sides"
      :key="s.side"
      type="button"
      :aria-pressed="s.side === side.side"
      @click="emit('side', s.side)"
    >
      {{ s.side === "LEFT" ? "Left" : "Right" }}
      <span class="small">{{ s.stillWanted ? `${s.stillWanted} wanted` : "all read" }}</span>
    </button>
  </div>
  <div class="group" role="group" aria-label="View">
    <button
      v-for="s in side.sheets"
      :key="s.view"
      type="button"
      :aria-pressed="s.view === view"
      @click="emit('view', s.view)"
    >
      {{ s.title }}
    </button>
  </div>
</template>

<style scoped>
.group {
  display: flex;
}

.group button {
  font: inherit;
  font-size: 1rem;
  min-height: 44px;
  padding: 0 0.85rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.group button + button {
  border-left: 0;
}

.group button[aria-pressed="true"] {
  background: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}

@media (max-width: 600px) {
  .group button {
    padding: 0 0.5rem;
    font-size: 0.95rem;
  }
}
</style>
