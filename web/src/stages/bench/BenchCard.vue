<script setup lang="ts">
import Button from "primevue/button";
import InputText from "primevue/inputtext";
import { computed, nextTick, onMounted, reactive, ref, watch } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toTime, toTorque } from "../../units/format";
import OverturnedAlarm from "../../verdict/OverturnedAlarm.vue";
import StepCaution from "./StepCaution.vue";
import StepHelp from "./StepHelp.vue";
import StepList from "./StepList.vue";
import StepPicture from "./StepPicture.vue";
import StepReading from "./StepReading.vue";
import { useBenchCard } from "./useBenchCard";

const axle = useAxle();
const session = useSession();
const { card, oldSince, failure, isLoading, isCutOff, waiting, doneIds, load, take, tick, send, drop } =
  useBenchCard(axle.axleId);
onMounted(async () => {
  await load();
  await send();
});
// what the server says in words it says in the units shown
watch(
  () => session.units,
  () => void load(),
);
const index = ref(0);
const setValue = ref("");
const held = ref("");
const readings = ref<string[]>([]);
const signed = ref("");
const isMarked = ref(false);
const isOutside = ref(false);
const problem = ref("");
const mayConfirm = ref(false);
const isBusy = ref(false);
const heading = ref<HTMLElement | null>(null);
const form = ref<HTMLFormElement | null>(null);

const step = computed(() => card.value?.steps[index.value] ?? null);
const other = computed(() => (session.units === "METRIC" ? "INCH" : "METRIC"));

const isWaiting = computed(() => waiting.value.some((t) => t.stepId === step.value?.id));
/** Steps that must be done before and are neither done nor wait to be sent as done. */
const open = computed(() => {
  const titles = new Set(card.value?.steps.filter((s) => doneIds.value.has(s.id)).map((s) => s.title));
  return step.value?.waitsFor.filter((title) => !titles.has(title)) ?? [];
});

const mayTick = computed(
  () =>
    session.mayChange &&
    Boolean(card.value?.revision) &&
    !step.value?.done &&
    !isWaiting.value &&
    !open.value.length,
);
/** Cautions read here; each is logged with the tick of its step. */
const cautionsRead = reactive(new Set<string>());
const isCautionRead = computed(
  () => step.value !== null && (step.value.cautionRead || cautionsRead.has(step.value.caution)),
);

let isFirst = true;
watch(card, (now) => {
  if (!now) return;
  axle.set({ jobTitle: now.jobTitle, name: now.name, chosenKit: now.kit });
  if (isFirst) {
    const open = now.steps.findIndex((s) => !s.done);
    index.value = open < 0 ? 0 : open;
    isFirst = false;
  }
});

function onStep(next: number) {
  if (!card.value || next < 0 || next >= card.value.steps.length) return;
  index.value = next;
  setValue.value = "";
  held.value = "";
  readings.value = [];
  signed.value = "";
  isMarked.value = false;
  isOutside.value = false;
  problem.value = "";
  mayConfirm.value = false;
  void nextTick(() => heading.value?.focus());
}

function onRead() {
  if (step.value) cautionsRead.add(step.value.caution);
  void nextTick(() => form.value?.querySelector<HTMLElement>("input, button")?.focus());
}

async function onTick() {
  if (!step.value) return;
  isBusy.value = true;
  problem.value = "";
  try {
    const body: Schemas["TickRequest"] = {
      setValue: setValue.value,
      held: held.value,
      confirmed: mayConfirm.value,
      marked: isMarked.value,
      readings: readings.value.map((r) => r.trim()).filter(Boolean),
      signed: signed.value,
      cautionRead: cautionsRead.has(step.value.caution),
      seal: card.value?.seal ?? "",
    };
    await tick(step.value.id, step.value.title, body);
    onStep(index.value + 1);
  } catch (e) {
    problem.value = toMessage(e);
    // outside its limits, or without a part: a lead may let it pass with the reason
    isOutside.value =
      e instanceof Refusal &&
      (e.status === 422
        ? step.value.reading !== undefined
        : e.status === 409 && card.value?.missing.length !== 0);
    mayConfirm.value = e instanceof Refusal && e.confirmable;
    if (e instanceof Refusal && e.status === 409) await load(); // beside what is said of it
  } finally {
    isBusy.value = false;
  }
}

async function onRevise() {
  problem.value = "";
  try {
    take(
      await toData(
        client.POST("/api/axles/{axleId}/bench/revision", {
          params: { path: { axleId: axle.axleId } },
          body: { seal: card.value?.seal ?? "" },
        }),
      ),
    );
  } catch (e) {
    problem.value = toMessage(e);
    if (e instanceof Refusal && e.isOutdated) await load();
  }
}

async function onUntick() {
  if (!step.value) return;
  problem.value = "";
  try {
    take(
      await toData(
        client.DELETE("/api/axles/{axleId}/bench/{stepId}/tick", {
          params: {
            path: { axleId: axle.axleId, stepId: step.value.id },
            query: { seal: card.value?.seal ?? "" },
          },
        }),
      ),
    );
  } catch (e) {
    problem.value = toMessage(e);
    if (e instanceof Refusal && e.isOutdated) await load();
  }
}
</script>

<template>
  <div class="page">
    <h1 class="visually-hidden">Bench card</h1>
    <p v-if="failure" class="failure" role="alert">
      {{ failure }} <RouterLink :to="`/axles/${axle.axleId}/match`">To the match table</RouterLink>
    </p>
    <p v-else-if="isLoading && !card" class="soft">Fetching the card …</p>
    <template v-if="card && step">
      <p v-if="oldSince || isCutOff" class="caution" role="status">
        No connection<template v-if="oldSince">: this is the card as it was {{ toTime(oldSince) }}</template
        >. Go on; what you tick waits here and is sent when the server is reached.
      </p>
      <section v-if="waiting.length" class="sheet waiting" aria-label="Ticks that wait">
        <template v-for="t in waiting" :key="t.id">
          <p v-if="t.refusal" class="failure" role="alert">
            {{ t.title }} was not taken: {{ t.refusal }}
            <button type="button" class="plain-button" @click="drop(t.id)">
              Drop it and what came after
            </button>
          </p>
          <p v-else>
            <strong>{{ t.title }}</strong>, ticked {{ toTime(t.at) }}, waits to be sent.
          </p>
        </template>
      </section>
      <p v-if="!card.ordered" class="caution">
        Kit {{ card.kit }} is not ordered yet: the card can be read, but nothing can be ticked. Do not take
        the vehicle apart for it.
      </p>
      <OverturnedAlarm
        :alarms="card.alarms"
        what="The order was placed by verdicts that do not hold any more"
      />
      <details v-if="card.missing.length" class="caution changes">
        <summary>
          Not here yet: {{ card.missing.length }} of what was ordered. Begin nothing that leaves the vehicle
          in pieces without them.
        </summary>
        <ul>
          <li v-for="m in card.missing" :key="m">{{ m }}</li>
        </ul>
        <RouterLink :to="`/axles/${axle.axleId}/order`">To the order</RouterLink>
      </details>
      <section v-if="card.changes.length" class="caution changes">
        <p>
          <strong>The work would be planned otherwise now.</strong> The card shows the plan as ordered
          (revision {{ card.revision }}); ticks stay with their steps.
        </p>
        <ul>
          <li v-for="c in card.changes" :key="c">{{ c }}</li>
        </ul>
        <Button
          v-if="session.mayChange"
          label="Take the new plan"
          severity="secondary"
          outlined
          @click="onRevise"
        />
      </section>
      <p v-if="card.newerEdition" class="caution">{{ card.newerEdition }}</p>
      <div class="two">
        <article class="sheet step">
          <div class="top">
            <p class="soft count">Step {{ index + 1 }} of {{ card.steps.length }}, {{ card.done }} done</p>
            <div class="moves">
              <Button
                label="Back"
                severity="secondary"
                outlined
                :disabled="index === 0"
                @click="onStep(index - 1)"
              />
              <Button
                label="Next"
                severity="secondary"
                outlined
                :disabled="index + 1 >= card.steps.length"
                @click="onStep(index + 1)"
              />
            </div>
          </div>
          <h2 ref="heading" tabindex="-1">{{ step.title }}</h2>
          <div class="told">
            <div class="words">
              <p class="text">{{ step.text }}</p>
              <p v-if="step.tools.length || step.minutes" class="takes">
                <template v-if="step.minutes !== undefined">About {{ Math.round(step.minutes) }} min</template
                ><template v-if="step.people > 1">, two people</template
                ><template v-if="step.outside">, out to {{ step.outside }}</template
                ><template v-if="step.tools.length">. Take: {{ step.tools.join(", ") }}.</template>
              </p>
              <StepCaution
                v-if="step.caution"
                :caution="step.caution"
                :is-wanted="mayTick && !isCautionRead"
                @read="onRead"
              />
              <p v-if="step.hold" class="hold"><strong>Hold.</strong> {{ step.hold }}</p>
            </div>
            <StepPicture v-if="step.picture" :picture="step.picture" />
          </div>
          <p v-if="step.torqueNm" class="torque figures">
            {{ toTorque(step.torqueNm, session.units) }}
            <span class="soft">= {{ toTorque(step.torqueNm, other) }}, by the kit's papers</span>
          </p>
          <StepHelp :key="`help-${step.id}`" :step="step" />
          <p v-if="step.id === 'bleed'">
            <RouterLink class="button" :to="`/jobs/${card.jobId}/bleed`">To the bleed bay</RouterLink>
          </p>
          <p v-if="card.done === card.steps.length">
            Every step is done.
            <RouterLink class="button" :to="`/jobs/${card.jobId}/road`">To the road card</RouterLink>
          </p>
          <div v-if="step.done" class="done">
            <p>
              ✓ Done by <strong>{{ step.done.by }}</strong>, {{ toTime(step.done.at)
              }}<template v-if="step.done.setTorqueNm"
                >, set to {{ toTorque(step.done.setTorqueNm, session.units) }}</template
              ><template v-else-if="step.done.setValue">: {{ step.done.setValue }}</template
              ><template v-if="step.done.held">. Hold: {{ step.done.held }}</template
              ><template v-if="step.done.signed">. A lead signed: {{ step.done.signed }}</template>
            </p>
            <Button
              v-if="session.mayChange"
              label="Take the tick back"
              severity="secondary"
              outlined
              @click="onUntick"
            />
          </div>
          <p v-else-if="isWaiting" class="soft waits">Ticked; waits to be sent.</p>
          <p v-else-if="card.revision && open.length" class="soft waits">
            Comes after: {{ open.join("; ") }}.
          </p>
          <form v-else-if="mayTick && isCautionRead" ref="form" class="tick" @submit.prevent="onTick">
            <StepReading v-if="step.reading" :key="step.id" v-model="readings" :wanted="step.reading" />
            <div v-if="step.hold" class="field">
              <label for="held">{{
                step.reading ? "Said besides (may be empty)" : "Measured or seen at the hold"
              }}</label>
              <InputText id="held" v-model="held" maxlength="200" autocomplete="off" />
            </div>
            <div v-if="step.torqueNm || !step.hold" class="field">
              <label for="set">{{ step.torqueNm ? "Torque set" : "Measured or noted (may be empty)" }}</label>
              <InputText
                id="set"
                v-model="setValue"
                maxlength="60"
                autocomplete="off"
                :placeholder="step.torqueNm ? toTorque(step.torqueNm, session.units) : ''"
                :disabled="isMarked"
              />
              <label v-if="step.torqueNm" class="marked"
                ><input v-model="isMarked" type="checkbox" /> No wrench reaches: wrench-tight and
                marked</label
              >
            </div>
            <div v-if="isOutside && session.isLead" class="field">
              <label for="signed">Lead signs for it, because</label>
              <InputText id="signed" v-model="signed" maxlength="200" autocomplete="off" />
            </div>
            <Button type="submit" :label="mayConfirm ? 'Log it as set' : 'Done'" :loading="isBusy" />
          </form>
          <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
        </article>
        <StepList :steps="card.steps" :index="index" :done-ids="doneIds" @pick="onStep" />
      </div>
    </template>
  </div>
</template>

<style scoped>
.takes {
  color: var(--ink-soft);
  font-size: 1.1rem;
}

.two {
  display: grid;
  grid-template-columns: 1fr 19rem;
  gap: 1.2rem;
}

.step {
  padding: 1.2rem 1.5rem;
  display: flex;
  flex-direction: column;
}

.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

.count {
  margin: 0;
}

h2 {
  font-size: 2rem;
  margin: 0.2rem 0 0.4rem;
}

h2:focus {
  outline: none;
}

.told {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 1rem;
}

.words {
  flex: 1 1 20rem;
}

.text {
  font-size: 1.35rem;
  max-width: 40rem;
}

.hold {
  border-left: 4px solid var(--accent);
  background: var(--accent-wash);
  padding: 0.6rem 0.9rem;
}

.torque {
  font-size: 2.6rem;
  font-weight: 600;
  margin: 0.6rem 0;
}

.torque span {
  font-size: 1.1rem;
  font-weight: 400;
}

.tick {
  display: flex;
  gap: 1rem;
  align-items: end;
  margin-top: 0.6rem;
}

.tick .field {
  flex: 1;
  max-width: 22rem;
}

.tick :deep(.p-button) {
  min-height: 56px;
  min-width: 9rem;
  font-size: 1.3rem;
}

.tick :deep(.p-inputtext) {
  min-height: 56px;
  font-size: 1.4rem;
}

.tick {
  flex-wrap: wrap;
}

.marked {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 44px;
}

.waiting {
  padding: 0.5rem 1rem;
  margin-bottom: 0.8rem;
}

.waiting p {
  margin: 0.2rem 0;
}

.done {
  display: flex;
  align-items: center;
  gap: 1rem;
  color: var(--good);
  font-size: 1.15rem;
}

.changes {
  margin-bottom: 1rem;
}

.changes p,
.changes ul {
  margin: 0.2rem 0 0.5rem;
}

.waits {
  font-size: 1.15rem;
}

.moves {
  display: flex;
  gap: 0.8rem;
}

@media (max-width: 800px) {
  .two {
    grid-template-columns: 1fr;
  }

  .step {
    padding: 0.8rem;
  }

  .tick {
    flex-direction: column;
    align-items: stretch;
  }
}
</style>
