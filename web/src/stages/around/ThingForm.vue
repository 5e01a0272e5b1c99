<script setup lang="ts">
import { computed, nextTick, onMounted, ref, useTemplateRef } from "vue";
import type { Schemas } from "../../api/client";
import FigureField from "../../fields/FigureField.vue";
import TapePicture from "./TapePicture.vue";
import ThingPicture from "./ThingPicture.vue";
import { BESIDE, ON_VEHICLE, type ReadingKey, type Taped } from "./thing";

/** One thing and the readings a tape takes of it; Enter goes to the next. */
const { faces, unplaced, disabled } = defineProps<{
  faces: Schemas["FaceChoice"][];
  unplaced: Schemas["UnplacedView"] | undefined;
  disabled: boolean;
}>();
const thing = defineModel<Taped>({ required: true });
const emit = defineEmits<{ remove: []; close: [] }>();

const told = computed(() => (thing.value.beside ? BESIDE : ON_VEHICLE));
const reading = ref<ReadingKey>("in");
const how = computed(() => told.value.find((t) => t.key === reading.value)?.how ?? "");
const fields = useTemplateRef<HTMLElement>("fields");

/** The first that nobody read yet. */
onMounted(async () => {
  await nextTick();
  const first = told.value.findIndex((t) => !thing.value[t.key]);
  const inputs = fields.value?.querySelectorAll<HTMLInputElement>(".readings input") ?? [];
  inputs[Math.max(0, first)]?.focus();
});

function onEnter(event: KeyboardEvent) {
  const inputs = [...(fields.value?.querySelectorAll<HTMLInputElement>(".readings input") ?? [])];
  const at = inputs.indexOf(event.target as HTMLInputElement);
  if (inputs[at + 1]) inputs[at + 1]?.focus();
  else emit("close");
}
</script>

<template>
  <section ref="fields" class="sheet form" :aria-label="`Readings of the ${thing.name}`">
    <div class="head">
      <ThingPicture :kind="thing.kind as Schemas['KindChoice']['kind']" />
      <FigureField v-model="thing.name" label="What" wide />
      <label class="tick">
        <input v-model="thing.beside" type="checkbox" :disabled="disabled" />
        on the knuckle or axle
      </label>
    </div>
    <label v-if="!thing.beside" class="from">
      Measured in from
      <select v-model="thing.from" :disabled="disabled">
        <option v-for="f in faces" :key="f.face" :value="f.face">{{ f.word }}</option>
      </select>
    </label>
    <div class="body">
      <div class="readings" @keydown.enter.prevent="onEnter">
        <div v-for="t in told" :key="t.key" :class="{ now: t.key === reading }" @focusin="reading = t.key">
          <FigureField v-model="thing[t.key]" :label="t.label" wide />
        </div>
        <FigureField
          v-if="thing.beside"
          v-model="thing.mayBeGround"
          label="May be ground"
          hint="only a rib, never what carries load"
          wide
        />
      </div>
      <div class="how">
        <TapePicture
          :reading="reading"
          :beside="thing.beside"
          :from="thing.from as Schemas['FaceChoice']['face']"
        />
        <p class="small">{{ how }}</p>
      </div>
    </div>
    <div class="head ends">
      <button type="button" class="plain-button" @click="emit('close')">Done</button>
      <button type="button" class="plain-button" :disabled="disabled" @click="emit('remove')">
        Take out
      </button>
    </div>
    <p v-if="unplaced" class="small wait" role="status">
      Kept as read. It has its place once {{ unplaced.from }} has: read
      {{ unplaced.wanted.join(", ").toLowerCase() || "the tyre’s width" }}.
    </p>
  </section>
</template>

<style scoped src="./around.css"></style>

<style scoped>
.form {
  padding: 0.6rem 0.9rem 0.9rem;
  margin-bottom: 0.9rem;
  border-color: var(--accent);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: end;
}

.ends {
  margin-top: 0.7rem;
}

.from {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  margin-top: 0.5rem;
}

.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(12rem, 18rem);
  gap: 0.9rem;
  margin-top: 0.5rem;
}

.readings {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9.4rem, 1fr));
  gap: 0.5rem;
  align-content: start;
}

.readings :deep(.wide) {
  width: 100%;
}

.now {
  box-shadow: -4px 0 0 var(--accent);
}

.how p {
  margin: 0.2rem 0 0;
}

.wait {
  margin: 0.6rem 0 0;
  color: var(--work);
}

select {
  font: inherit;
  min-height: 44px;
  background: var(--sheet);
  color: var(--ink);
}

@media (max-width: 700px) {
  .body {
    grid-template-columns: 1fr;
  }
}
</style>
