<script setup lang="ts">
import { reactive } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";

/** Parcels that are awaited; told to come on another day, the week is laid anew. */
const { parcels, isBusy } = defineProps<{ parcels: Schemas["WeekParcel"][]; isBusy: boolean }>();
const emit = defineEmits<{ comes: [orderId: string, day: string] }>();
const session = useSession();
const typed = reactive<Record<string, string>>({});
const toDay = (p: Schemas["WeekParcel"]) => typed[p.orderId] ?? p.comes;
</script>

<template>
  <section class="sheet" aria-label="Parcels">
    <h2>Parcels awaited</h2>
    <p v-if="!parcels.length" class="soft">None.</p>
    <form v-for="p in parcels" :key="p.orderId" @submit.prevent="emit('comes', p.orderId, toDay(p))">
      <label class="grow"
        >{{ p.supplier }} for {{ p.title }}, {{ p.axle }} ({{ p.told ? "told" : "reckoned" }})
        <input
          type="date"
          :value="toDay(p)"
          :disabled="!session.mayChange"
          @input="typed[p.orderId] = ($event.target as HTMLInputElement).value"
        />
      </label>
      <button v-if="session.mayChange" type="submit" class="plain-button" :disabled="isBusy">
        Comes then
      </button>
    </form>
  </section>
</template>

<style scoped>
form + form {
  margin-top: 0.7rem;
}
</style>
