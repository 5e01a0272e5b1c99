<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { computed, nextTick, onMounted, onUnmounted, ref, useTemplateRef, watch } from "vue";
import { useRoute } from "vue-router";
import { client, Refusal, sendBody, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import AxleEndDrawing from "./AxleEndDrawing.vue";
import GaugeStrip from "./GaugeStrip.vue";
import GuidePanel from "./GuidePanel.vue";
import { halfTyped } from "./halfTyped";
import HeldReadings from "./HeldReadings.vue";
import { LENGTH_GAUGES } from "../../gauge/simulatedGauge";
import SideAndView from "./SideAndView.vue";
import SimulatedGaugePanel from "../../gauge/SimulatedGaugePanel.vue";
import KeyMap from "../../shell/KeyMap.vue";
import { useOutbox } from "./outbox";
import PaperMenu from "./PaperMenu.vue";
import TakeOverDialog from "./TakeOverDialog.vue";
import { useReadingOrder } from "./useReadingOrder";
import { useReadings } from "./useReadings";

type End = Schemas["AxleEndView"];

const KEYS = [
  ["Enter", "send the reading off, go to the next wanted one"],
  ["=", "in the reading: read here too and the same as elsewhere; sent off at once"],
  ["10: 362.1", "at a profile: place and reading in one; Enter alone takes the place shown"],
  ["Alt + L, Alt + R", "left side, right side"],
  ["Alt + 1, 2, 3", "hub, what lies inboard, wheel"],
  ["Alt + H", "hold the dimension, for repeats"],
  ["Alt + G", "the simulated gauge"],
  ["Ctrl + Z", "undo the last reading or withdrawal"],
  ["Ctrl + Shift + Z", "redo it"],
  ["Tab, then Enter", "pick a dimension on the drawing"],
  ["?", "this list, when no field is being typed in"],
] as const;

const route = useRoute();
const axle = useAxle();
const session = useSession();
const outbox = useOutbox();
const toast = useToast();
const {
  data: end,
  failure,
  isLoading,
  load,
} = useLoad(() =>
  toData(client.GET("/api/axles/{axleId}/end", { params: { path: { axleId: axle.axleId } } })),
);

const isGaugeOpen = ref(false);
const isTakeOverOpen = ref(false);
const isKeyMapOpen = ref(false);
const advice = ref<Schemas["AdviceView"] | null>(null);
const importRefusal = ref<Refusal | null>(null);
const strip = useTemplateRef<InstanceType<typeof GaugeStrip>>("strip");

const order = useReadingOrder(axle.axleId, end, advice);
const { side, sideId, callout, sheet, selected, suggested, isHeldOn, pick, pickNext, pickSide, pickView } =
  order;
/** Whether readings of the axle end, not of its wheel, were taken over to this side. */
const hasEnd = computed(
  () => side.value?.callouts.some((c) => !c.ofWheel && c.readings.some((r) => r.copied)) ?? false,
);
const otherSide = computed(
  () =>
    end.value?.sides
      .find((s) => s.side !== sideId.value)
      ?.callouts.find((c) => c.callout === callout.value?.callout) ?? null,
);
/** What `=` repeats: the other side's last reading, else that of an end which may be the same. */
const same = computed(() => {
  const theirs = otherSide.value?.readings.at(-1);
  if (theirs) {
    const across = sideId.value === "LEFT" ? "right" : "left";
    return { text: theirs.text, instrument: theirs.instrument, where: `on the ${across}` };
  }
  const found = advice.value?.twins.find((t) => t.side === sideId.value);
  const figure = found?.figures.find((f) => f.callout === callout.value?.callout);
  return figure ? { ...figure, where: `at the ${found?.name}` } : null;
});
const loud = computed(() =>
  (side.value?.identities ?? []).flatMap((i) =>
    [i.againstPapers, i.contradiction].filter((t) => t !== undefined),
  ),
);

const firstEnd = new Promise<void>((done) => {
  const stop = watch(end, (now) => {
    if (!now) return;
    done();
    stop();
  });
});
watch(end, (now) => {
  if (now) axle.set({ jobId: now.jobId, jobTitle: now.jobTitle, name: now.name, chosenKit: now.chosenKit });
});

let adviceTicket = 0;
const isAsking = ref(false);
async function loadAdvice() {
  const ticket = ++adviceTicket;
  isAsking.value = true;
  try {
    const fresh = await toData(
      client.GET("/api/axles/{axleId}/advice", { params: { path: { axleId: axle.axleId } } }),
    );
    if (ticket !== adviceTicket) return;
    advice.value = fresh;
    order.catchUp();
  } catch {
    // the drawing works without advice; it is asked for again after the next reading
  } finally {
    if (ticket === adviceTicket) isAsking.value = false;
  }
}

/** The first advice decides where to begin; without it the order of the hand does. */
const isReady = ref(false);
async function begin() {
  await Promise.all([loadAdvice(), firstEnd]);
  const { read, side: at } = route.query;
  if (at === "RIGHT") sideId.value = "RIGHT";
  const asked = side.value?.callouts.find((c) => c.callout === read);
  const half = asked
    ? null
    : halfTyped(axle.axleId, { login: session.view?.login ?? "", units: session.units });
  if (half) {
    sideId.value = half.side;
    pick(half.callout);
  } else if (asked) pick(asked.callout);
  else order.pickFirst();
  isReady.value = true;
  if (!half) return;
  await nextTick();
  strip.value?.restore(half);
}

function onSuggestion(s: Schemas["SuggestionView"]) {
  sideId.value = s.side;
  pick(s.callout);
}

const readings = useReadings(axle.axleId, end, order, () => void loadAdvice());
const undo = readings.undo;

async function onWithdraw(readingId: number) {
  try {
    await readings.withdraw(readingId);
  } catch (e) {
    toast.add({ severity: "error", summary: "Not withdrawn", detail: toMessage(e), life: 8000 });
  }
}

async function onUndo(step: () => Promise<void>) {
  try {
    await step();
  } catch (e) {
    toast.add({ severity: "error", summary: "Not possible", detail: toMessage(e), life: 8000 });
  }
}

const stopTaken = outbox.onTaken((entry, view) => {
  if (entry.axleId === axle.axleId) readings.taken(entry, view);
});

const stopRefused = outbox.onRefused((entry) => {
  if (entry.axleId !== axle.axleId || entry.refusal?.theirs) return;
  // Given back to the fields while nothing else is typed there; else it waits among the held ones.
  if (!strip.value?.isPristine()) return;
  sideId.value = entry.side;
  pick(entry.callout);
  order.entered.value.delete(`${entry.side}:${entry.callout}`);
  setTimeout(() => {
    if (strip.value?.giveBack(entry)) outbox.drop(entry.clientId);
  });
});

async function onPhoto(readingId: number, file: File) {
  try {
    end.value = await sendBody<End>(
      `/api/axles/${axle.axleId}/readings/${readingId}/photos?clientId=${crypto.randomUUID()}`,
      file.type,
      file,
    );
    toast.add({ severity: "success", summary: "Photo kept", life: 4000 });
  } catch (e) {
    toast.add({ severity: "error", summary: "Photo not kept", detail: toMessage(e), life: 8000 });
  }
}

async function onImported() {
  await Promise.all([load(), loadAdvice()]);
}

/** An end proven the same, or none in particular. */
const twin = ref<Schemas["TwinView"] | null>(null);
function onTwin(found: Schemas["TwinView"] | null) {
  twin.value = found;
  isTakeOverOpen.value = true;
}

async function onTakenOver(count: number) {
  toast.add({ severity: "success", summary: `${count} readings taken over, marked as such`, life: 5000 });
  await onImported();
  order.pickNext();
  // the dialog gives the focus back to its button as it closes; after that the next reading wants it
  setTimeout(() => void strip.value?.focus(), 250);
}

const ALT_KEYS: Record<string, () => void> = {
  l: () => pickSide("LEFT"),
  r: () => pickSide("RIGHT"),
  "1": () => pickView("HUB"),
  "2": () => pickView("INNER"),
  "3": () => pickView("WHEEL"),
  h: () => (isHeldOn.value = !isHeldOn.value),
  g: () => (isGaugeOpen.value = !isGaugeOpen.value),
};

function onKey(event: KeyboardEvent) {
  const input = event.target as HTMLInputElement | null;
  const isTyping = input?.tagName === "INPUT" || input?.tagName === "SELECT" || input?.tagName === "TEXTAREA";
  const command = event.ctrlKey || event.metaKey;
  if (command && event.key.toLowerCase() === "z" && session.mayChange) {
    if (isTyping && input.value) return; // the field's own undo
    event.preventDefault();
    void onUndo(event.shiftKey ? undo.redo : undo.undo);
    return;
  }
  const act = event.altKey ? ALT_KEYS[event.key.toLowerCase()] : undefined;
  if (act) {
    event.preventDefault();
    act();
  } else if (event.key === "?" && !isTyping) {
    isKeyMapOpen.value = true;
  }
}

onMounted(() => {
  window.addEventListener("keydown", onKey);
  void begin();
  void outbox.send();
});
onUnmounted(() => {
  window.removeEventListener("keydown", onKey);
  stopTaken();
  stopRefused();
});
</script>

<template>
  <div class="stage">
    <h1 class="visually-hidden">Axle-end drawing</h1>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !end" class="soft">Fetching the drawing …</p>
    <template v-if="end && side">
      <div class="tools">
        <SideAndView :sides="end.sides" :side="side" :view="sheet?.view" @side="pickSide" @view="pickView" />
        <span class="spacer" />
        <template v-if="session.mayChange">
          <button type="button" class="plain-button" :aria-pressed="isHeldOn" @click="isHeldOn = !isHeldOn">
            Hold
          </button>
          <button type="button" class="plain-button" @click="onTwin(null)">Take over</button>
          <button
            type="button"
            class="plain-button"
            :aria-pressed="isGaugeOpen"
            @click="isGaugeOpen = !isGaugeOpen"
          >
            Gauge
          </button>
        </template>
        <PaperMenu
          :axle-id="axle.axleId"
          :side="sideId"
          :is-from-sheet="order.isFromSheet.value"
          @imported="onImported"
          @refused="importRefusal = $event"
          @from-sheet="order.toggleFromSheet"
          @keys="isKeyMapOpen = true"
        />
        <template v-if="session.mayChange">
          <button
            type="button"
            class="plain-button"
            :disabled="!undo.canUndo.value"
            @click="onUndo(undo.undo)"
          >
            Undo
          </button>
          <button
            type="button"
            class="plain-button redo"
            :disabled="!undo.canRedo.value"
            @click="onUndo(undo.redo)"
          >
            Redo
          </button>
        </template>
      </div>
      <ImportReport v-if="importRefusal" :refusal="importRefusal" @close="importRefusal = null" />
      <p v-if="side.clash" class="caution loud" role="alert">{{ side.clash }}</p>
      <p v-for="text in loud" :key="text" class="caution loud" role="alert">{{ text }}</p>
      <HeldReadings :axle-id="axle.axleId" />
      <div class="bench">
        <div class="work">
          <div class="sheet">
            <AxleEndDrawing v-if="sheet" :side="side" :sheet="sheet" :selected="selected" @pick="pick" />
          </div>
          <GaugeStrip
            v-if="callout && isReady"
            ref="strip"
            :axle-id="axle.axleId"
            :side="side"
            :callout="callout"
            :instruments="end.instruments"
            :is-next="suggested?.callout === callout.callout"
            :other="same"
            :sheet-number="order.sheetNumber.value"
            @skip="pickNext"
            @done="order.finish(selected)"
            @enter="readings.enter"
            @withdraw="onWithdraw"
            @way="pick"
            @photo="onPhoto"
          />
          <SimulatedGaugePanel
            v-if="isGaugeOpen"
            :kinds="LENGTH_GAUGES"
            @send="strip?.typeIn($event)"
            @close="isGaugeOpen = false"
          />
        </div>
        <GuidePanel
          :advice="advice"
          :is-asking="isAsking"
          :side="side"
          :track="end.track"
          :differences="end.differences"
          @pick="onSuggestion"
          @take-over="onTwin"
        />
      </div>
      <TakeOverDialog
        v-model="isTakeOverOpen"
        :job-id="end.jobId"
        :axle-id="axle.axleId"
        :side="sideId"
        :has-end="hasEnd"
        :twin="twin"
        @taken="onTakenOver"
      />
      <KeyMap v-model="isKeyMapOpen" :keys="KEYS" />
    </template>
  </div>
</template>

<style scoped>
.stage {
  max-width: 1720px;
  margin: 0 auto;
  padding: 0.4rem 0.8rem 0.6rem;
}

.tools {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  margin-bottom: 0.4rem;
  flex-wrap: wrap;
}

.spacer {
  flex: 1;
}

.loud {
  margin: 0 0 0.4rem;
  font-weight: 600;
}

.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 18.5rem;
  gap: 0.5rem;
  align-items: stretch;
}

.work {
  min-width: 0;
}

@media (max-width: 1000px) {
  .bench {
    grid-template-columns: 1fr;
  }
}

@media (max-width: 600px) {
  .tools {
    gap: 0.3rem;
  }

  .spacer {
    flex: 1 1 100%;
  }

  .tools .plain-button,
  .tools :deep(summary) {
    padding: 0 0.5rem;
    font-size: 0.95rem;
  }

  .redo {
    display: none;
  }
}
</style>
