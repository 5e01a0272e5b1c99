<script setup lang="ts">
import Button from "primevue/button";
import { useToast } from "primevue/usetoast";
import { computed, onMounted, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { toNewest } from "../../shell/newest";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toTime } from "../../units/format";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toVerdictWord } from "../../verdict/words";

type Change = Schemas["ReadingChange"];

const axle = useAxle();
const session = useSession();
const toast = useToast();
const choices = ref<Schemas["CalloutChoice"][]>([]);
const wheels = ref<Schemas["WheelView"][]>([]);
const kept = ref<Schemas["KeptView"][]>([]);
const readings = ref<Change[]>([]);
const wheel = ref("");
const spacer = ref("");
const title = ref("");
const answer = ref<Schemas["WhatIfView"] | null>(null);
const failure = ref("");
const isBusy = ref(false);

const changes = computed<Schemas["Changes"]>(() => ({
  readings: readings.value.filter((r) => r.value.trim()),
  wheel: wheel.value || undefined,
  spacer: spacer.value,
}));
const isEmpty = computed(
  () => !changes.value.readings.length && !changes.value.wheel && !changes.value.spacer.trim(),
);
const path = { axleId: axle.axleId };

onMounted(async () => {
  try {
    [choices.value, wheels.value, kept.value] = await Promise.all([
      toData(client.GET("/api/axles/{axleId}/what-if/readings", { params: { path } })),
      toData(client.GET("/api/wheels")),
      toData(client.GET("/api/axles/{axleId}/what-if/kept", { params: { path } })),
    ]);
    onAdd();
  } catch (e) {
    failure.value = toMessage(e);
  }
});

function onAdd() {
  const first = choices.value.find((c) => c.callout === "WHEEL_BACKSPACING") ?? choices.value[0];
  if (first) readings.value.push({ side: "LEFT", callout: first.callout, place: "", value: "" });
}

function hasPlaces(callout: Change["callout"]) {
  return choices.value.find((c) => c.callout === callout)?.hasPlaces ?? false;
}

const newest = toNewest();
// an answer does not stand beside changes it was not given for
watch(
  () => JSON.stringify(changes.value),
  () => {
    newest.forget();
    answer.value = null;
  },
  { flush: "sync" },
);

async function onAsk() {
  const isNewest = newest.ask();
  isBusy.value = true;
  failure.value = "";
  try {
    const fresh = await toData(
      client.POST("/api/axles/{axleId}/what-if", { params: { path }, body: changes.value }),
    );
    if (isNewest()) answer.value = fresh;
  } catch (e) {
    failure.value = toMessage(e);
  } finally {
    isBusy.value = false;
  }
}

async function onKeep() {
  try {
    kept.value = await toData(
      client.POST("/api/axles/{axleId}/what-if/kept", {
        params: { path },
        body: { title: title.value.trim() || "What if", changes: changes.value },
      }),
    );
    title.value = "";
    toast.add({ severity: "success", summary: "Kept beside the record", life: 4000 });
  } catch (e) {
    failure.value = toMessage(e);
  }
}

async function onDrop(id: number) {
  try {
    kept.value = await toData(
      client.DELETE("/api/axles/{axleId}/what-if/kept/{id}", { params: { path: { ...path, id } } }),
    );
  } catch (e) {
    failure.value = toMessage(e);
  }
}

function onForget() {
  readings.value = [];
  wheel.value = "";
  spacer.value = "";
  answer.value = null;
  onAdd();
}

async function onOpen(one: Schemas["KeptView"]) {
  readings.value = one.changes.readings.map((r) => ({ ...r, place: r.place ?? "" }));
  wheel.value = one.changes.wheel ?? "";
  spacer.value = one.changes.spacer;
  await onAsk();
}
</script>

<template>
  <div class="page wide">
    <div class="page-head">
      <h1>What if</h1>
      <p class="soft small grow">The record is not touched: nothing here is a reading.</p>
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <div class="two">
      <form class="sheet form" @submit.prevent="onAsk">
        <h2>Thought to be different</h2>
        <div v-for="(r, i) in readings" :key="i" class="change">
          <label>
            <span>Side</span>
            <select v-model="r.side">
              <option value="LEFT">left</option>
              <option value="RIGHT">right</option>
            </select>
          </label>
          <label class="what">
            <span>Reading</span>
            <select v-model="r.callout">
              <option v-for="c in choices" :key="c.callout" :value="c.callout">{{ c.title }}</option>
            </select>
          </label>
          <label v-if="hasPlaces(r.callout)">
            <span>at</span>
            <input v-model="r.place" type="text" autocomplete="off" maxlength="40" />
          </label>
          <label>
            <span>would be</span>
            <input v-model="r.value" type="text" autocomplete="off" maxlength="60" />
          </label>
          <button
            type="button"
            class="plain-button"
            aria-label="Take this away"
            @click="readings.splice(i, 1)"
          >
            ✕
          </button>
        </div>
        <button type="button" class="plain-button start" @click="onAdd">Another reading</button>
        <label class="line">
          <span>Wheel</span>
          <select v-model="wheel">
            <option value="">as found</option>
            <option v-for="w in wheels" :key="w.code" :value="w.code">{{ w.code }} · {{ w.name }}</option>
          </select>
        </label>
        <label class="line">
          <span>Spacer between disc and wheel</span>
          <input v-model="spacer" type="text" autocomplete="off" maxlength="40" placeholder="none" />
        </label>
        <div class="go">
          <Button type="submit" label="Judge" :disabled="isEmpty || isBusy" :loading="isBusy" />
          <Button
            type="button"
            label="Drop"
            severity="secondary"
            outlined
            :disabled="isEmpty && !answer"
            @click="onForget"
          />
        </div>
        <div v-if="session.mayChange" class="go">
          <input
            v-model="title"
            type="text"
            aria-label="Name of this what-if"
            placeholder="Name it"
            maxlength="120"
          />
          <Button
            type="button"
            label="Keep"
            severity="secondary"
            outlined
            :disabled="isEmpty"
            @click="onKeep"
          />
        </div>
        <template v-if="kept.length">
          <h2>Kept</h2>
          <p v-for="k in kept" :key="k.id" class="kept">
            <button type="button" class="plain-button" @click="onOpen(k)">{{ k.title }}</button>
            <span class="small soft">{{ k.by }}, {{ toTime(k.at) }}</span>
            <button
              v-if="session.mayChange"
              type="button"
              class="plain-button"
              :aria-label="`Drop ${k.title}`"
              @click="onDrop(k.id)"
            >
              ✕
            </button>
          </p>
        </template>
      </form>
      <section aria-live="polite">
        <template v-if="answer">
          <table class="plain counts">
            <thead>
              <tr>
                <th scope="col">Verdict</th>
                <th scope="col" class="right">by the record</th>
                <th scope="col" class="right">what if</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="c in answer.counts" :key="c.verdict" :class="{ differs: c.before !== c.after }">
                <th scope="row"><VerdictMark :verdict="c.verdict" /> {{ toVerdictWord(c.verdict) }}</th>
                <td class="right figures">{{ c.before }}</td>
                <td class="right figures">{{ c.after }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="!answer.changed.length">
            No verdict changes: {{ answer.unchanged }} kits stay as they are.
          </p>
          <div v-for="r in answer.changed" :key="r.code" class="sheet row">
            <p class="turn">
              <strong>{{ r.code }}</strong> {{ r.name }}: <VerdictMark :verdict="r.before" />
              {{ toVerdictWord(r.before) }} → <VerdictMark :verdict="r.after" />
              <strong>{{ toVerdictWord(r.after) }}</strong>
            </p>
            <p v-for="d in r.differences" :key="d" class="small">{{ d }}</p>
          </div>
          <p v-if="answer.changed.length" class="small soft">
            <template v-if="answer.notShown"
              >{{ answer.notShown }} more kits change; the best are shown. </template
            >{{ answer.unchanged }} kits stay as they are.
          </p>
          <p v-if="answer.quickOnly" class="small soft">
            Lock and travel were worked out for the best kits only; {{ answer.quickOnly }} were compared
            without and count as not proven.
          </p>
        </template>
        <p v-else class="soft">
          Change a reading, put on another wheel or a spacer, and see which kits it would help. A reading
          thought of proves nothing: take it before ordering.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.wide {
  max-width: 1500px;
}

.two {
  display: grid;
  grid-template-columns: minmax(22rem, 34rem) minmax(0, 1fr);
  gap: 1.2rem;
}

.form {
  padding: 0.8rem 1rem;
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  align-self: start;
}

.change {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.4rem;
}

label span {
  display: block;
  font-size: 0.94rem;
  color: var(--ink-soft);
}

select,
input {
  font: inherit;
  min-height: 44px;
  padding: 0 0.4rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.change input {
  width: 6.5rem;
}

.what select {
  max-width: 13rem;
}

.line select,
.line input {
  width: 100%;
}

.start {
  align-self: start;
}

.go {
  display: flex;
  gap: 0.6rem;
}

.go input {
  flex: 1;
}

.kept {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  margin: 0;
}

.turn {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
}

.right {
  text-align: right;
}

.counts {
  max-width: 32rem;
  margin-bottom: 0.8rem;
}

.counts th {
  font-weight: 400;
  color: var(--ink);
}

.differs th,
.differs td {
  font-weight: 600;
}

.row {
  padding: 0.5rem 0.8rem;
  margin-bottom: 0.5rem;
}

.row p,
.grow {
  margin: 0.15rem 0;
}

@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
