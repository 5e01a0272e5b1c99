<script setup lang="ts">
import Dialog from "primevue/dialog";
import { computed, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";
import { toSideWord } from "../../verdict/words";

/** Takes readings over from another end of the job, once both are proven equal as far as both were read. */
const { jobId, axleId, side, hasEnd, twin } = defineProps<{
  jobId: number;
  axleId: number;
  side: Schemas["SideView"]["side"];
  /** Whether the end was taken over before: then it is the wheel's turn. */
  hasEnd: boolean;
  /** An end that end and wheel are proven the same as: then both come over at once. */
  twin: Schemas["TwinView"] | null;
}>();
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ taken: [count: number] }>();

type Axle = Schemas["AxleCard"];
const axles = ref<Axle[]>([]);
const from = ref("");
const group = ref<"end" | "wheel" | "both">("end");
/** What he who takes a whole axle over says of the wheels here. */
const looked = ref({ left: false, right: false });
const answer = ref("");

/** Whole axles first: the ends alike on both sides. */
const wholes = computed(() =>
  axles.value
    .filter((a) => a.id !== axleId && a.sides.every((s) => s.read))
    .map((a) => ({ key: `${a.id}:BOTH`, label: `${a.name}, the whole axle` })),
);
const ends = computed(() =>
  axles.value.flatMap((a) =>
    a.sides
      .filter((s) => s.read && !(a.id === axleId && s.side === side))
      .map((s) => ({
        key: `${a.id}:${s.side}`,
        label: `${a.name}, ${toSideWord(s.side)} (${s.read} readings)`,
      })),
  ),
);

watch(isOpen, async (open) => {
  if (!open) return;
  answer.value = "";
  looked.value = { left: false, right: false };
  group.value = twin ? "both" : hasEnd ? "wheel" : "end";
  try {
    axles.value = (
      await toData(client.GET("/api/jobs/{id}/vehicle", { params: { path: { id: jobId } } }))
    ).axles;
    const usual = [...wholes.value, ...ends.value][0]?.key ?? "";
    from.value = twin && (twin.axle === axleId || !wholes.value.length) ? `${twin.axle}:${twin.from}` : usual;
  } catch (e) {
    answer.value = toMessage(e);
  }
});

const isWhole = computed(() => from.value.endsWith(":BOTH"));

const takeWhole = (fromAxle: number) =>
  toData(
    client.POST("/api/axles/{axleId}/whole-copies", {
      params: { path: { axleId } },
      body: { fromAxle, lookedLeft: looked.value.left, lookedRight: looked.value.right },
    }),
  );

const takeGroup = (fromAxle: number, fromSide: Schemas["CopyRequest"]["fromSide"], wheel: boolean) =>
  toData(
    client.POST("/api/axles/{axleId}/copies", {
      params: { path: { axleId } },
      body: { fromAxle, fromSide, toSide: side, wheel },
    }),
  );

/** What comes over, one after the other; the first refusal ends it. */
async function take() {
  const [axle, of] = from.value.split(":");
  if (isWhole.value) return takeWhole(Number(axle));
  const wheels = group.value === "both" ? [false, true] : [group.value === "wheel"];
  let taken = 0;
  for (const wheel of wheels) {
    const result = await takeGroup(Number(axle), of as Schemas["CopyRequest"]["fromSide"], wheel);
    if (result.refused) return { refused: result.refused, taken };
    taken += result.taken;
  }
  return { refused: undefined, taken };
}

async function onTake() {
  try {
    const result = await take();
    if (result.refused) answer.value = result.refused;
    else isOpen.value = false;
    if (result.taken || !result.refused) emit("taken", result.taken);
  } catch (e) {
    answer.value = toMessage(e);
  }
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="isWhole ? 'Take a whole axle over' : `Take readings over to the ${toSideWord(side)} side`"
    class="over"
  >
    <p>
      Left and right differ more often than one thinks. Readings are taken over only after both ends were
      proven equal where both were read.
    </p>
    <p v-if="!ends.length" class="soft">No other end of this job has readings yet.</p>
    <template v-else>
      <label
        >From
        <select v-model="from">
          <option v-for="e in [...wholes, ...ends]" :key="e.key" :value="e.key">{{ e.label }}</option>
        </select>
      </label>
      <template v-if="isWhole">
        <p class="small">
          Ends and wheels of both sides, and what stands around them. Tick a wheel only after going round it
          here: the same things stand there, and no others.
        </p>
        <label class="tick"
          ><input v-model="looked.left" type="checkbox" /> Looked round the left wheel</label
        >
        <label class="tick"
          ><input v-model="looked.right" type="checkbox" /> Looked round the right wheel</label
        >
      </template>
      <label v-else
        >What
        <select v-model="group">
          <option value="end">the axle end</option>
          <option value="wheel">the wheel</option>
          <option value="both">both</option>
        </select>
      </label>
    </template>
    <p v-if="answer" class="failure" role="alert">{{ answer }}</p>
    <template #footer>
      <button type="button" class="plain-button" @click="isOpen = false">Close</button>
      <button type="button" class="plain-button strong" :disabled="!from" @click="onTake">Take over</button>
    </template>
  </Dialog>
</template>

<style scoped>
label {
  display: flex;
  flex-direction: column;
  font-size: 0.95rem;
  color: var(--ink-soft);
  margin-top: 0.6rem;
}

.tick {
  flex-direction: row;
  align-items: center;
  gap: 0.5rem;
  min-height: 44px;
  color: var(--ink);
}

.tick input {
  width: 1.3rem;
  height: 1.3rem;
  accent-color: var(--accent);
}

select,
.plain-button {
  font: inherit;
  min-height: 46px;
  padding: 0 0.8rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.plain-button {
  cursor: pointer;
}

.strong {
  background: var(--accent);
  border-color: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}
</style>
<style>
.over {
  max-width: 34rem;
}
</style>
