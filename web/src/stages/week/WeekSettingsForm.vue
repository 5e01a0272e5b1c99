<script setup lang="ts">
import { reactive, watch } from "vue";
import type { Schemas } from "../../api/client";

/** When the shop works, and with what. */
const { settings, isBusy } = defineProps<{ settings: Schemas["WeekSettings"]; isBusy: boolean }>();
const emit = defineEmits<{ save: [settings: Schemas["WeekSettings"]] }>();
const DAYS = ["MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY"];
const toDraft = (s: Schemas["WeekSettings"]) => ({ ...s, hours: { ...s.hours } });
const draft = reactive(toDraft(settings));
watch(
  () => settings.version,
  () => Object.assign(draft, toDraft(settings)),
);
const toName = (day: string) => day.charAt(0) + day.slice(1).toLowerCase();
</script>

<template>
  <details class="sheet">
    <summary>Working time, stands, press, welder</summary>
    <form @submit.prevent="emit('save', toDraft(draft))">
      <label v-for="d in DAYS" :key="d"
        >{{ toName(d) }}
        <input v-model="draft.hours[d]" class="hours" maxlength="80" placeholder="free" />
      </label>
      <label>Stands <input v-model.number="draft.stands" type="number" min="1" max="50" /></label>
      <label>Presses <input v-model.number="draft.presses" type="number" min="0" max="50" /></label>
      <label>Welders <input v-model.number="draft.welders" type="number" min="0" max="50" /></label>
      <button type="submit" class="plain-button" :disabled="isBusy">Save</button>
    </form>
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
  cursor: pointer;
  font-size: 1.1rem;
}

.bay form input.hours {
  max-width: none;
  width: 15rem;
  font-size: 1.05rem;
}
</style>
