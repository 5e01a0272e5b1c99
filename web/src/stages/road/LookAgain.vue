<script setup lang="ts">
import { ref } from "vue";
import { useSession } from "../../shell/session";
import { useKept } from "../../shell/useKept";
import { toDate } from "../../units/format";
import { toOdometer } from "./roadUnits";
import type { Road, RoadDeeds } from "./useRoad";

/** What is looked at again, by distance or date, whichever is first. */
const { road, deeds } = defineProps<{ road: Road; deeds: RoadDeeds }>();
const session = useSession();
const odometer = ref("");
const open = ref("");
const note = ref("");
const km = ref("");
useKept(`look-again.${road.jobId}`, { odometer, open, note, km });

const STATES = { AHEAD: "ahead", SOON: "soon", DUE: "DUE", DONE: "done" } as const;
const MARKS = { AHEAD: "○", SOON: "◔", DUE: "■", DONE: "●" } as const;

async function onOdometer() {
  if (await deeds.odometer({ km: odometer.value })) odometer.value = "";
}

async function onLooked() {
  if (await deeds.recheck(open.value, { km: km.value, note: note.value })) {
    open.value = "";
    note.value = "";
    km.value = "";
  }
}
</script>

<template>
  <section class="sheet" aria-label="Look again">
    <div class="top">
      <h2>Look again</h2>
      <a class="button" :href="`/api/jobs/${road.jobId}/road/reminders.ics`" download>Calendar</a>
    </div>
    <form v-if="session.mayChange" @submit.prevent="onOdometer">
      <label
        >Odometer now
        <input v-model="odometer" maxlength="20" :placeholder="session.units === 'METRIC' ? 'km' : 'mi'"
      /></label>
      <button type="submit" class="plain-button" :disabled="deeds.isBusy.value">Write down</button>
      <span class="soft">{{
        road.odometer === undefined ? "not told yet" : `last ${toOdometer(road.odometer, session.units)}`
      }}</span>
    </form>
    <ul>
      <li v-for="r in road.rechecks" :key="r.id">
        <p>
          <strong :class="{ failure: r.state === 'DUE' }"
            ><span aria-hidden="true">{{ MARKS[r.state] }}</span> {{ STATES[r.state] }}</strong
          >
          · {{ r.what }}
          <span class="soft">
            <template v-if="r.found !== undefined">{{ r.found }}</template>
            <template v-else-if="r.date"
              >by {{ toDate(r.date)
              }}<template v-if="r.odometer !== undefined"
                >, or at {{ toOdometer(r.odometer, session.units) }}</template
              ></template
            >
            <template v-else>after the first drive is known</template>
          </span>
        </p>
        <form v-if="open === r.id" @submit.prevent="onLooked">
          <label>Found <input v-model="note" class="long" maxlength="300" /></label>
          <label
            >Odometer
            <input v-model="km" maxlength="20" :placeholder="session.units === 'METRIC' ? 'km' : 'mi'"
          /></label>
          <button type="submit" class="plain-button" :disabled="deeds.isBusy.value">Looked at</button>
        </form>
        <button
          v-else-if="session.mayChange && r.state !== 'DONE' && r.date"
          type="button"
          class="plain-button"
          :aria-label="`Looked at: ${r.what}`"
          @click="open = r.id"
        >
          Looked at …
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: start;
}

ul {
  list-style: none;
  margin: 0.6rem 0 0;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 0.2rem 0.8rem;
  border-bottom: 1px solid var(--line-soft);
  min-height: 50px;
}

li p {
  flex: 1 1 20rem;
  margin: 0.2rem 0;
}
</style>
