<script setup lang="ts">
import { computed, nextTick, reactive, ref, watch } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import DraftNotice from "../../shell/DraftNotice.vue";
import { useSession } from "../../shell/session";
import { useDraft } from "../../shell/useDraft";
import { toMessage } from "../../shell/useLoad";
import PressedRow from "../../shell/PressedRow.vue";
import CircuitDrawing from "./CircuitDrawing.vue";
import { toCut, toKeys, toQuantities, type PartKey } from "./circuitParts";
import CircuitHistory from "./CircuitHistory.vue";
import LineRuns from "./LineRuns.vue";
import { toNamed, toUnfed, type Spot } from "./lines";
import PartForm from "./PartForm.vue";
import { SPLITS, toFigure } from "./words";

/** The circuit drawn over the vehicle; the drawing is the form, and a line touched with the shears shows what still brakes. */
const { brakes } = defineProps<{ brakes: Schemas["BrakesView"] }>();
const emit = defineEmits<{ saved: [brakes: Schemas["BrakesView"]] }>();
const session = useSession();
const failure = ref("");
const isSaved = ref(false);

type Form = Schemas["CircuitForm"];
type Cut = Schemas["TriedForm"]["cut"];

/** Axles of the job by their names; a motor vehicle has a second one that is not converted. */
function usualNames() {
  const names = brakes.axleNames;
  if (brakes.trailer || names.length > 1) return names;
  const [only = "front axle"] = names;
  return /rear/i.test(only) ? ["front axle", only] : [only, "rear axle"];
}

function toDraft(): Form {
  const form = JSON.parse(JSON.stringify(brakes.circuit)) as Form;
  if (form.axles.length === 0)
    form.axles = usualNames().map((name) => ({
      name,
      shoes: "LEADING_TRAILING",
      figures: {},
    }));
  return form;
}
const draft = ref(toDraft());
const keeper = useDraft(`circuit.${brakes.jobId}`, draft);
keeper.open(toDraft());
// somebody else's change that came with another view's answer
watch(
  () => brakes.circuit,
  () => keeper.bringTogether(toDraft()),
);

const open = ref<PartKey>(toKeys(brakes.trailer, 0)[0] ?? "vehicle");
const tool = ref<"tell" | "cut" | "draw">("tell");
const cut = ref<Cut>("NOTHING");
const left = reactive({ said: "", isBusy: false });

const says = computed(() => {
  const said: Record<string, string> = {};
  for (const key of toKeys(brakes.trailer, draft.value.axles.length)) {
    const figures = draft.value.axles[Number(key.slice(5))]?.figures ?? draft.value.figures;
    const all = toQuantities(key, draft.value, brakes.quantities);
    const wanted = all.filter(
      (q) => q.defaultValue === undefined && !figures[q.id] && q.fromSheet === undefined,
    ).length;
    const first = all.find((q) => figures[q.id] || q.fromSheet !== undefined);
    const known = first && (figures[first.id] ?? toFigure(first.fromSheet, first.unit));
    said[key] = [known && `${first.title} ${known}`, wanted && `${wanted} not told`]
      .filter(Boolean)
      .join(", ");
  }
  return said;
});

const state = ref<"found" | "planned">("found");

/** The circuit as it is drawn: as planned the axles with a kit have discs. */
const drawn = computed<Form>(() => {
  if (state.value === "found") return draft.value;
  const converted = new Set(brakes.kits.map((k) => k.split(":")[0]));
  const axles = draft.value.axles.map((a) => (converted.has(a.name) ? { ...a, shoes: undefined } : a));
  return { ...draft.value, axles };
});

/** Lines of the state drawn: a plan that draws none keeps those found. */
const lines = computed({
  get: () => (state.value === "planned" ? draft.value.planned.lines : draft.value.lines),
  set: (now) => {
    if (state.value === "planned") draft.value.planned.lines = now;
    else draft.value.lines = now;
  },
});
const shownLines = computed(() => (lines.value.length ? lines.value : draft.value.lines));
const begun = ref("");
const drawing = ref<{ spots: Spot[] }>();
const unfed = computed(() => toUnfed(lines.value, draft.value.axles.length));

/** The first touch begins a line, the second ends it; the same point twice lets go. */
async function onPoint(key: string) {
  if (!begun.value || begun.value === key) {
    begun.value = begun.value === key ? "" : key;
    return;
  }
  lines.value = [...lines.value, { from: begun.value, to: key, length: "", bore: "" }];
  begun.value = "";
  await nextTick();
  document.getElementById(`line-length-${lines.value.length - 1}`)?.focus();
}

/** How the circuits are split: a tandem master planned makes two of one. */
const split = computed<Form["split"]>(() => {
  const { planned, split: found } = draft.value;
  if (state.value === "found") return found;
  const isTandem = planned.parts.some((p) =>
    /^tandem/i.test(brakes.parts.find((b) => b.code === p.code)?.name ?? ""),
  );
  return planned.split ?? (isTandem && found !== "DIAGONAL" ? "FRONT_REAR" : found);
});

/** Cuts a line in thought and says what is left, as planned. */
async function onCut(line: "front" | "rear") {
  const asked = toCut(split.value, line);
  cut.value = cut.value === asked ? "NOTHING" : asked;
  if (cut.value === "NOTHING") {
    left.said = "";
    return;
  }
  if (cut.value === "ALL") {
    left.said =
      split.value === "NOT_LOOKED"
        ? "Nobody looked how many circuits there are: count on nothing left but the parking brake."
        : "One circuit: with this line cut nothing brakes but the parking brake.";
    return;
  }
  left.isBusy = true;
  try {
    const tried = await toData(
      client.POST("/api/jobs/{jobId}/brakes/tried", {
        params: { path: { jobId: brakes.jobId } },
        body: {
          planned: state.value === "planned",
          load: "LADEN",
          foot: 500,
          speed: 100,
          road: 0.8,
          cut: cut.value,
          set: [],
        },
      }),
    );
    const last = tried.stop.at(-1);
    left.said = last
      ? `Still brakes at 500 N, laden, dry: stands after ${toFigure(last.way, "m", session.units)} from 100 km/h, in ${last.time.toFixed(1)} s.`
      : tried.wanted.length
        ? `Cannot be told; wanted: ${tried.wanted.join(", ")}.`
        : "It does not come to stand.";
  } catch (e) {
    left.said = toMessage(e);
  } finally {
    left.isBusy = false;
  }
}

/** Circuits as they were kept before, the newest last: what undo goes back to. */
watch(state, () => {
  begun.value = "";
  cut.value = "NOTHING";
  left.said = "";
});

const before = ref<Form[]>([]);

async function keep(form: Form, isUndo: boolean) {
  failure.value = "";
  isSaved.value = false;
  const was = JSON.parse(JSON.stringify(brakes.circuit)) as Form;
  try {
    const saved = await toData(
      client.PUT("/api/jobs/{jobId}/brakes", {
        params: { path: { jobId: brakes.jobId } },
        body: { ...form, version: brakes.circuit.version },
      }),
    );
    if (isUndo) before.value.pop();
    else before.value.push(was);
    isSaved.value = true;
    emit("saved", saved);
    await nextTick();
    keeper.done(toDraft());
  } catch (e) {
    if (!isUndo && (await isBroughtTogether(e))) return;
    failure.value = toNamed(toMessage(e), drawing.value?.spots ?? []);
  }
}

/** Whether somebody else had changed it: theirs is fetched and brought together with what is typed. */
async function isBroughtTogether(e: unknown) {
  if (!(e instanceof Refusal) || e.status !== 409) return false;
  try {
    const theirs = await toData(
      client.GET("/api/jobs/{jobId}/brakes", { params: { path: { jobId: brakes.jobId } } }),
    );
    if (theirs.circuit.version === brakes.circuit.version) return false;
    emit("saved", theirs);
    await nextTick();
    if (!keeper.conflicts.value.length)
      failure.value =
        "Somebody else changed other things meanwhile: both are brought together. Look, and save.";
    return true;
  } catch {
    return false; // what is typed stays, and the refusal is told
  }
}

const onSave = () => keep(draft.value, false);
const onUndo = () => {
  const last = before.value.at(-1);
  if (last) void keep(last, true);
};
</script>

<template>
  <form class="sheet circuit" @submit.prevent="onSave">
    <div class="head">
      <PressedRow
        v-model="state"
        label="State drawn"
        :options="[
          { value: 'found', text: 'As found' },
          { value: 'planned', text: 'As planned' },
        ]"
      />
      <PressedRow
        v-model="tool"
        label="What a touch does"
        :options="[
          { value: 'tell', text: 'Touch to tell' },
          { value: 'cut', text: 'Cut here' },
          { value: 'draw', text: 'Run lines' },
        ]"
      />
      <p class="soft small legend">
        <span class="one" /> {{ split === "SINGLE" || split === "NOT_LOOKED" ? "circuit" : "circuit 1" }}
        <template v-if="split === 'FRONT_REAR' || split === 'DIAGONAL'"
          ><span class="two" /> circuit 2</template
        >
        · {{ SPLITS.find((s) => s.value === split)?.label }}
      </p>
    </div>
    <div class="scroll" tabindex="0" role="region" aria-label="Drawing of the circuit">
      <CircuitDrawing
        ref="drawing"
        :circuit="drawn"
        :trailer="brakes.trailer"
        :split="split"
        :cutting="tool === 'cut'"
        :cut="tool === 'cut' ? cut : 'NOTHING'"
        :open="open"
        :says="says"
        :lines="shownLines"
        :drawing="tool === 'draw'"
        :begun="begun"
        @touch="open = $event"
        @cut="onCut"
        @point="onPoint"
      />
    </div>
    <p v-if="tool === 'cut'" class="left" role="status">
      {{ left.isBusy ? "Working it out …" : left.said || "Touch the shears on a line to cut it." }}
    </p>
    <template v-if="tool === 'draw'">
      <p v-if="state === 'planned' && !lines.length && draft.lines.length">
        As planned the lines stay as found.
        <button type="button" class="plain-button" @click="lines = draft.lines.map((l) => ({ ...l }))">
          Change them
        </button>
      </p>
      <p class="left" role="status">{{ begun ? `From ${begun} to …` : "" }}</p>
      <LineRuns v-model="lines" :spots="drawing?.spots ?? []" :unfed="unfed" />
    </template>
    <PartForm v-else v-model="draft" :part="open" :brakes="brakes" />
    <p class="soft small">
      Write as you measure: “7/8 in”, “22,2 mm”, “10 psi”, with its doubt where you know it: “22,20 ± 0,02
      mm”. What stays empty and has a usual value is assumed and marked so; what has none is wanted. Mass,
      wheelbase, tyre, master and pedal come from the vehicle sheet unless told here.
    </p>
    <DraftNotice
      :is-restored="keeper.isRestored.value"
      :conflicts="keeper.conflicts.value"
      @drop="keeper.drop"
      @settle="keeper.settle"
    />
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <div v-if="session.mayChange" class="save">
      <button type="submit" class="strong">Save and work out</button>
      <button v-if="before.length" type="button" class="plain-button" @click="onUndo">Undo</button>
      <span v-if="isSaved && !failure" class="soft" role="status">Saved.</span>
    </div>
  </form>
  <CircuitHistory :job-id="brakes.jobId" :version="brakes.circuit.version" />
</template>

<style scoped>
.circuit {
  padding: 0.9rem 1rem 1.1rem;
  margin-top: 0.8rem;
}

.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 0.6rem;
}

.legend {
  margin: 0;
}

/* on a phone the drawing keeps a size that can be read and touched */
.scroll {
  overflow-x: auto;
}

.scroll > svg {
  min-width: 40rem;
}

.one,
.two {
  display: inline-block;
  width: 2.2rem;
  border-top: 4px solid var(--accent);
  vertical-align: middle;
  margin: 0 0.3rem 0 0.6rem;
}

.two {
  border-top: 4px dashed var(--bad);
}

.left {
  font-weight: 600;
  min-height: 1.5rem;
}

.save {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin-top: 1rem;
}

.strong {
  font: inherit;
  font-weight: 600;
  min-height: 46px;
  padding: 0 1.3rem;
  border: 1px solid var(--accent);
  background: var(--accent);
  color: var(--sheet);
  cursor: pointer;
}
</style>
