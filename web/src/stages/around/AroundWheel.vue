<script setup lang="ts">
import Button from "primevue/button";
import { useToast } from "primevue/usetoast";
import { computed, onMounted, ref, watch } from "vue";
import { useRoute } from "vue-router";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import DraftNotice from "../../shell/DraftNotice.vue";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { useDraft } from "../../shell/useDraft";
import { toMessage } from "../../shell/useLoad";
import { useUndo } from "../../shell/useUndo";
import AroundDrawing from "./AroundDrawing.vue";
import FigureField from "../../fields/FigureField.vue";
import WheelDetails from "./WheelDetails.vue";

type SideText = Schemas["SideText"];

const axle = useAxle();
const session = useSession();
const toast = useToast();
const around = ref<Schemas["AroundView"] | null>(null);
interface Typed {
  left: SideText;
  right: SideText;
}
const typed = ref<Typed | null>(null);
const keeper = useDraft(`around.${axle.axleId}`, typed);
const route = useRoute();
const side = ref<"LEFT" | "RIGHT">(route.query.side === "RIGHT" ? "RIGHT" : "LEFT");
const failure = ref("");
const fault = ref("");
const isBusy = ref(false);
const undo = useUndo();

const SIDES = [
  { value: "LEFT" as const, text: "Left" },
  { value: "RIGHT" as const, text: "Right" },
];
const text = computed(() => typed.value?.[side.value === "LEFT" ? "left" : "right"] ?? null);
const isChanged = computed(() => keeper.isChanged());
const isMine = computed(() => session.mayChange);

onMounted(load);

function take(view: Schemas["AroundView"]): Typed {
  around.value = view;
  axle.set(view);
  return { left: view.left, right: view.right };
}

async function load() {
  try {
    const theirs = take(
      await toData(client.GET("/api/axles/{axleId}/around", { params: { path: { axleId: axle.axleId } } })),
    );
    if (typed.value) keeper.bringTogether(theirs);
    else keeper.open(theirs);
    failure.value = "";
  } catch (e) {
    failure.value = toMessage(e);
  }
}

async function put(l: SideText, r: SideText) {
  const view = around.value;
  if (!view) return;
  keeper.done(
    take(
      await toData(
        client.PUT("/api/axles/{axleId}/around", {
          params: { path: { axleId: axle.axleId } },
          body: { version: view.version, left: l, right: r },
        }),
      ),
    ),
  );
}

/** Whether somebody else had changed it: theirs is fetched and brought together with what is typed. */
async function isBroughtTogether(e: unknown) {
  if (!(e instanceof Refusal) || e.status !== 409) return false;
  const version = around.value?.version;
  await load();
  if (failure.value || around.value?.version === version) return false;
  if (!keeper.conflicts.value.length)
    fault.value =
      "Somebody else changed other things meanwhile: both are brought together. Look, and keep it.";
  return true;
}

async function onSave() {
  const base = keeper.base.value;
  if (!typed.value || !base) return;
  isBusy.value = true;
  fault.value = "";
  const { left: l, right: r } = typed.value;
  const { left: oldLeft, right: oldRight } = base;
  try {
    await put(l, r);
    undo.did({
      undo: () => put(oldLeft, oldRight),
      redo: () => put(l, r),
    });
    toast.add({
      severity: "success",
      summary: "Kept",
      detail: "The kits are judged by it from now on.",
      life: 4000,
    });
  } catch (e) {
    if (!(await isBroughtTogether(e))) fault.value = toMessage(e);
  } finally {
    isBusy.value = false;
  }
}

function onCopy() {
  const from = text.value;
  if (!from || !typed.value) return;
  const copy = JSON.parse(JSON.stringify(from)) as SideText;
  // nobody has looked there by this
  copy.lookedInboard = false;
  copy.lookedAround = false;
  typed.value[side.value === "LEFT" ? "right" : "left"] = copy;
  toast.add({
    severity: "info",
    summary: `Copied to the ${side.value === "LEFT" ? "right" : "left"} side`,
    detail: "Castings differ from side to side: go round the other wheel before you keep it.",
    life: 8000,
  });
}

const marking = ref("");

/** Size and load as the marking lets them be at most: what is not measured is taken large. */
async function onMarking() {
  const into = text.value;
  if (!into || !marking.value.trim()) return;
  fault.value = "";
  try {
    const said = await toData(
      client.GET("/api/axles/{axleId}/around/tyre", {
        params: { path: { axleId: axle.axleId }, query: { marking: marking.value } },
      }),
    );
    into.tyre.width ||= said.width;
    into.tyre.diameter ||= said.diameter;
    into.tyre.rated ||= said.rated;
    marking.value = "";
  } catch (e) {
    fault.value = toMessage(e);
  }
}

function addObstacle() {
  text.value?.inboard.push({
    name: "",
    clockFrom: "",
    clockTo: "",
    xFrom: "",
    xTo: "",
    rFrom: "",
    rTo: "",
    halfLimit: "",
    mayBeGround: "",
  });
}

function addBox() {
  text.value?.chassis.push({
    name: "",
    xFrom: "",
    xTo: "",
    forwardFrom: "",
    forwardTo: "",
    upFrom: "",
    upTo: "",
    halfLimit: "",
  });
}

// what was said of "all" holds no longer once something is added or removed
watch([() => text.value, () => text.value?.inboard.length], ([now, n], [before, m]) => {
  if (now && now === before && n !== m) now.lookedInboard = false;
});
watch([() => text.value, () => text.value?.chassis.length], ([now, n], [before, m]) => {
  if (now && now === before && n !== m) now.lookedAround = false;
});

const shapes = computed(() => around.value?.shapes.filter((s) => s.side === side.value) ?? []);
</script>

<template>
  <div class="page wide">
    <div class="page-head">
      <h1>Around the wheel</h1>
      <PressedRow v-model="side" :options="SIDES" label="Side" />
      <button type="button" class="plain-button" :disabled="!isMine" @click="onCopy">
        Copy to the {{ side === "LEFT" ? "right" : "left" }}
      </button>
      <button
        type="button"
        class="plain-button"
        :disabled="!undo.canUndo.value"
        @click="undo.undo().catch((e) => (fault = toMessage(e)))"
      >
        Undo
      </button>
      <Button label="Keep" :disabled="!isMine || !isChanged || isBusy" :loading="isBusy" @click="onSave" />
    </div>
    <p class="small soft lead">
      At ride height, straight ahead. x from the bracket's bolt face, outboard positive; forward and up from
      the wheel axis; clock 0 is up, 90 to the front. Inboard and down are negative. Stands under the frame
      before going under.
    </p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <DraftNotice
      :is-restored="keeper.isRestored.value"
      :conflicts="keeper.conflicts.value"
      @drop="keeper.drop"
      @settle="keeper.settle"
    />
    <p v-if="fault" class="failure" role="alert">{{ fault }}</p>
    <p v-if="!text && !failure" class="soft">Fetching …</p>
    <div v-if="text && around" class="two">
      <div>
        <fieldset>
          <legend>Beside the caliper, on the knuckle or axle</legend>
          <label class="tick">
            <input v-model="text.lookedInboard" type="checkbox" :disabled="!isMine" />
            Looked all round; {{ text.inboard.length ? "this is all" : "nothing stands there" }}
          </label>
          <div v-for="(o, i) in text.inboard" :key="`o${i}`" class="thing">
            <FigureField v-model="o.name" label="What" wide />
            <FigureField v-model="o.clockFrom" label="Clock from" unit="°" />
            <FigureField v-model="o.clockTo" label="to" unit="°" />
            <FigureField v-model="o.xFrom" label="x from" />
            <FigureField v-model="o.xTo" label="to" />
            <FigureField v-model="o.rFrom" label="Radius from" />
            <FigureField v-model="o.rTo" label="to" />
            <FigureField
              v-model="o.mayBeGround"
              label="May be ground"
              hint="only a rib, never what carries load"
            />
            <button
              type="button"
              class="plain-button"
              :aria-label="`Remove ${o.name}`"
              @click="text.inboard.splice(i, 1)"
            >
              ✕
            </button>
          </div>
          <button type="button" class="plain-button" :disabled="!isMine" @click="addObstacle">
            Add a thing
          </button>
        </fieldset>
        <fieldset>
          <legend>On the chassis, within reach of the wheel</legend>
          <label class="tick">
            <input v-model="text.lookedAround" type="checkbox" :disabled="!isMine" />
            Looked all round; {{ text.chassis.length ? "this is all" : "nothing is within reach" }}
          </label>
          <div v-for="(b, i) in text.chassis" :key="`b${i}`" class="thing">
            <FigureField v-model="b.name" label="What" wide />
            <FigureField v-model="b.xFrom" label="x from" />
            <FigureField v-model="b.xTo" label="to" />
            <FigureField v-model="b.forwardFrom" label="Forward from" />
            <FigureField v-model="b.forwardTo" label="to" />
            <FigureField v-model="b.upFrom" label="Up from" />
            <FigureField v-model="b.upTo" label="to" />
            <button
              type="button"
              class="plain-button"
              :aria-label="`Remove ${b.name}`"
              @click="text.chassis.splice(i, 1)"
            >
              ✕
            </button>
          </div>
          <button type="button" class="plain-button" :disabled="!isMine" @click="addBox">Add a thing</button>
        </fieldset>
        <fieldset v-if="around.steered">
          <legend>King-pin axis and locks</legend>
          <div class="thing">
            <FigureField v-model="text.steering.lowerX" label="Lower joint x" />
            <FigureField v-model="text.steering.lowerForward" label="forward" />
            <FigureField v-model="text.steering.lowerUp" label="up" />
            <FigureField v-model="text.steering.upperX" label="Upper joint x" />
            <FigureField v-model="text.steering.upperForward" label="forward" />
            <FigureField v-model="text.steering.upperUp" label="up" />
            <FigureField v-model="text.steering.lockIn" label="Turns in" unit="°" />
            <FigureField v-model="text.steering.lockOut" label="Turns out" unit="°" />
          </div>
        </fieldset>
        <fieldset>
          <legend>Travel, tyre, hose</legend>
          <div class="thing">
            <FigureField v-model="text.travel.bump" label="Travel up" />
            <FigureField v-model="text.travel.droop" label="Travel down" />
            <FigureField v-model="text.travel.roll" label="Lean at the ends" unit="°" />
            <FigureField
              v-model="marking"
              label="Tyre's marking"
              hint="165/80 R 13 82 S: fills what is empty, as large as it may be"
              @keydown.enter.prevent="onMarking"
              @change="onMarking"
            />
            <FigureField v-model="text.tyre.width" label="Tyre width" />
            <FigureField v-model="text.tyre.diameter" label="Tyre diameter" />
            <FigureField v-model="text.tyre.rated" label="Tyre rated" />
            <FigureField
              v-model="text.tyre.chains"
              label="Chains stand out by"
              hint="where chains are put on"
            />
            <FigureField v-model="text.hose.x" label="Hose end x" />
            <FigureField v-model="text.hose.forward" label="forward" />
            <FigureField v-model="text.hose.up" label="up" />
            <FigureField v-model="text.hose.thread" label="Its thread" />
          </div>
        </fieldset>
        <WheelDetails
          v-model="text.details"
          :held="around.held"
          :wheels="around.wheels"
          :disabled="!isMine"
        />
        <fieldset v-if="around.steered">
          <legend>Steering joints as found</legend>
          <div v-for="(j, i) in text.joints" :key="`j${i}`" class="thing">
            <FigureField v-model="j.place" label="Joint" wide />
            <FigureField v-model="j.size" label="Taper or thread" wide />
            <button
              type="button"
              class="plain-button"
              :aria-label="`Remove ${j.place}`"
              @click="text.joints.splice(i, 1)"
            >
              ✕
            </button>
          </div>
          <button
            type="button"
            class="plain-button"
            :disabled="!isMine"
            @click="text.joints.push({ place: '', size: '' })"
          >
            Add a joint
          </button>
        </fieldset>
      </div>
      <aside class="sheet">
        <AroundDrawing :shapes="shapes" :side="side" :is-changed="isChanged" />
        <p class="caution small">
          A steering arm in the way is replaced or moved by a qualified shop, inspected and recorded. It is
          never heated or bent.
        </p>
      </aside>
    </div>
  </div>
</template>

<style scoped src="./around.css"></style>

<style scoped>
.wide {
  max-width: 1700px;
}

.lead {
  margin: 0 0 0.8rem;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(20rem, 1fr);
  gap: 1.2rem;
}

aside {
  align-self: start;
  position: sticky;
  top: 0.5rem;
  padding: 0.8rem;
}

@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }

  aside {
    position: static;
  }
}
</style>
