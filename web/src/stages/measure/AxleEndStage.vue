<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { computed, onMounted, onUnmounted, ref, useTemplateRef, watch } from "vue";
import { client, Refusal, sendBody, sendDocument, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import AxleEndDrawing from "./AxleEndDrawing.vue";
import { toLabelId, type CalloutId, type ViewId } from "./callouts";
import GaugeStrip from "./GaugeStrip.vue";
import GuidePanel from "./GuidePanel.vue";
import HeldReadings from "./HeldReadings.vue";
import KeyMap from "./KeyMap.vue";
import { useOutbox, type Entry } from "./outbox";
import SimulatedGaugePanel from "./SimulatedGaugePanel.vue";
import TakeOverDialog from "./TakeOverDialog.vue";
import { useUndo } from "./useUndo";

type Side = Schemas["SideView"]["side"];
type End = Schemas["AxleEndView"];

const PLACES_WANTED = 3;
const axle = useAxle();
const session = useSession();
const outbox = useOutbox();
const toast = useToast();
const undo = useUndo();
const {
  data: end,
  failure,
  isLoading,
  load,
} = useLoad(() =>
  toData(client.GET("/api/axles/{axleId}/end", { params: { path: { axleId: axle.axleId } } })),
);

const sideId = ref<Side>("LEFT");
const picked = ref<CalloutId | null>(null);
const isHeldOn = ref(false);
const isGaugeOpen = ref(false);
const isTakeOverOpen = ref(false);
const isKeyMapOpen = ref(false);
const advice = ref<Schemas["AdviceView"] | null>(null);
const entered = ref(new Set<string>());
const importRefusal = ref<Refusal | null>(null);
const strip = useTemplateRef<InstanceType<typeof GaugeStrip>>("strip");
const csvPicker = useTemplateRef<HTMLInputElement>("csvPicker");
/** Readings by the id they were sent under, so that what was taken can be taken back. */
const readingIds = new Map<string, number>();

const side = computed(() => end.value?.sides.find((s) => s.side === sideId.value) ?? null);
const suggested = computed(() =>
  advice.value?.ranked.find(
    (s) => s.side === sideId.value && s.forVerdict && !entered.value.has(`${s.side}:${s.callout}`),
  ),
);
/** Typing in from paper: the order is the sheet's, every number of it. */
const isFromSheet = ref(false);
const sheetOrder = computed(() =>
  (side.value?.callouts ?? []).filter((c) => toLabelId(c.callout) === c.callout).map((c) => c.callout),
);
const nextWanted = computed<CalloutId>(() => {
  if (isFromSheet.value) {
    const here = picked.value === null ? -1 : sheetOrder.value.indexOf(toLabelId(picked.value));
    return sheetOrder.value[here + 1] ?? sheetOrder.value[0] ?? "LUG_COUNT";
  }
  if (suggested.value) return suggested.value.callout;
  const wanted = side.value?.callouts.find(
    (c) => c.wanted && !entered.value.has(`${sideId.value}:${c.callout}`),
  );
  const open = side.value?.callouts.find((c) => c.open && !entered.value.has(`${sideId.value}:${c.callout}`));
  return wanted?.callout ?? open?.callout ?? "LUG_COUNT";
});
const selected = computed<CalloutId>(() => picked.value ?? nextWanted.value);

/** Goes to the next wanted reading by what is known now. Later advice never changes what is being asked for: only the panel. */
const sheetNumber = computed(() =>
  isFromSheet.value ? sheetOrder.value.indexOf(toLabelId(selected.value)) + 1 : 0,
);

function pickNext() {
  if (!isFromSheet.value) picked.value = null;
  picked.value = nextWanted.value;
}

function onFromSheet() {
  isFromSheet.value = !isFromSheet.value;
  picked.value = null;
  pickNext();
}

function pick(id: CalloutId | null) {
  picked.value = id;
}

const callout = computed(() => side.value?.callouts.find((c) => c.callout === selected.value) ?? null);
const sheet = computed(() => side.value?.sheets.find((s) => s.view === callout.value?.view) ?? null);
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
async function loadAdvice() {
  const ticket = ++adviceTicket;
  try {
    const fresh = await toData(
      client.GET("/api/axles/{axleId}/advice", { params: { path: { axleId: axle.axleId } } }),
    );
    if (ticket !== adviceTicket) return;
    advice.value = fresh;
    entered.value = new Set(
      outbox.waiting.filter((e) => e.axleId === axle.axleId).map((e) => `${e.side}:${e.callout}`),
    );
  } catch {
    // the drawing works without advice; it is asked for again after the next reading
  }
}

/** The first advice decides where to begin; without it the order of the hand does. */
const isReady = ref(false);
async function begin() {
  await Promise.all([loadAdvice(), firstEnd]);
  pickNext();
  isReady.value = true;
}

function onSide(next: Side) {
  sideId.value = next;
  picked.value = null;
  pickNext();
}

function onView(view: ViewId) {
  const here = side.value?.callouts.filter((c) => c.view === view) ?? [];
  pick((here.find((c) => c.wanted) ?? here.find((c) => c.open) ?? here[0])?.callout ?? null);
}

function onSuggestion(s: Schemas["SuggestionView"]) {
  sideId.value = s.side;
  pick(s.callout);
}

function onEnter(typed: Pick<Entry, "text" | "place" | "instrument" | "units" | "confirmed" | "corrects">) {
  const current = callout.value;
  if (!current || !end.value) return;
  const entry: Parameters<typeof outbox.add>[0] = {
    ...typed,
    axleId: axle.axleId,
    side: sideId.value,
    callout: current.callout,
    title: current.title,
    seen: end.value.lastReading,
  };
  const old = current.readings.find((r) => r.id === typed.corrects);
  const sent = ref(outbox.add(entry).clientId);
  undo.did({
    undo: () => takeBack(sent, entry, old),
    redo: () => {
      sent.value = outbox.add({ ...entry, seen: Number.MAX_SAFE_INTEGER, confirmed: true }).clientId;
    },
  });
  advance(current);
}

/** Goes on to the next wanted reading at once, so that what a gauge sends next lands there. */
function advance(current: Schemas["CalloutView"]) {
  if (isHeldOn.value || (current.hasPlaces && toPlaces(current.callout) < PLACES_WANTED)) {
    pick(current.callout);
    return;
  }
  entered.value.add(`${sideId.value}:${current.callout}`);
  pickNext();
}

function toPlaces(id: CalloutId): number {
  const read = (id === "WHEEL_BARREL" ? side.value?.barrel.length : side.value?.spokes.length) ?? 0;
  return (
    read +
    outbox.waiting.filter((e) => e.axleId === axle.axleId && e.side === sideId.value && e.callout === id)
      .length
  );
}

async function takeBack(
  sent: { value: string },
  entry: Parameters<typeof outbox.add>[0],
  old?: Schemas["ReadingView"],
) {
  if (outbox.entries.some((e) => e.clientId === sent.value)) {
    outbox.drop(sent.value);
    return;
  }
  const id = readingIds.get(sent.value);
  if (id === undefined) return;
  if (old) {
    sent.value = outbox.add({
      ...entry,
      text: old.text,
      place: old.placeText,
      corrects: id,
      confirmed: true,
    }).clientId;
  } else {
    await withdraw(id);
  }
  pick(entry.callout);
}

async function withdraw(readingId: number) {
  end.value = await toData(
    client.DELETE("/api/axles/{axleId}/readings/{readingId}", {
      params: { path: { axleId: axle.axleId, readingId }, query: { clientId: crypto.randomUUID() } },
    }),
  );
  void loadAdvice();
}

async function onWithdraw(readingId: number) {
  const current = callout.value;
  const reading = current?.readings.find((r) => r.id === readingId);
  if (!current || !reading) return;
  const id = ref(readingId);
  try {
    await withdraw(readingId);
  } catch (e) {
    toast.add({ severity: "error", summary: "Not withdrawn", detail: toMessage(e), life: 8000 });
    return;
  }
  pick(current.callout);
  let sent = "";
  const where = sideId.value;
  undo.did({
    undo: () => {
      sent = outbox.add({
        axleId: axle.axleId,
        side: where,
        callout: current.callout,
        title: current.title,
        text: reading.text,
        place: reading.placeText,
        instrument: reading.instrument,
        units: "METRIC",
        seen: Number.MAX_SAFE_INTEGER,
        confirmed: true,
      }).clientId;
    },
    redo: () => withdraw(readingIds.get(sent) ?? id.value),
  });
}

async function onUndo(step: () => Promise<void>) {
  try {
    await step();
  } catch (e) {
    toast.add({ severity: "error", summary: "Not possible", detail: toMessage(e), life: 8000 });
  }
}

function toIds(view: End) {
  return view.sides.flatMap((s) => s.callouts.flatMap((c) => c.readings.map((r) => r.id)));
}

const stopTaken = outbox.onTaken((entry, view) => {
  if (entry.axleId !== axle.axleId) return;
  const before = new Set(end.value ? toIds(end.value) : []);
  const fresh = toIds(view).filter((id) => !before.has(id));
  const newest = fresh.at(-1);
  if (newest !== undefined) readingIds.set(entry.clientId, newest);
  end.value = view;
  void loadAdvice();
});

const stopRefused = outbox.onRefused((entry) => {
  if (entry.axleId !== axle.axleId || entry.refusal?.theirs) return;
  // Given back to the fields while nothing else is typed there; else it waits among the held ones.
  if (!strip.value?.isPristine()) return;
  sideId.value = entry.side;
  pick(entry.callout);
  entered.value.delete(`${entry.side}:${entry.callout}`);
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

async function onCsv(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  importRefusal.value = null;
  try {
    const result = await sendDocument<Schemas["ReadingsTaken"]>(
      `/api/axles/${axle.axleId}/readings/import`,
      file,
    );
    toast.add({ severity: "success", summary: `${result.taken} readings imported`, life: 5000 });
    await Promise.all([load(), loadAdvice()]);
  } catch (e) {
    importRefusal.value = e instanceof Refusal ? e : new Refusal(0, toMessage(e));
  } finally {
    input.value = "";
  }
}

async function onTakenOver(count: number) {
  toast.add({ severity: "success", summary: `${count} readings taken over, marked as such`, life: 5000 });
  await Promise.all([load(), loadAdvice()]);
}

const ALT_KEYS: Record<string, () => void> = {
  l: () => onSide("LEFT"),
  r: () => onSide("RIGHT"),
  "1": () => onView("HUB"),
  "2": () => onView("INNER"),
  "3": () => onView("WHEEL"),
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
        <div class="group" role="group" aria-label="Side">
          <button
            v-for="s in end.sides"
            :key="s.side"
            type="button"
            :aria-pressed="s.side === sideId"
            @click="onSide(s.side)"
          >
            {{ s.side === "LEFT" ? "Left" : "Right" }}
            <span class="small">{{ s.stillWanted ? `${s.stillWanted} wanted` : "all read" }}</span>
          </button>
        </div>
        <div class="group" role="group" aria-label="View">
          <button
            v-for="s in side.sheets"
            :key="s.view"
            type="button"
            :aria-pressed="s.view === sheet?.view"
            @click="onView(s.view)"
          >
            {{ s.title }}
          </button>
        </div>
        <span class="spacer" />
        <template v-if="session.mayChange">
          <button type="button" class="plain-button" :aria-pressed="isHeldOn" @click="isHeldOn = !isHeldOn">
            Hold
          </button>
          <button type="button" class="plain-button" @click="isTakeOverOpen = true">Take over</button>
          <button
            type="button"
            class="plain-button"
            :aria-pressed="isGaugeOpen"
            @click="isGaugeOpen = !isGaugeOpen"
          >
            Gauge
          </button>
        </template>
        <details class="paper">
          <summary class="plain-button">Paper</summary>
          <div class="sheet menu">
            <a :href="`/api/axles/${axle.axleId}/sheet.pdf?side=${sideId}`" download>Measuring sheet, PDF</a>
            <a :href="`/api/axles/${axle.axleId}/readings.csv`" download>Readings out, CSV</a>
            <template v-if="session.mayChange">
              <button type="button" :aria-pressed="isFromSheet" @click="onFromSheet">
                Type in from the sheet
              </button>
              <button type="button" @click="csvPicker?.click()">Readings in, CSV</button>
              <input
                ref="csvPicker"
                type="file"
                accept=".csv,text/csv"
                class="visually-hidden"
                tabindex="-1"
                aria-label="Readings to import"
                @change="onCsv"
              />
            </template>
            <button type="button" @click="isKeyMapOpen = true">Keys</button>
          </div>
        </details>
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
            class="plain-button"
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
            :sheet-number="sheetNumber"
            @skip="pickNext"
            @enter="onEnter"
            @withdraw="onWithdraw"
            @way="pick"
            @photo="onPhoto"
          />
          <SimulatedGaugePanel
            v-if="isGaugeOpen"
            @send="strip?.typeIn($event)"
            @close="isGaugeOpen = false"
          />
        </div>
        <GuidePanel
          :advice="advice"
          :side="side"
          :track="end.track"
          :differences="end.differences"
          @pick="onSuggestion"
        />
      </div>
      <TakeOverDialog
        v-model="isTakeOverOpen"
        :job-id="end.jobId"
        :axle-id="axle.axleId"
        :side="sideId"
        @taken="onTakenOver"
      />
      <KeyMap v-model="isKeyMapOpen" />
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

.group {
  display: flex;
}

.group button,
.plain-button {
  font: inherit;
  font-size: 1rem;
  min-height: 44px;
  padding: 0 0.85rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.plain-button:disabled {
  color: var(--ink-soft);
  border-color: var(--line);
  cursor: default;
}

.group button + button {
  border-left: 0;
}

.group button[aria-pressed="true"],
.plain-button[aria-pressed="true"] {
  background: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}

.paper {
  position: relative;
}

.paper summary {
  list-style: none;
  display: flex;
  align-items: center;
}

.menu {
  position: absolute;
  right: 0;
  z-index: 5;
  display: flex;
  flex-direction: column;
  min-width: 15rem;
}

.menu a,
.menu button {
  font: inherit;
  text-align: left;
  min-height: 44px;
  padding: 0.5rem 0.9rem;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: var(--ink);
  text-decoration: none;
  cursor: pointer;
}

.menu button[aria-pressed="true"] {
  background: var(--accent-wash);
  font-weight: 600;
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
</style>
