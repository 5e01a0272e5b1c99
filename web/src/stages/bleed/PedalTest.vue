<script setup lang="ts">
import { reactive, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toNewest } from "../../shell/newest";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";

/** Two readings of the pedal, and the air that is left by them. */
const { jobId } = defineProps<{ jobId: number }>();
const emit = defineEmits<{ logged: [] }>();
const session = useSession();
const low = reactive({ force: "", travel: "" });
const high = reactive({ force: "", travel: "" });
const air = ref<Schemas["AirView"]>();
const problem = ref("");

const newest = toNewest();
// air does not stand beside readings it was not worked out from
watch(
  [low, high],
  () => {
    newest.forget();
    air.value = undefined;
  },
  { flush: "sync" },
);

async function onAsk() {
  const isNewest = newest.ask();
  problem.value = "";
  air.value = undefined;
  try {
    const fresh = await toData(
      client.POST("/api/jobs/{jobId}/bleed/pedal", {
        params: { path: { jobId } },
        body: { low: { ...low }, high: { ...high } },
      }),
    );
    if (isNewest()) air.value = fresh;
    emit("logged");
  } catch (e) {
    problem.value = toMessage(e);
  }
}
</script>

<template>
  <section class="sheet" aria-label="Pedal">
    <h2>The pedal tells the air that is left</h2>
    <p class="small soft">
      Engine off, booster pumped out. Press slowly and hold: once softly, at
      {{ session.units === "METRIC" ? "0.3 MPa" : "44 psi" }} at most, once hard. Force at the pad, travel
      from rest.
    </p>
    <form v-if="session.mayChange" @submit.prevent="onAsk">
      <fieldset
        v-for="[name, press] in [
          ['Softly', low],
          ['Hard', high],
        ] as const"
        :key="name"
      >
        <legend>{{ name }}</legend>
        <label
          >Force
          <input v-model="press.force" maxlength="40" :placeholder="session.units === 'METRIC' ? 'N' : 'lbf'"
        /></label>
        <label
          >Travel
          <input
            v-model="press.travel"
            maxlength="40"
            :placeholder="session.units === 'METRIC' ? 'mm' : 'in'"
        /></label>
      </fieldset>
      <button type="submit" class="plain-button">Work out the air</button>
    </form>
    <p v-if="air && air.air !== undefined" role="status">
      <strong>{{ air.air.toFixed(1) }} ± {{ air.doubt?.toFixed(1) }} cm³ of air.</strong>
      {{
        air.air - (air.doubt ?? 0) > 1
          ? "That is felt: bleed again, the farthest wheel first; look at nipples that are not topmost."
          : air.air + (air.doubt ?? 0) <= 1
            ? "A system bled well holds as little."
            : "Whether it is more than a well-bled system holds is not proven: read again, or bleed once more."
      }}
    </p>
    <p v-else-if="air" role="status">
      {{ air.why }}<template v-if="air.wanted.length"> Wanted: {{ air.wanted.join(", ") }}.</template>
    </p>
    <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
fieldset {
  display: flex;
  gap: 0.6rem;
  border: 1px solid var(--line);
  padding: 0.3rem 0.7rem 0.6rem;
}

input {
  width: 7rem;
}
</style>
