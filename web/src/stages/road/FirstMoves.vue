<script setup lang="ts">
import { computed, ref } from "vue";
import { useSession } from "../../shell/session";
import { useKept } from "../../shell/useKept";
import type { Road, RoadDeeds } from "./useRoad";

/** First moves in the order in which trust grows; the one whose turn it is is large. */
const { road, deeds } = defineProps<{ road: Road; deeds: RoadDeeds }>();
const session = useSession();
const note = ref("");
useKept(`move.${road.jobId}`, { note });
const next = computed(() => road.moves.find((m) => m.fine !== true));

function toState(fine?: boolean) {
  return fine === undefined ? "not yet" : fine ? "as it should be" : "NOT as it should be";
}

async function onTried(fine: boolean) {
  if (!next.value) return;
  if (await deeds.move({ move: next.value.id, fine, note: note.value })) note.value = "";
}
</script>

<template>
  <section class="sheet" aria-label="First moves">
    <h2>First moves</h2>
    <ol>
      <li v-for="m in road.moves" :key="m.id" :class="{ now: m.id === next?.id }">
        <p class="head">
          <strong>{{ m.title }}</strong>
          <span :class="{ failure: m.fine === false, soft: m.fine === undefined }">
            <span aria-hidden="true">{{ m.fine === undefined ? "○" : m.fine ? "●" : "■" }}</span>
            {{ toState(m.fine) }}
          </span>
        </p>
        <template v-if="m.id === next?.id">
          <p>{{ m.text }}</p>
          <p class="caution small">{{ m.caution }}</p>
          <p v-if="m.heldBack" class="held">{{ m.heldBack }}</p>
          <form v-else-if="session.mayChange" @submit.prevent="onTried(true)">
            <label class="grow"
              >What was seen
              <input v-model="note" class="long" maxlength="300" />
            </label>
            <button type="submit" class="strong" :disabled="deeds.isBusy.value">As it should be</button>
            <button
              type="button"
              class="plain-button wrong"
              :disabled="deeds.isBusy.value"
              @click="onTried(false)"
            >
              Not as it should be
            </button>
          </form>
        </template>
      </li>
    </ol>
    <p v-if="!next"><strong>Every move went as it should.</strong></p>
  </section>
</template>

<style scoped>
ol {
  margin: 0;
  padding-left: 1.5rem;
}

li {
  padding: 0.25rem 0;
}

li p {
  margin: 0.2rem 0;
}

li.now {
  font-size: 1.12rem;
}

.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 0.8rem;
}

.held {
  font-weight: 600;
}

.wrong {
  min-height: 52px;
}
</style>
