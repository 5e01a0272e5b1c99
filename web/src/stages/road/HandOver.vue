<script setup lang="ts">
import { computed, ref } from "vue";
import { useSession } from "../../shell/session";
import { useKept } from "../../shell/useKept";
import { toTime } from "../../units/format";
import type { Road, RoadDeeds } from "./useRoad";

/** What is left before the owner takes the vehicle, what he is told of, and three signatures. */
const { road, deeds } = defineProps<{ road: Road; deeds: RoadDeeds }>();
const session = useSession();
const owner = ref("");
useKept(`hand-over.${road.jobId}`, { owner });
const mayBeHanded = computed(() => !road.standing.length && !road.handing.length);
const has = (as: string) => road.signatures.some((s) => s.as === as);

async function onSign(as: "MECHANIC" | "LEAD" | "OWNER") {
  const name = as === "OWNER" ? owner.value : "";
  if ((await deeds.sign({ as, name, seal: road.seal })) && as === "OWNER") owner.value = "";
}
</script>

<template>
  <section class="sheet" aria-label="Hand-over">
    <h2>Hand-over</h2>
    <template v-if="!mayBeHanded">
      <p>Not before:</p>
      <ul>
        <li v-for="h in [...road.standing, ...road.handing]" :key="h">{{ h }}</li>
      </ul>
    </template>
    <template v-if="road.listed.length">
      <h3>The owner is told</h3>
      <ul>
        <li v-for="l in road.listed" :key="l">{{ l }}</li>
      </ul>
    </template>
    <p class="caution small">
      The owner is told before driving off: other pedal feel than before, no hard stops in the first miles,
      wheel nuts again after 50 to 100 miles, what is looked at again when. Pads squeal and smell a little
      until they are seated.
    </p>
    <ul v-if="road.signatures.length" class="signed">
      <li v-for="s in road.signatures" :key="s.as">
        <strong>{{ s.name }}</strong> as {{ s.as }}, {{ toTime(s.at)
        }}<span v-if="s.as === 'owner'" class="soft">, taken down by {{ s.by }}</span>
      </li>
    </ul>
    <form v-if="session.mayChange && mayBeHanded && !road.handedOver" @submit.prevent="onSign('OWNER')">
      <button
        v-if="!has('mechanic')"
        type="button"
        class="plain-button"
        :disabled="deeds.isBusy.value"
        @click="onSign('MECHANIC')"
      >
        Sign as the mechanic
      </button>
      <button
        v-if="!has('lead') && session.isLead"
        type="button"
        class="plain-button"
        :disabled="deeds.isBusy.value"
        @click="onSign('LEAD')"
      >
        Sign as the lead
      </button>
      <template v-if="has('mechanic') && has('lead')">
        <label>Owner’s name <input v-model="owner" class="long" maxlength="80" autocomplete="off" /></label>
        <button type="submit" class="strong" :disabled="deeds.isBusy.value">The owner takes over</button>
      </template>
    </form>
    <p v-if="road.handedOver">
      <strong>Handed over.</strong> Print the
      <a :href="`/api/jobs/${road.jobId}/dossier.pdf`" target="_blank" rel="noopener">dossier</a> and have it
      signed on paper: the head of the log on it shows whether anything is changed afterwards.
    </p>
  </section>
</template>

<style scoped>
ul {
  margin: 0 0 0.6rem;
  padding-left: 1.2rem;
}

.signed {
  list-style: none;
  padding: 0;
}
</style>
