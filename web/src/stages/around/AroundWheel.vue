<script setup lang="ts">
import Button from "primevue/button";
import { useToast } from "primevue/usetoast";
import { computed, nextTick, onMounted, ref, watch } from "vue";
import { useRoute } from "vue-router";
import { client, toData } from "../../api/client";
import FigureField from "../../fields/FigureField.vue";
import { useAxle } from "../../shell/axleHead";
import DraftNotice from "../../shell/DraftNotice.vue";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import KitTally from "../../verdict/KitTally.vue";
import AroundViews from "./AroundViews.vue";
import CopyFrom from "./CopyFrom.vue";
import FiguresFold from "./FiguresFold.vue";
import KingPin from "./KingPin.vue";
import ThingForm from "./ThingForm.vue";
import ThingPalette from "./ThingPalette.vue";
import ThingPicture from "./ThingPicture.vue";
import WheelDetails from "./WheelDetails.vue";
import { toThing, type Kind, type Spot } from "./thing";
import { useAround, type Side, type SideText } from "./useAround";

const axle = useAxle();
const session = useSession();
const toast = useToast();
const route = useRoute();
const side = ref<Side>(route.query.side === "RIGHT" ? "RIGHT" : "LEFT");
const a = useAround(side);
const { around, text, sketch, keeper, undo, failure, fault, notes, tally, isBusy, isChanged } = a;

const SIDES = [
  { value: "LEFT" as const, text: "Left" },
  { value: "RIGHT" as const, text: "Right" },
];
const isMine = computed(() => session.mayChange);
const other = computed<Side>(() => (side.value === "LEFT" ? "RIGHT" : "LEFT"));

onMounted(async () => {
  await a.load();
  if (!text.value?.tyre.width) void focus("[data-marking] input");
});

async function focus(where: string) {
  await nextTick();
  document.querySelector<HTMLInputElement>(where)?.focus();
}

/** Where somebody touched the drawing and has not said yet what stands there. */
const spot = ref<Spot | null>(null);
const isAsking = ref(false);
/** The thing taken by tape that is open, as its place among them. */
const open = ref(-1);
const shapes = computed(() => sketch.value?.shapes ?? []);
const picked = computed(() => (open.value < 0 ? -1 : shapes.value.findIndex((s) => s.taped === open.value)));

watch(side, () => {
  spot.value = null;
  isAsking.value = false;
  open.value = -1;
});

function onTouch(where: Spot) {
  if (!isMine.value) return;
  spot.value = where;
  isAsking.value = true;
  open.value = -1;
}

function onKind(kind: Kind) {
  if (!text.value) return;
  text.value.taped.push(toThing(kind, spot.value));
  isAsking.value = false;
  open.value = text.value.taped.length - 1;
}

function onPick(index: number) {
  const taped = shapes.value[index]?.taped ?? -1;
  isAsking.value = false;
  spot.value = null;
  open.value = taped;
}

function onClose() {
  open.value = -1;
  spot.value = null;
}

function onRemove() {
  text.value?.taped.splice(open.value, 1);
  onClose();
}

function onCopied(from: SideText, name: string) {
  a.copy(from, side.value);
  copied(name);
}

function onCopyToOther() {
  if (!text.value) return;
  a.copy(text.value, other.value);
  copied(`the ${side.value.toLowerCase()} side to the ${other.value.toLowerCase()}`);
}

function copied(name: string) {
  toast.add({
    severity: "info",
    summary: `Copied: ${name}`,
    detail: "Castings differ from side to side: go round the wheel itself, then say that you looked.",
    life: 8000,
  });
}

const unplaced = computed(() => sketch.value?.unplaced.find((u) => u.taped === open.value));
/** Number of a thing taken by tape in the drawing; none until it has a place. */
const toNumber = (index: number) => shapes.value.findIndex((s) => s.taped === index) + 1 || "·";
const byFigures = computed(() =>
  shapes.value.map((s, i) => ({ s, n: i + 1 })).filter(({ s }) => s.taped < 0),
);

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

async function onMarkingEnter() {
  await onMarking();
  if (!fault.value) await focus("[data-wheel-rated] input");
}
</script>

<template>
  <div class="page wide">
    <div class="page-head">
      <h1>Around the wheel</h1>
      <PressedRow v-model="side" :options="SIDES" label="Side" />
      <CopyFrom
        v-if="around && isMine"
        :job-id="around.jobId"
        :axle-id="axle.axleId"
        :side="side"
        :left="keeper.base.value?.left ?? around.left"
        :right="keeper.base.value?.right ?? around.right"
        @copied="onCopied"
        @failed="fault = toMessage($event)"
      />
      <button type="button" class="plain-button" :disabled="!isMine" @click="onCopyToOther">
        Copy to the {{ other.toLowerCase() }}
      </button>
      <button
        type="button"
        class="plain-button"
        :disabled="!undo.canUndo.value"
        @click="undo.undo().catch((e) => (fault = toMessage(e)))"
      >
        Undo
      </button>
      <KitTally v-if="tally && !isChanged" :counts="tally" />
      <Button label="Keep" :disabled="!isMine || !isChanged || isBusy" :loading="isBusy" @click="a.save" />
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <DraftNotice
      :is-restored="keeper.isRestored.value"
      :conflicts="keeper.conflicts.value"
      @drop="keeper.drop"
      @settle="keeper.settle"
    />
    <p v-if="fault" class="failure" role="alert">{{ fault }}</p>
    <ul v-if="notes.length" class="notes" role="status">
      <li v-for="n in notes" :key="n">{{ n }}</li>
    </ul>
    <p v-if="!text && !failure" class="soft">Fetching …</p>
    <div v-if="text && around" class="two">
      <aside class="sheet">
        <AroundViews
          :sketch="sketch"
          :side="side"
          :spot="spot"
          :picked="picked"
          @touch="onTouch"
          @pick="onPick"
        />
      </aside>
      <div>
        <ThingPalette
          v-if="isAsking"
          :kinds="around.kinds"
          @pick="onKind"
          @close="((isAsking = false), (spot = null))"
        />
        <ThingForm
          v-if="open >= 0 && text.taped[open]"
          :key="`${side}${open}`"
          v-model="text.taped[open]!"
          :faces="around.faces"
          :unplaced="unplaced"
          :disabled="!isMine"
          @remove="onRemove"
          @close="onClose"
        />
        <fieldset>
          <legend>What stands there</legend>
          <p class="small soft lead">
            At ride height, straight ahead, on stands before going under. Touch the drawing where a thing
            stands.
          </p>
          <ol class="things">
            <li v-for="{ s, n } in byFigures" :key="`f${n}`" class="by-figures">
              <span class="n">{{ n }}</span> {{ s.name }} <span class="soft small">by figures</span>
            </li>
            <li v-for="(t, i) in text.taped" :key="`t${i}`">
              <button type="button" :class="{ now: i === open }" @click="((open = i), (isAsking = false))">
                <span class="n">{{ toNumber(i) }}</span>
                <ThingPicture :kind="t.kind as Kind['kind']" />
                <span>{{ t.name }}</span>
                <span class="soft small">{{ t.in ? `${t.in} in` : "to be read" }}</span>
              </button>
            </li>
          </ol>
          <button
            type="button"
            class="plain-button"
            :disabled="!isMine"
            @click="((isAsking = true), (open = -1), (spot = null))"
          >
            Add a thing
          </button>
          <button
            v-if="a.mayClearBoth.value && isMine"
            type="button"
            class="plain-button both"
            @click="a.clearBoth"
          >
            Went round both wheels: nothing stands there, tyre and wheel the same on both
          </button>
          <label class="tick">
            <input v-model="text.lookedInboard" type="checkbox" :disabled="!isMine" />
            Looked all round the knuckle or axle;
            {{ a.countBeside(text) ? "this is all" : "nothing stands there" }}
          </label>
          <label class="tick">
            <input v-model="text.lookedAround" type="checkbox" :disabled="!isMine" />
            Looked all round on the vehicle;
            {{ a.countOnVehicle(text) ? "this is all" : "nothing is within reach" }}
          </label>
        </fieldset>
        <fieldset>
          <legend>Tyre, travel, hose</legend>
          <div class="thing">
            <FigureField
              v-model="marking"
              label="Tyre's marking"
              hint="165/80 R 13 82 S: fills what is empty, as large as it may be"
              data-marking
              @keydown.enter.prevent="onMarkingEnter"
              @change="onMarking"
            />
            <FigureField v-model="text.tyre.width" label="Tyre width" />
            <FigureField v-model="text.tyre.diameter" label="Tyre diameter" />
            <FigureField v-model="text.tyre.rated" label="Tyre rated" />
            <FigureField v-model="text.tyre.chains" label="Chains stand out" hint="where chains are put on" />
          </div>
          <div class="thing">
            <FigureField v-model="text.travel.bump" label="Travel up" />
            <FigureField v-model="text.travel.droop" label="Travel down" />
            <FigureField v-model="text.travel.roll" label="Lean at ends" unit="°" />
          </div>
          <div class="thing">
            <FigureField v-model="text.hose.x" label="Hose end x" />
            <FigureField v-model="text.hose.forward" label="forward" />
            <FigureField v-model="text.hose.up" label="up" />
            <FigureField v-model="text.hose.thread" label="Its thread" />
          </div>
        </fieldset>
        <KingPin
          v-if="around.steered"
          v-model="text.kingPin"
          :is-by-figures="Object.values(text.steering).some(Boolean)"
          :axle-id="axle.axleId"
          :disabled="!isMine"
        />
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
          <p class="caution small">
            A steering arm in the way is replaced or moved by a qualified shop, inspected and recorded. It is
            never heated or bent.
          </p>
        </fieldset>
        <FiguresFold :model-value="text" :shapes="shapes" :steered="around.steered" :disabled="!isMine" />
      </div>
    </div>
  </div>
</template>

<style scoped src="./around.css"></style>

<style scoped>
.wide {
  max-width: 1900px;
}

.lead {
  margin: 0.2rem 0;
}

.two {
  display: grid;
  grid-template-columns: minmax(20rem, 1fr) minmax(0, 1.15fr);
  gap: 1.2rem;
}

aside {
  align-self: start;
  position: sticky;
  top: 0.5rem;
  padding: 0.6rem 0.8rem;
}

.notes {
  background: var(--caution-wash);
  color: var(--caution-ink);
  padding: 0.5rem 0.9rem 0.5rem 2rem;
  margin: 0 0 0.8rem;
}

.both {
  display: block;
  margin-top: 0.4rem;
  text-align: left;
}

.things {
  list-style: none;
  margin: 0.2rem 0 0.5rem;
  padding: 0;
}

.things button,
.by-figures {
  display: flex;
  align-items: center;
  gap: 0.7rem;
  width: 100%;
  min-height: 44px;
  font: inherit;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  color: var(--ink);
}

.things button {
  cursor: pointer;
}

.things button.now {
  background: var(--accent-wash);
}

.things :deep(svg) {
  width: 2.2rem;
  height: 2rem;
}

.n {
  min-width: 1.7rem;
  height: 1.7rem;
  border: 1px solid var(--ink);
  border-radius: 50%;
  text-align: center;
  line-height: 1.6rem;
  font-weight: 600;
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
