<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toDoubt, toLength } from "../../units/format";
import { CIRCLE_WAYS, type CalloutId, type SideView } from "./callouts";

/** Where readings are typed: one at a time, understood while typing, Enter goes on to the next. */
const { axleId, side, callout, instruments } = defineProps<{
  axleId: number;
  side: SideView;
  callout: Schemas["CalloutView"];
  instruments: Schemas["InstrumentView"][];
}>();
const emit = defineEmits<{
  taken: [view: Schemas["AxleEndView"]];
  withdraw: [readingId: number];
  way: [callout: CalloutId];
}>();

const session = useSession();
const text = ref("");
const place = ref("");
const instrument = ref(callout.usual);
const understood = ref<Schemas["UnderstoodView"] | null>(null);
const problem = ref("");
const isBusy = ref(false);
const mayConfirm = ref(false);
const textField = ref<HTMLInputElement | null>(null);
const placeField = ref<HTMLInputElement | null>(null);

const isCircle = computed(() => CIRCLE_WAYS.includes(callout.callout));
const ways = computed(() => side.callouts.filter((c) => CIRCLE_WAYS.includes(c.callout)));
const lastReading = computed(() => callout.readings.at(-1));

watch(
  () => callout.callout,
  () => {
    instrument.value = callout.usual;
    text.value = "";
    place.value = "";
    clear();
    void focus();
  },
);

function clear() {
  understood.value = null;
  problem.value = "";
  mayConfirm.value = false;
}

async function focus() {
  await nextTick();
  (callout.hasPlaces ? placeField.value : textField.value)?.focus();
}

onMounted(focus);

let asked = 0;
watch([text, instrument], async () => {
  clear();
  if (!text.value.trim()) return;
  const ticket = ++asked;
  await new Promise((done) => setTimeout(done, 90));
  if (ticket !== asked) return;
  try {
    const answer = await toData(
      client.POST("/api/understand", {
        body: {
          callout: callout.callout,
          text: text.value,
          place: place.value,
          instrument: instrument.value,
        },
      }),
    );
    if (ticket === asked) understood.value = answer;
  } catch {
    // the reading itself will say so when it is sent
  }
});

const echo = computed(() => {
  const u = understood.value;
  if (!u) return "";
  if (!u.ok) return u.problem ?? "";
  if (u.thread) return `= thread ${u.thread}`;
  if (u.value === undefined) return "";
  if (callout.kind === "COUNT") return `= ${u.value}`;
  const other = session.units === "METRIC" ? "INCH" : "METRIC";
  const tool = instruments.find((i) => i.id === instrument.value)?.title;
  return `= ${toLength(u.value, session.units)} ${toDoubt(u.doubt ?? 0, session.units)} (${toLength(u.value, other)}), ${tool}`;
});

async function onEnter() {
  if (isBusy.value) return;
  if (callout.hasPlaces && !place.value.trim()) {
    problem.value = `Give the ${callout.callout === "WHEEL_BARREL" ? "depth from the inboard flange edge" : "radius from the axis"} first.`;
    placeField.value?.focus();
    return;
  }
  isBusy.value = true;
  try {
    const view = await toData(
      client.POST("/api/axles/{axleId}/readings", {
        params: { path: { axleId } },
        body: {
          clientId: crypto.randomUUID(),
          side: side.side,
          callout: callout.callout,
          text: text.value,
          place: callout.hasPlaces ? place.value : "",
          instrument: instrument.value,
          confirmed: mayConfirm.value,
        },
      }),
    );
    text.value = "";
    place.value = "";
    clear();
    emit("taken", view);
    await focus();
  } catch (e) {
    problem.value = toMessage(e);
    mayConfirm.value = e instanceof Refusal && e.confirmable;
  } finally {
    isBusy.value = false;
  }
}

function onPlaceEnter() {
  if (place.value.trim()) textField.value?.focus();
  else problem.value = "Give the place first.";
}

function onWay(event: Event) {
  emit("way", (event.target as HTMLSelectElement).value as CalloutId);
}
</script>

<template>
  <form class="sheet strip" aria-label="Gauge strip" @submit.prevent="onEnter">
    <div class="what">
      <h2>
        {{ callout.title }}
        <span class="side">{{ side.side === "LEFT" ? "left" : "right" }}</span>
        <span v-if="side.next === callout.callout" class="next">take this next</span>
      </h2>
      <p>{{ callout.howTo }}</p>
      <p v-if="callout.slip" class="soft small">Common slip: {{ callout.slip }}</p>
    </div>
    <div v-if="session.mayChange" class="entry">
      <label v-if="isCircle"
        >Measured as
        <select :value="callout.callout" @change="onWay">
          <option v-for="w in ways" :key="w.callout" :value="w.callout">{{ w.title }}</option>
        </select>
      </label>
      <label
        >With
        <select v-model="instrument">
          <option v-for="i in instruments" :key="i.id" :value="i.id">{{ i.title }}</option>
        </select>
      </label>
      <label v-if="callout.hasPlaces" class="place">
        {{ callout.callout === "WHEEL_BARREL" ? "At depth" : "At radius" }}
        <input
          ref="placeField"
          v-model="place"
          maxlength="60"
          inputmode="decimal"
          autocomplete="off"
          @keydown.enter.prevent="onPlaceEnter"
        />
      </label>
      <label class="reading">
        Reading
        <input
          ref="textField"
          v-model="text"
          maxlength="80"
          autocomplete="off"
          spellcheck="false"
          :aria-describedby="'understood'"
          :aria-invalid="Boolean(problem)"
          :placeholder="
            callout.kind === 'THREAD'
              ? '1/2-20'
              : callout.kind === 'COUNT'
                ? '5'
                : session.units === 'METRIC'
                  ? '71.4'
                  : '2 13/16'
          "
        />
      </label>
      <button type="submit" class="enter" :disabled="isBusy">{{ mayConfirm ? "Keep it" : "Enter" }}</button>
    </div>
    <p v-else class="soft">Your role looks only; readings are taken by a mechanic.</p>
    <p
      id="understood"
      class="echo"
      aria-live="polite"
      :class="{ failure: problem || (understood && !understood.ok) }"
    >
      {{ problem || echo }}
    </p>
    <ul v-if="callout.readings.length" class="taken" aria-label="Readings taken">
      <li v-for="r in callout.readings" :key="r.id">
        <span class="figures"
          ><span v-if="r.placeText">{{ r.placeText }}: </span><strong>{{ r.text }}</strong></span
        >
        <button
          v-if="session.mayChange"
          type="button"
          :aria-label="`Withdraw ${r.placeText} ${r.text}`"
          @click="emit('withdraw', r.id)"
        >
          ×
        </button>
      </li>
      <li v-if="lastReading" class="soft small by">{{ lastReading.by }}</li>
    </ul>
  </form>
</template>

<style scoped>
.strip {
  margin-top: 0.5rem;
  padding: 0.6rem 1rem;
  display: grid;
  grid-template-columns: minmax(20rem, 1fr) minmax(30rem, 1.4fr);
  gap: 0.3rem 1.4rem;
  border-top: 3px solid var(--accent);
}

.what {
  grid-row: span 2;
}

h2 {
  display: flex;
  gap: 0.6rem;
  align-items: baseline;
  flex-wrap: wrap;
}

.side {
  color: var(--accent);
}

.next {
  font-size: 0.94rem;
  color: var(--accent);
  border: 1px solid var(--accent);
  padding: 0 0.5rem;
}

p {
  margin: 0.15rem 0;
}

.entry {
  display: flex;
  gap: 0.7rem;
  align-items: end;
  flex-wrap: wrap;
}

label {
  display: flex;
  flex-direction: column;
  font-size: 0.94rem;
  color: var(--ink-soft);
}

input,
select {
  font: inherit;
  font-size: 1.15rem;
  color: var(--ink);
  background: var(--sheet);
  min-height: 48px;
  padding: 0 0.6rem;
  border: 1px solid var(--ink-soft);
  border-radius: 0;
}

select {
  font-size: 1.02rem;
  max-width: 14rem;
}

.place input {
  width: 6.5rem;
}

.reading {
  flex: 1;
}

.reading input {
  width: 100%;
  min-width: 9rem;
  font-size: 1.5rem;
  font-weight: 600;
}

.enter {
  font: inherit;
  font-weight: 600;
  min-height: 48px;
  min-width: 6rem;
  border: 0;
  background: var(--accent);
  color: var(--sheet);
  cursor: pointer;
}

.echo {
  min-height: 1.5rem;
  font-size: 1.1rem;
}

.taken {
  grid-column: 1 / -1;
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin: 0;
  padding: 0;
  align-items: center;
}

.taken li:not(.by) {
  display: flex;
  align-items: center;
  border: 1px solid var(--line);
  padding-left: 0.7rem;
}

.taken button {
  font: inherit;
  font-size: 1.3rem;
  width: 44px;
  height: 44px;
  border: 0;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
}

@media (max-width: 900px) {
  .strip {
    grid-template-columns: 1fr;
  }
}
</style>
