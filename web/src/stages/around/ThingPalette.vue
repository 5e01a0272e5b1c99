<script setup lang="ts">
import ThingPicture from "./ThingPicture.vue";
import type { Kind } from "./thing";

/** What stands at the place touched, picked from pictures. */
const { kinds } = defineProps<{ kinds: Kind[] }>();
const emit = defineEmits<{ pick: [kind: Kind]; close: [] }>();
</script>

<template>
  <section class="sheet palette" aria-label="What stands there">
    <h2>
      What stands there?
      <button type="button" class="plain-button" @click="emit('close')">Nothing</button>
    </h2>
    <div class="kinds">
      <button v-for="k in kinds" :key="k.kind" type="button" class="kind" @click="emit('pick', k)">
        <ThingPicture :kind="k.kind" />
        <span>{{ k.word }}</span>
      </button>
    </div>
  </section>
</template>

<style scoped>
.palette {
  padding: 0.6rem 0.9rem 0.9rem;
  margin-bottom: 0.9rem;
  border-color: var(--accent);
}

h2 {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(7rem, 1fr));
  gap: 0.4rem;
}

.kind {
  display: flex;
  flex-direction: column;
  align-items: center;
  font: inherit;
  padding: 0.3rem;
  min-height: 5.4rem;
  border: 1px solid var(--line);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.kind:hover,
.kind:focus-visible {
  background: var(--accent-wash);
}
</style>
