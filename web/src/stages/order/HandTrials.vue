<script setup lang="ts">
import { nextTick, ref } from "vue";
import type { Schemas } from "../../api/client";

/** What is tried by hand of the pieces that came, left and right: good, or what is wrong with it. */
const { trials, donor, mayChange } = defineProps<{
  trials: Schemas["HandTrialView"][];
  /** What donor parts are told by. */
  donor: string[];
  mayChange: boolean;
}>();
const emit = defineEmits<{ tried: [body: Schemas["HandTrialForm"]] }>();
type Side = Schemas["HandTrialForm"]["side"];
type Trial = Schemas["HandTrialView"];
const SIDES = [
  { side: "LEFT", word: "left" },
  { side: "RIGHT", word: "right" },
] as const;
const toPiece = (t: Trial, side: Side) => (side === "LEFT" ? t.left : t.right);

/** The piece whose fault is being written. */
const asked = ref("");
const note = ref("");
const noteField = ref<HTMLInputElement[]>([]);
const toKey = (t: Trial, side: Side) => `${t.trial} ${side}`;

function onGood(t: Trial, side: Side) {
  asked.value = "";
  emit("tried", { trial: t.trial, side, good: true, note: "" });
}

function onBad(t: Trial, side: Side) {
  asked.value = toKey(t, side);
  note.value = toPiece(t, side).note;
  void nextTick(() => noteField.value[0]?.focus());
}

function onNote(t: Trial, side: Side) {
  emit("tried", { trial: t.trial, side, good: false, note: note.value });
  asked.value = "";
}
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">Tried by hand</th>
        <th v-for="s in SIDES" :key="s.side" scope="col">{{ s.side === "LEFT" ? "Left" : "Right" }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="t in trials" :key="t.trial">
        <th scope="row">
          {{ t.title }}
          <ul v-if="t.trial === 'DONOR'" class="soft small">
            <li v-for="d in donor" :key="d">{{ d }}</li>
          </ul>
        </th>
        <td v-for="s in SIDES" :key="s.side">
          <div v-if="mayChange" class="pair" role="group" :aria-label="`${t.title}, ${s.word}`">
            <button
              type="button"
              class="plain-button"
              :aria-pressed="toPiece(t, s.side).good === true"
              @click="onGood(t, s.side)"
            >
              ● Good
            </button>
            <button
              type="button"
              class="plain-button"
              :aria-pressed="toPiece(t, s.side).good === false"
              @click="onBad(t, s.side)"
            >
              ■ Not so
            </button>
          </div>
          <form v-if="asked === toKey(t, s.side)" class="pair" @submit.prevent="onNote(t, s.side)">
            <input
              ref="noteField"
              v-model="note"
              required
              maxlength="200"
              placeholder="what is wrong"
              :aria-label="`What is wrong, ${s.word}`"
            />
            <button type="submit" class="plain-button">Keep</button>
          </form>
          <p v-else-if="toPiece(t, s.side).good === false" class="failure small">
            {{ toPiece(t, s.side).note }}, {{ toPiece(t, s.side).by }}
          </p>
          <p v-else-if="!mayChange || toPiece(t, s.side).by" class="soft small">
            {{ toPiece(t, s.side).good ? `good, ${toPiece(t, s.side).by}` : "not tried" }}
          </p>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.pair {
  display: flex;
  flex-wrap: wrap;
}

th[scope="row"] {
  max-width: 26rem;
}

td p {
  margin: 0.1rem 0;
}

ul {
  margin: 0.1rem 0;
}

input {
  font: inherit;
  min-height: 44px;
  width: 13rem;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}
</style>
