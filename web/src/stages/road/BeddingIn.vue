<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, reactive, ref } from "vue";
import { useSession } from "../../shell/session";
import { toClock, toHeat, toHeatDoubt, toSpeed } from "./roadUnits";
import type { Road, RoadDeeds } from "./useRoad";

/** Stops counted by a rule, with the pause after each counted down. */
const { road, deeds } = defineProps<{ road: Road; deeds: RoadDeeds }>();
const session = useSession();
const bedding = computed(() => road.bedding);
const now = ref(Date.now());
let timer: ReturnType<typeof setInterval> | undefined;
onMounted(() => (timer = setInterval(() => (now.value = Date.now()), 500)));
onBeforeUnmount(() => clearInterval(timer));

const left = computed(() =>
  bedding.value?.ready ? (Date.parse(bedding.value.ready) - now.value) / 1000 : 0,
);
const phase = computed(() => bedding.value?.phases.find((p) => p.done < p.stops));
const isByPapers = ref(false);
const papers = reactive({ stops: 10, from: "", to: "", pause: 60 });

async function onRule() {
  if (await deeds.rule(isByPapers.value ? { papers: { ...papers } } : {})) isByPapers.value = false;
}

const heat = ref("");

async function onStop() {
  if (await deeds.stop({ temperature: heat.value })) heat.value = "";
}

const isTooHot = computed(
  () =>
    bedding.value?.hottest !== undefined &&
    bedding.value.hottest + (bedding.value.hottestDoubt ?? 0) > bedding.value.tooHot,
);
</script>

<template>
  <section class="sheet" aria-label="Bedding in">
    <h2>Bedding in</h2>
    <template v-if="bedding">
      <ul>
        <li v-for="p in bedding.phases" :key="p.title" :class="{ soft: p.done >= p.stops }">
          <strong class="figures">{{ p.done }} of {{ p.stops }}</strong> ·
          {{ toSpeed(p.from, session.units) }}
          {{ p.to > 0 ? `to ${toSpeed(p.to, session.units)}` : "to a stand" }}, {{ p.title }}; then
          {{ p.pause }} s without braking
        </li>
      </ul>
      <template v-if="phase">
        <div v-if="session.mayChange" class="count">
          <button type="button" class="strong stop" :disabled="deeds.isBusy.value" @click="onStop">
            Stop {{ bedding.counted + 1 }} done
          </button>
          <label
            >Disc read at
            <input
              v-model="heat"
              maxlength="20"
              :placeholder="session.units === 'METRIC' ? '°C, if read' : '°F, if read'"
          /></label>
          <p class="clock" :class="{ cooling: left > 0 }" role="timer">
            {{ left > 0 ? `Cooling ${toClock(left)}` : bedding.counted ? "Ready for the next" : "" }}
          </p>
        </div>
      </template>
      <p v-else>
        <strong>All {{ bedding.stops }} stops are counted.</strong>
      </p>
      <p v-if="bedding.early" class="failure">
        {{ bedding.early }} came before the pause was over: let it cool longer, and look at the disc for
        spots.
      </p>
      <p v-if="bedding.lastHeat !== undefined" :class="bedding.lastHeat >= bedding.tooHot ? 'failure' : ''">
        Last read at {{ toHeat(bedding.lastHeat, session.units) }}.
        <template v-if="bedding.lastHeat >= bedding.tooHot">
          Too hot to bed in: drive it cool without braking, and do not stop with the pads on.
        </template>
      </p>
      <p v-if="bedding.hottest !== undefined" :class="isTooHot ? 'failure' : 'soft'">
        Front disc {{ toHeat(bedding.hottest, session.units) }} ±
        {{ toHeatDoubt(bedding.hottestDoubt ?? 0, session.units) }} at the most by this rule, worked out from
        the planned circuit.
        <template v-if="isTooHot">
          It may pass {{ toHeat(bedding.tooHot, session.units) }}: take longer pauses.
        </template>
      </p>
      <p v-else-if="bedding.wanted.length" class="soft small">
        How hot the disc gets cannot be told: {{ bedding.wanted.join(", ") }} not known.
      </p>
    </template>
    <p v-else>No rule is taken yet. The pads’ own papers win over a school.</p>
    <form v-if="session.mayChange && (!bedding || isByPapers)" @submit.prevent="onRule">
      <template v-if="isByPapers">
        <label>Stops <input v-model.number="papers.stops" type="number" min="1" max="60" /></label>
        <label
          >From
          <input
            v-model="papers.from"
            maxlength="20"
            :placeholder="session.units === 'METRIC' ? 'km/h' : 'mph'"
        /></label>
        <label
          >To
          <input
            v-model="papers.to"
            maxlength="20"
            :placeholder="session.units === 'METRIC' ? 'km/h' : 'mph'"
        /></label>
        <label>Pause, s <input v-model.number="papers.pause" type="number" min="0" max="3600" /></label>
      </template>
      <button type="submit" class="strong" :disabled="deeds.isBusy.value">
        {{ isByPapers ? "Take this rule" : "Take the usual rule" }}
      </button>
      <button v-if="!isByPapers" type="button" class="plain-button" @click="isByPapers = true">
        As the pads’ papers say …
      </button>
    </form>
    <button
      v-else-if="session.mayChange && bedding"
      type="button"
      class="plain-button"
      @click="isByPapers = true"
    >
      Begin anew by another rule …
    </button>
  </section>
</template>

<style scoped>
ul {
  margin: 0 0 0.6rem;
  padding-left: 1.2rem;
}

.count {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 1rem;
}

.bay .stop {
  min-height: 84px;
  font-size: 1.5rem;
}

.clock {
  margin: 0;
  font-size: 1.5rem;
  font-variant-numeric: tabular-nums;
}

.cooling {
  font-weight: 600;
}
</style>
