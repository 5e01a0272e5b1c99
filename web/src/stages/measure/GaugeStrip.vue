<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toDoubt, toLength, type UnitSystem } from "../../units/format";
import { CIRCLE_WAYS, type CalloutId, type CalloutView, type SideView } from "./callouts";
import type { Entry } from "./outbox";
import { toStation } from "./station";
import { keepHalfTyped, type HalfTyped } from "./halfTyped";
import TakenReadings from "./TakenReadings.vue";
import { useStation } from "./useStation";
import { useUnderstood } from "./useUnderstood";

/** Where readings are typed: one at a time, understood while typing; Enter sends it off and goes on to the next. */
const { axleId, side, callout, instruments, isNext, other, sheetNumber } = defineProps<{
  axleId: number;
  side: SideView;
  callout: CalloutView;
  instruments: Schemas["InstrumentView"][];
  isNext: boolean;
  /** The same dimension as it was read elsewhere, which `=` repeats; none there: null. */
  other: { text: string; instrument: Schemas["InstrumentView"]["id"]; where: string } | null;
  /** Number of the dimension on the paper sheet while typing in from it; else 0. */
  sheetNumber: number;
}>();
const emit = defineEmits<{
  enter: [entry: Pick<Entry, "text" | "place" | "instrument" | "units" | "confirmed" | "corrects">];
  withdraw: [readingId: number];
  way: [callout: CalloutId];
  skip: [];
  /** No more stations of this profile. */
  done: [];
  photo: [readingId: number, file: File];
}>();

type GaugeUnits = "OWN" | UnitSystem;
/** Typed where the same was read elsewhere: here it was read too, and is the same. */
const SAME = "=";
const session = useSession();
const text = ref("");
const { place, isProposed, propose, sentOff, withdrawn } = useStation(
  axleId,
  () => callout,
  () => side.side,
  text,
);
const instrument = ref(callout.defaultInstrument);
const gaugeUnits = ref<GaugeUnits>(
  (localStorage.getItem("itrova.gauge-units") as GaugeUnits | null) ?? "OWN",
);
const problem = ref("");
const mend = ref("");
const mayConfirm = ref(false);
const corrects = ref<number | undefined>();
const textField = ref<HTMLInputElement | null>(null);
const placeField = ref<HTMLInputElement | null>(null);

const isCircle = computed(() => CIRCLE_WAYS.includes(callout.callout));
const ways = computed(() => side.callouts.filter((c) => CIRCLE_WAYS.includes(c.callout)));
const units = computed<UnitSystem>(() => (gaugeUnits.value === "OWN" ? session.units : gaugeUnits.value));
const { understood, hush } = useUnderstood(
  () => callout.callout,
  { text, place, instrument, units },
  (typed) => typed === SAME,
);
const warning = computed(() => instruments.find((i) => i.id === instrument.value)?.warning);
const tools = computed(() => {
  const isLength = callout.kind === "LENGTH";
  return instruments.filter(
    (i) =>
      i.id === callout.defaultInstrument ||
      (i.id === "EYE" || i.id === "THREAD_GAUGE" ? !isLength : isLength),
  );
});

watch([() => callout.callout, () => side.side], () => {
  instrument.value = callout.defaultInstrument;
  clear();
  void focus();
});
watch(
  place,
  () => {
    // another place is proposed while the field waits: it is typed over like the one before
    if (isProposed.value && document.activeElement === placeField.value) placeField.value?.select();
  },
  { flush: "post" },
);
watch(gaugeUnits, (u) => localStorage.setItem("itrova.gauge-units", u));

function clear() {
  text.value = "";
  propose();
  corrects.value = undefined;
  forget();
}

function forget() {
  problem.value = "";
  mend.value = "";
  mayConfirm.value = false;
}

async function focus() {
  await nextTick();
  const isPlaceFirst = callout.hasPlaces && isProposed.value;
  (isPlaceFirst ? placeField.value : textField.value)?.focus();
  if (isPlaceFirst) placeField.value?.select(); // Enter takes the place, typing replaces it
}

onMounted(focus);

watch([text, place], () => {
  // a correction is not kept: what it corrects may be gone when one comes back
  if (corrects.value === undefined)
    keepHalfTyped(
      axleId,
      { login: session.view?.login ?? "", units: session.units },
      {
        side: side.side,
        callout: callout.callout,
        place: callout.hasPlaces ? place.value : "",
        text: text.value,
      },
    );
});

/** What was typed here before the page was left. */
function restore(typed: HalfTyped) {
  text.value = typed.text;
  if (callout.hasPlaces) place.value = typed.place;
  void nextTick(() => textField.value?.focus());
}

watch([text, instrument, units], forget);
/** A place proposed is only where to hold the rule: what stands nearest may lie elsewhere, and goes before. */
const NEAREST: Partial<Record<CalloutId, string>> = {
  WHEEL_BARREL: "where the barrel is narrowest",
  WHEEL_SPOKE: "where a spoke, rivet or bead stands nearest",
};
const echo = computed(() => {
  if (callout.hasPlaces && isProposed.value && place.value && !text.value)
    return `At ${place.value}, or ${NEAREST[callout.callout] ?? "where it matters"}: type that place instead.`;
  const u = understood.value;
  if (!u) return "";
  if (!u.ok) return u.problem ?? "";
  if (u.word) return `= ${u.word}`;
  if (u.value === undefined) return "";
  if (callout.kind === "COUNT") return `= ${u.value}`;
  const other = session.units === "METRIC" ? "INCH" : "METRIC";
  const tool = instruments.find((i) => i.id === instrument.value)?.title;
  return `= ${toLength(u.value, session.units)} ${toDoubt(u.doubt ?? 0, session.units)} (${toLength(u.value, other)}), ${tool}`;
});
const shownMend = computed(() => mend.value || understood.value?.mend || "");

/** What was read elsewhere and may have been read here too. */
const same = computed(() => (callout.hasPlaces || corrects.value !== undefined ? null : other));

/** It was read here too and is the same: sent off as it is typed, for no reading begins so. */
function onSame() {
  if (!same.value) {
    problem.value = "Nothing was read elsewhere yet that this could be the same as.";
    return;
  }
  text.value = same.value.text;
  instrument.value = same.value.instrument;
  onEnter();
}

function onInput() {
  if (text.value.trim() === SAME && same.value) onSame();
}

function onEnter() {
  if (text.value.trim() === SAME) {
    onSame();
    return;
  }
  if (!text.value.trim() && sheetNumber) {
    emit("skip"); // a blank on the paper
    return;
  }
  if (!text.value.trim()) {
    problem.value = "Nothing was typed. Write a measure such as 2 13/16, 71.4 mm or 2.81 in.";
    return;
  }
  if (callout.hasPlaces && !place.value.trim()) {
    problem.value = `Give the ${callout.callout === "WHEEL_BARREL" ? "depth from the inboard flange edge" : "radius from the axis"} first.`;
    placeField.value?.focus();
    return;
  }
  const entry = {
    text: text.value,
    place: callout.hasPlaces ? place.value : "",
    instrument: instrument.value,
    units: units.value,
    confirmed: mayConfirm.value,
    corrects: corrects.value,
  };
  // Cleared at once: what a gauge sends next belongs to the next reading.
  hush();
  sentOff();
  clear();
  emit("enter", entry);
  void focus();
}

function onWithdraw(readingId: number) {
  withdrawn();
  emit("withdraw", readingId);
}

function onMend() {
  text.value = shownMend.value;
  void nextTick(onEnter);
}

/** Place and reading in one, such as `10: 362.1`, are one entry. */
function onPlaceEnter() {
  const pair = toStation(place.value);
  if (pair) {
    [place.value, text.value] = pair;
    onEnter();
  } else if (place.value.trim()) textField.value?.focus();
  else if (sheetNumber) emit("skip");
  else if (callout.readings.length) emit("done");
  else problem.value = "Give the place first.";
}

function onCorrect(reading: Schemas["ReadingView"]) {
  text.value = reading.text;
  place.value = reading.placeText;
  instrument.value = reading.instrument;
  corrects.value = reading.id;
  textField.value?.focus();
}

/** Puts a refused reading back into the fields with its reason; false when something else is being typed. */
function giveBack(entry: Entry): boolean {
  if (text.value.trim()) return false;
  text.value = entry.text;
  place.value = entry.place;
  instrument.value = entry.instrument;
  corrects.value = entry.corrects;
  void nextTick(() => {
    hush();
    problem.value = entry.refusal?.message ?? "";
    mend.value = entry.refusal?.mend ?? "";
    mayConfirm.value = entry.refusal?.confirmable ?? false;
    textField.value?.focus();
    textField.value?.select(); // what is typed next takes its place
  });
  return true;
}

/** Types a text and Enter, as a gauge with a data key does. */
function typeIn(sent: string) {
  if (callout.hasPlaces && isProposed.value && document.activeElement !== textField.value) {
    place.value = sent; // place, reading, place, reading
    textField.value?.focus();
    return;
  }
  text.value = sent;
  onEnter();
}

/** Whether nothing is being typed. */
function isPristine(): boolean {
  return !text.value && isProposed.value && corrects.value === undefined && !problem.value;
}

defineExpose({ giveBack, typeIn, isPristine, focus, restore });
</script>

<template>
  <form class="sheet strip" aria-label="Gauge strip" @submit.prevent="onEnter">
    <div class="what">
      <h2>
        {{ callout.title }}
        <span class="side">{{ side.side === "LEFT" ? "left" : "right" }}</span>
        <span v-if="sheetNumber" class="next">sheet no. {{ sheetNumber }}</span>
        <span v-else-if="isNext" class="next">take this next</span>
      </h2>
      <p>{{ callout.howTo }}</p>
      <p v-if="callout.slip" class="soft small">Common slip: {{ callout.slip }}</p>
    </div>
    <div v-if="session.mayChange" class="entry">
      <label v-if="isCircle"
        >Measured as
        <select
          :value="callout.callout"
          @change="emit('way', ($event.target as HTMLSelectElement).value as CalloutId)"
        >
          <option v-for="w in ways" :key="w.callout" :value="w.callout">{{ w.title }}</option>
        </select>
      </label>
      <label
        >With
        <select v-model="instrument">
          <option v-for="i in tools" :key="i.id" :value="i.id">{{ i.title }}</option>
        </select>
      </label>
      <label v-if="callout.kind === 'LENGTH'"
        >Sent in
        <select v-model="gaugeUnits">
          <option value="OWN">my units</option>
          <option value="METRIC">mm</option>
          <option value="INCH">in</option>
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
        {{ corrects === undefined ? "Reading" : "Corrected reading" }}
        <input
          ref="textField"
          v-model="text"
          maxlength="80"
          autocomplete="off"
          spellcheck="false"
          :list="callout.choices.length ? 'choices' : undefined"
          aria-describedby="understood"
          :aria-invalid="Boolean(problem)"
          @input="onInput"
        />
      </label>
      <datalist id="choices">
        <option v-for="c in callout.choices" :key="c" :value="c" />
      </datalist>
      <div v-if="callout.choices.length" class="chips" role="group" :aria-label="`${callout.title} is`">
        <button v-for="c in callout.choices" :key="c" type="button" @click="typeIn(c)">{{ c }}</button>
      </div>
      <button v-if="same" type="button" class="same" aria-keyshortcuts="=" @click="onSame">
        = {{ same.text }} <span class="soft small">read here too, as {{ same.where }}</span>
      </button>
      <button
        v-if="callout.hasPlaces && callout.readings.length"
        type="button"
        class="done"
        @click="emit('done')"
      >
        Profile done
      </button>
      <button type="submit" class="enter">{{ mayConfirm ? "Keep it" : "Enter" }}</button>
    </div>
    <p v-else class="soft">Your role looks only; readings are taken by a mechanic.</p>
    <div class="answer">
      <p
        id="understood"
        class="echo"
        aria-live="polite"
        :class="{ failure: problem || (understood && !understood.ok) }"
      >
        {{ problem || echo }}
      </p>
      <button v-if="shownMend" type="button" class="mend" @click="onMend">Take it as {{ shownMend }}</button>
      <p v-if="callout.caution" class="caution small">{{ callout.caution }}</p>
      <p v-if="warning" class="caution small">{{ warning }}</p>
      <p v-if="callout.odd" class="failure small">{{ callout.odd }}</p>
    </div>
    <TakenReadings
      :axle-id="axleId"
      :callout="callout"
      :may-change="session.mayChange"
      @withdraw="onWithdraw"
      @correct="onCorrect"
      @photo="(id, file) => emit('photo', id, file)"
    />
  </form>
</template>

<style scoped src="./gaugeStrip.css"></style>
