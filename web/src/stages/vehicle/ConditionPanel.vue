<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { LOOKED_AT, STATES } from "./words";

/** What state the brakes' parts were found in, and what is worth doing while they are apart. Writes into the sheet's draft. */
const { offers } = defineProps<{ offers: Schemas["VehicleView"]["offers"] }>();
const sheet = defineModel<Schemas["VehicleSheet"]>("sheet", { required: true });

const minutes = computed(() =>
  offers.filter((o) => sheet.value.whileApart.includes(o.id)).reduce((sum, o) => sum + o.minutes, 0),
);

function toState(what: string): string {
  return sheet.value.conditions.find((c) => c.what === what)?.state ?? "";
}

function onState(what: string, event: Event) {
  const state = (event.target as HTMLSelectElement).value;
  const others = sheet.value.conditions.filter((c) => c.what !== what);
  const note = sheet.value.conditions.find((c) => c.what === what)?.note ?? "";
  sheet.value.conditions = state
    ? [...others, { what, state: state as Schemas["Condition"]["state"], note }]
    : others;
}

function onNote(what: string, event: Event) {
  const condition = sheet.value.conditions.find((c) => c.what === what);
  if (condition) condition.note = (event.target as HTMLInputElement).value;
}
</script>

<template>
  <div>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Looked at</th>
          <th scope="col">State</th>
          <th scope="col">Note</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="what in LOOKED_AT" :key="what">
          <td>{{ what }}</td>
          <td>
            <select :value="toState(what)" :aria-label="`State of ${what}`" @change="onState(what, $event)">
              <option value="">not looked at</option>
              <option v-for="s in STATES" :key="s.value" :value="s.value">{{ s.label }}</option>
            </select>
          </td>
          <td>
            <input
              :value="sheet.conditions.find((c) => c.what === what)?.note ?? ''"
              :disabled="!toState(what)"
              :aria-label="`Note on ${what}`"
              maxlength="300"
              @input="onNote(what, $event)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <h3>While it is apart</h3>
    <div class="checks">
      <label v-for="o in offers" :key="o.id"
        ><input v-model="sheet.whileApart" type="checkbox" :value="o.id" /> {{ o.title }}
        <span class="soft small figures">{{ o.minutes }} min</span></label
      >
    </div>
    <p class="soft">Worth doing because the axle is open; nobody has to. Chosen: {{ minutes }} min more.</p>
  </div>
</template>

<style scoped>
select,
td input {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  width: 100%;
}
</style>
