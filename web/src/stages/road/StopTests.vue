<script setup lang="ts">
import { reactive } from "vue";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { toDeceleration, toRoad, toSpeed } from "./roadUnits";
import type { Road, RoadDeeds } from "./useRoad";

/** Stops measured before and after the work, with their spread. */
const { road, deeds } = defineProps<{ road: Road; deeds: RoadDeeds }>();
const session = useSession();
const run = reactive({ when: "before" as "before" | "after", speed: "", distance: "" });

const CHANGES = {
  HARDER: "It stops harder than before, by",
  SOFTER: "It stops more softly than before, by",
  CANNOT_BE_TOLD: "No difference can be told from the spread:",
} as const;

async function onRun() {
  const body = { after: run.when === "after", speed: run.speed, distance: run.distance };
  if (await deeds.run(body)) run.distance = "";
}
</script>

<template>
  <section class="sheet" aria-label="Stops measured">
    <h2>Stops measured</h2>
    <p class="small soft">
      The same level, dry road, the same speed, three stops each, before the work and after. From where the
      pedal was touched to the stand.
    </p>
    <table v-if="road.stops.before.runs.length || road.stops.after.runs.length" class="plain">
      <thead>
        <tr>
          <th></th>
          <th>Stops</th>
          <th>Mean</th>
          <th>From {{ toSpeed(20 * 1.609344, session.units) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="[name, set] in [
            ['before', road.stops.before],
            ['after', road.stops.after],
          ] as const"
          :key="name"
        >
          <th scope="row">{{ name }}</th>
          <td>
            <div v-for="r in set.runs" :key="r.id" class="figures">
              {{ toSpeed(r.speed, session.units) }} in {{ toRoad(r.distance, session.units) }}
            </div>
          </td>
          <td v-if="set.deceleration !== undefined" class="figures">
            {{ toDeceleration(set.deceleration, set.doubt ?? 0, session.units) }}
          </td>
          <td v-else class="soft small">{{ set.why }}</td>
          <td class="figures">
            {{ set.fromTwentyMph === undefined ? "" : toRoad(set.fromTwentyMph, session.units) }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="road.stops.change">
      <strong>{{ CHANGES[road.stops.change] }}</strong>
      <template v-if="road.stops.gained !== undefined">
        {{
          toDeceleration(
            road.stops.change === "SOFTER" ? -road.stops.gained : road.stops.gained,
            road.stops.gainedDoubt ?? 0,
            session.units,
          )
        }}.
      </template>
      <template v-else> the speeds are unlike.</template>
    </p>
    <form v-if="session.mayChange" @submit.prevent="onRun">
      <PressedRow
        v-model="run.when"
        label="When"
        :options="[
          { value: 'before', text: 'Before the work' },
          { value: 'after', text: 'After the work' },
        ]"
      />
      <label
        >Speed
        <input v-model="run.speed" maxlength="20" :placeholder="session.units === 'METRIC' ? 'km/h' : 'mph'"
      /></label>
      <label
        >Distance
        <input v-model="run.distance" maxlength="20" :placeholder="session.units === 'METRIC' ? 'm' : 'ft'"
      /></label>
      <button type="submit" class="plain-button" :disabled="deeds.isBusy.value">Log the stop</button>
    </form>
  </section>
</template>
