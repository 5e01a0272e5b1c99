<script setup lang="ts">
import { reactive, watch } from "vue";
import { toPlace, toShown, type Conflict } from "./merge";

/** Says that what is shown was typed before, and what somebody else changed meanwhile: field by field, mine or theirs. */
const { isRestored, conflicts } = defineProps<{ isRestored: boolean; conflicts: Conflict[] }>();
const emit = defineEmits<{ drop: []; settle: [conflict: Conflict, whose: "mine" | "theirs"] }>();

const taken = reactive(new Map<string, "mine" | "theirs">());
const toKey = (c: Conflict) => c.path.join(".");
watch(
  () => conflicts,
  () => taken.clear(),
);

function onTake(conflict: Conflict, whose: "mine" | "theirs") {
  taken.set(toKey(conflict), whose);
  emit("settle", conflict, whose);
}
</script>

<template>
  <div v-if="conflicts.length" class="sheet notice" role="alert">
    <p>
      <strong>Somebody else changed this meanwhile.</strong> What only one of you changed is brought together.
      Both of you changed what follows: say which holds, then save.
    </p>
    <div class="scroll">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Mine</th>
            <th scope="col">Theirs</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in conflicts" :key="toKey(c)">
            <th scope="row">{{ toPlace(c.path) }}</th>
            <td v-for="whose in ['mine', 'theirs'] as const" :key="whose">
              <button
                type="button"
                class="plain-button"
                :aria-pressed="(taken.get(toKey(c)) ?? 'mine') === whose"
                :aria-label="`${whose === 'mine' ? 'Keep mine' : 'Take theirs'}: ${toPlace(c.path)}, ${toShown(c[whose])}`"
                @click="onTake(c, whose)"
              >
                {{ toShown(c[whose]) }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
  <p v-else-if="isRestored" class="sheet notice" role="status">
    This was typed before and not saved yet.
    <button type="button" class="plain-button" @click="emit('drop')">Drop it</button>
  </p>
</template>

<style scoped>
.notice {
  padding: 0.7rem 1rem;
  margin: 0.6rem 0;
  border-left: 4px solid var(--accent);
}

.scroll {
  overflow-x: auto;
}

button[aria-pressed="true"] {
  background: var(--accent);
  color: var(--sheet);
}
</style>
