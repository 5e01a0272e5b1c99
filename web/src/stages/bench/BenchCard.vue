<script setup lang="ts">
import Button from "primevue/button";
import { computed, nextTick, onMounted, reactive, ref, useTemplateRef, watch } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import SimulatedGaugePanel from "../../gauge/SimulatedGaugePanel.vue";
import { useAxle } from "../../shell/axleHead";
import KeyMap from "../../shell/KeyMap.vue";
import { useSession } from "../../shell/session";
import { useAltKeys } from "../../shell/useAltKeys";
import { toMessage } from "../../shell/useLoad";
import { toTime, toTorque } from "../../units/format";
import CardNotices from "./CardNotices.vue";
import ShaftOrder from "./ShaftOrder.vue";
import StepCaution from "./StepCaution.vue";
import StepHelp from "./StepHelp.vue";
import StepList from "./StepList.vue";
import StepPicture from "./StepPicture.vue";
import StepSection from "./StepSection.vue";
import StepTimer from "./StepTimer.vue";
import TickForm from "./TickForm.vue";
import { useBenchCard, type TickBody } from "./useBenchCard";

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
const isOutside = ref(false);
const problem = ref("");
const mayConfirm = ref(false);
const isBusy = ref(false);
const heading = ref<HTMLElement | null>(null);
const form = useTemplateRef<InstanceType<typeof TickForm>>("form");
const timer = useTemplateRef<InstanceType<typeof StepTimer>>("timer");
const isGaugeOpen = ref(false);
const isKeyMapOpen = ref(false);

const KEYS = [
  ["Alt + N", "the next step"],
  ["Alt + B", "the step before"],
  ["Alt + H", "to the reading, torque or hold"],
  ["Alt + T", "start or stop the clock"],
  ["Alt + U", "take the tick of this step back"],
  ["Alt + G", "the simulated gauge"],
  ["?", "this list, when no field is being typed in"],
] as const;
useAltKeys(
  {
    n: () => onStep(index.value + 1),
    b: () => onStep(index.value - 1),
    h: () => form.value?.focus(),
    t: () => timer.value?.toggle(),
    u: () => void onUntick(),
    g: () => (isGaugeOpen.value = !isGaugeOpen.value),
  },
  () => (isKeyMapOpen.value = true),
);

const gaugesFor = (of: Schemas["StepView"]) =>
  of.reading?.unit === "°"
    ? (["angle finder"] as const)
    : of.torqueNm
      ? (["torque wrench"] as const)
      : (["dial indicator", "depth gauge", "caliper"] as const);

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
  isOutside.value = false;
  problem.value = "";
  mayConfirm.value = false;
  void nextTick(() => heading.value?.focus());
}

function onRead() {
  if (step.value) cautionsRead.add(step.value.caution);
  void nextTick(() => form.value?.focus());
}

async function onTick(said: Omit<TickBody, "seal" | "cautionRead">) {
  if (!step.value) return;
  isBusy.value = true;
  problem.value = "";
  try {
    const body = {
      ...said,
      cautionRead: cautionsRead.has(step.value.caution),
      seal: card.value?.seal ?? "",
    };
    await tick(step.value.id, step.value.title, body);
    form.value?.sent();
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
  if (!step.value?.done || !session.mayChange) return;
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
      <CardNotices
        :card="card"
        :old-since="oldSince"
        :is-cut-off="isCutOff"
        :waiting="waiting"
        :may-change="session.mayChange"
        @drop="drop"
        @revise="onRevise"
      />
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
            <ShaftOrder v-if="step.order" :order="step.order" />
          </div>
          <p v-if="step.torqueNm" class="torque figures">
            {{ toTorque(step.torqueNm, session.units) }}
            <span class="soft">= {{ toTorque(step.torqueNm, other) }}, by the kit's papers</span>
          </p>
          <p v-if="step.stagesNm.length" class="takes">
            Crosswise in stages:
            {{ step.stagesNm.map((t) => toTorque(t, session.units)).join(", then ") }}.
          </p>
          <StepSection
            v-if="step.section"
            :key="`section-${step.id}`"
            :axle-id="axle.axleId"
            :side="step.side"
          />
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
          <TickForm
            v-else-if="mayTick && isCautionRead"
            :key="step.id"
            ref="form"
            :step="step"
            :is-outside="isOutside"
            :may-confirm="mayConfirm"
            :is-busy="isBusy"
            @tick="onTick"
          />
          <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
          <StepTimer
            :key="`clock-${step.id}`"
            ref="timer"
            :name="`${axle.axleId}/${step.id}`"
            :is-wanted="step.reading?.kind === 'BREAKAWAY_MINUTES'"
            @take="form?.typeIn($event)"
          />
          <p v-if="step.readWith && mayTick">
            <button
              type="button"
              class="plain-button"
              :aria-expanded="isGaugeOpen"
              @click="isGaugeOpen = !isGaugeOpen"
            >
              Simulated gauge
            </button>
          </p>
          <SimulatedGaugePanel
            v-if="isGaugeOpen && step.readWith && mayTick"
            :key="`gauge-${step.id}`"
            :kinds="gaugesFor(step)"
            :truth="step.torqueNm ?? 0"
            @send="form?.typeIn($event)"
            @close="isGaugeOpen = false"
          />
        </article>
        <KeyMap v-model="isKeyMapOpen" :keys="KEYS" />
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

.done {
  display: flex;
  align-items: center;
  gap: 1rem;
  color: var(--good);
  font-size: 1.15rem;
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
}
</style>
