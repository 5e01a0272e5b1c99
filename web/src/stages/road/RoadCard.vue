<script setup lang="ts">
import { useSession } from "../../shell/session";
import { toTime } from "../../units/format";
import BeddingIn from "./BeddingIn.vue";
import FirstMoves from "./FirstMoves.vue";
import HandOver from "./HandOver.vue";
import LookAgain from "./LookAgain.vue";
import StopTests from "./StopTests.vue";
import { useRoad } from "./useRoad";

/** The road card: what keeps the vehicle standing, first moves, bedding in, stops measured, looks again, hand-over. */
const { jobId } = defineProps<{ jobId: number }>();
const session = useSession();
const deeds = useRoad(jobId);
const { road, failure, isLoading, problem } = deeds;
</script>

<template>
  <div class="page bay">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !road" class="soft">Fetching the road card …</p>
    <template v-if="road">
      <div class="page-head">
        <h1>{{ road.title }} on the road</h1>
        <a class="button" :href="`/api/jobs/${jobId}/dossier.pdf`" target="_blank" rel="noopener">Dossier</a>
      </div>
      <section
        class="sheet state"
        :class="{ stands: road.standing.length }"
        aria-label="May it move?"
        role="status"
      >
        <h2 v-if="road.standing.length"><span aria-hidden="true">■</span> It does not move</h2>
        <h2 v-else-if="road.handedOver"><span aria-hidden="true">●</span> Handed over</h2>
        <h2 v-else><span aria-hidden="true">◐</span> It may be tried, step by step</h2>
        <ul v-if="road.standing.length">
          <li v-for="s in road.standing" :key="s">{{ s }}</li>
        </ul>
        <p v-if="road.changedSince" class="failure">
          It was handed over before, and something has changed since: it is signed for anew.
        </p>
      </section>
      <p class="caution small">
        First drive: an empty, level place, belts on, nobody in the way, chocks and a telephone at hand. If in
        doubt the vehicle does not move. Local rules, inspection and licensed practice come first.
      </p>
      <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
      <div class="two">
        <div>
          <FirstMoves :road="road" :deeds="deeds" />
          <LookAgain :road="road" :deeds="deeds" />
        </div>
        <div>
          <BeddingIn :road="road" :deeds="deeds" />
          <StopTests :road="road" :deeds="deeds" />
          <HandOver :road="road" :deeds="deeds" />
        </div>
      </div>
      <section v-if="road.entries.length" class="sheet" aria-label="What was done">
        <h2>What was done</h2>
        <table class="plain">
          <tbody>
            <tr v-for="e in road.entries" :key="e.id">
              <td class="figures">{{ toTime(e.at) }}</td>
              <td>{{ e.by }}</td>
              <td>{{ e.said }}</td>
              <td>
                <button
                  v-if="session.mayChange"
                  type="button"
                  class="plain-button"
                  :aria-label="`Take back: ${e.said}`"
                  @click="deeds.takeBack(e.id)"
                >
                  Take back
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>

<style scoped>
.state {
  border-left: 6px solid var(--accent);
}

.state.stands {
  border-left-color: currentcolor;
  color: var(--caution-ink);
  background: var(--caution-wash);
}

.state ul {
  margin: 0;
  padding-left: 1.2rem;
  font-size: 1.15rem;
}
</style>
