<script setup lang="ts">
import { computed, inject, ref } from "vue";
import { FAULTS } from "./faults";
import SheetField from "./SheetField.vue";
import {
  toEmpty,
  toFigure,
  toKind,
  toPoints,
  toResolved,
  toTitle,
  toTyped,
  type Json,
  type JsonObject,
  type Schema,
} from "./schema";

/** One place of a document and all below it, asked for as its schema has it. */
const { schema, root, name, path, required } = defineProps<{
  schema: Schema;
  root: Schema;
  /** Its name in the document. */
  name: string;
  /** Where it stands, parted by points. */
  path: string;
  required?: boolean;
  /** Whether it may not be changed. */
  fixed?: boolean;
}>();
const value = defineModel<Json | undefined>({ required: true });
const faults = inject(FAULTS, ref(new Map<string, string>()));

const s = computed(() => toResolved(schema, root));
const kind = computed(() => toKind(schema, root));
const title = computed(() => toTitle(name));
const fault = computed(() => faults.value.get(path));
const label = computed(() => title.value.words + (title.value.unit ? ` (${title.value.unit})` : ""));
const id = computed(() => `place-${path.replace(/\./g, "-")}`);

const asObject = computed(() =>
  value.value !== null && typeof value.value === "object" && !Array.isArray(value.value)
    ? (value.value as JsonObject)
    : {},
);
const asList = computed(() => (Array.isArray(value.value) ? value.value : []));
const isThere = computed(() => value.value !== undefined && value.value !== "");
const isFigureWithTolerance = computed(() => "value" in asObject.value);
const bare = computed(() => {
  const shown = isFigureWithTolerance.value ? asObject.value.value : value.value;
  return typeof shown === "object" || shown === undefined ? "" : String(shown);
});
const tolerance = computed(() => (isFigureWithTolerance.value ? String(asObject.value.tolerance ?? "") : ""));
const properties = computed(() => Object.entries(s.value.properties ?? {}));

const badPoints = ref("");
const pointsText = computed(() => asList.value.map((p) => (p as number[]).join(" ")).join("\n"));

const tidyPoints = (text: string) =>
  toPoints(text)
    ?.map((p) => p.join(" "))
    .join("\n") ?? text;

function onPoints(text: string) {
  const points = toPoints(text);
  badPoints.value = points
    ? ""
    : "Write one corner a line, two numbers with a blank between, such as -48 94.";
  if (points) value.value = points.length ? points : undefined;
}

function setIn(key: string, part: Json | undefined) {
  // at its own place, so that a change taken back leaves the document as it was
  const others = key in asObject.value ? asObject.value : { ...asObject.value, [key]: "" };
  value.value = Object.fromEntries(
    Object.entries(others)
      .map(([k, v]) => [k, k === key ? part : v] as const)
      .filter((e): e is [string, Json] => e[1] !== undefined),
  );
}

function setAt(index: number, part: Json | undefined) {
  const next = [...asList.value];
  next[index] = part ?? "";
  value.value = next;
}

function onChoice(option: string, isOn: boolean) {
  const rest = asList.value.filter((v) => v !== option);
  value.value = isOn ? [...rest, option] : rest;
}

const read = (event: Event) => (event.target as HTMLInputElement).value;
const toWords = (text: string) => text.replace(/_/g, " ");
</script>

<template>
  <fieldset
    v-if="kind === 'group'"
    :id="`group-${path}`"
    class="group"
    :class="{ top: path.indexOf('.') < 0 }"
  >
    <legend v-if="name">{{ label }}</legend>
    <template v-if="isThere || required">
      <div class="places">
        <SheetNode
          v-for="[key, part] in properties"
          :key="key"
          :schema="part"
          :root="root"
          :name="key"
          :path="path ? `${path}.${key}` : key"
          :required="s.required?.includes(key)"
          :fixed="fixed && key === 'code'"
          :model-value="asObject[key]"
          @update:model-value="setIn(key, $event)"
        />
      </div>
      <button v-if="!required" type="button" class="plain-button" @click="value = undefined">
        Take {{ title.words }} out
      </button>
    </template>
    <button v-else type="button" class="plain-button" @click="value = toEmpty(s, root)">
      Add {{ title.words }}
    </button>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </fieldset>

  <fieldset v-else-if="kind === 'list'" :id="`group-${path}`" class="group">
    <legend>{{ label }}</legend>
    <div v-for="(item, i) in asList" :key="i" class="entry">
      <SheetNode
        :schema="s.items ?? {}"
        :root="root"
        :name="toKind(s.items ?? {}, root) === 'group' ? '' : `${title.words} ${i + 1}`"
        :path="`${path}.${i}`"
        required
        :model-value="item"
        @update:model-value="setAt(i, $event)"
      />
      <button
        type="button"
        class="plain-button"
        :aria-label="`Take ${title.words} ${i + 1} out`"
        @click="value = asList.filter((_, at) => at !== i)"
      >
        Take out
      </button>
    </div>
    <button type="button" class="plain-button" @click="value = [...asList, toEmpty(s.items ?? {}, root)]">
      Add to {{ title.words }}
    </button>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </fieldset>

  <fieldset v-else-if="kind === 'choices'" class="group">
    <legend>{{ label }}</legend>
    <div class="marks">
      <label v-for="option in toResolved(s.items ?? {}, root).enum" :key="option" class="mark">
        <input
          type="checkbox"
          :checked="asList.includes(option)"
          @change="onChoice(option, ($event.target as HTMLInputElement).checked)"
        />
        {{ toWords(option) }}
      </label>
    </div>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </fieldset>

  <fieldset v-else-if="kind === 'counts'" :id="`group-${path}`" class="group">
    <legend>{{ label }}</legend>
    <div class="places">
      <label v-for="option in toResolved(s.propertyNames ?? {}, root).enum" :key="option" class="place">
        <span>{{ toWords(option) }}</span>
        <SheetField
          inputmode="numeric"
          class="short figures"
          :shown="String(asObject[option] ?? '')"
          @typed="setIn(option, $event.trim() === '' ? undefined : toTyped($event))"
        />
      </label>
    </div>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </fieldset>

  <div v-else class="place" :class="{ bad: fault }">
    <label v-if="kind === 'yes'" class="mark">
      <input
        type="checkbox"
        :checked="value === true"
        @change="value = ($event.target as HTMLInputElement).checked"
      />
      {{ label }}
    </label>
    <template v-else>
      <label :for="id" :title="s.description"
        >{{ label }}<span v-if="required" aria-hidden="true"> *</span></label
      >
      <select
        v-if="kind === 'choice'"
        :id="id"
        :value="value ?? ''"
        @change="value = read($event) || undefined"
      >
        <option value="">{{ required ? "choose" : "not said" }}</option>
        <option v-for="option in s.enum" :key="option" :value="option">{{ toWords(option) }}</option>
      </select>
      <span v-else-if="kind === 'figure'" class="both">
        <SheetField
          :id="id"
          class="short figures"
          :shown="bare"
          @typed="value = toFigure($event, tolerance)"
        />
        <span aria-hidden="true">±</span>
        <SheetField
          class="shorter figures"
          :shown="tolerance"
          :aria-label="`Tolerance of ${label}`"
          placeholder="usual"
          @typed="value = toFigure(bare, $event)"
        />
      </span>
      <span v-else-if="kind === 'pair'" class="both">
        <SheetField
          :id="id"
          class="shorter figures"
          :shown="String(asList[0] ?? '')"
          @typed="value = [toTyped($event), asList[1] ?? '']"
        />
        <span>to</span>
        <SheetField
          class="shorter figures"
          :shown="String(asList[1] ?? '')"
          :aria-label="`${label}, to`"
          @typed="value = [asList[0] ?? '', toTyped($event)]"
        />
      </span>
      <SheetField
        v-else-if="kind === 'points'"
        :id="id"
        class="figures corners"
        :lines="5"
        :shown="pointsText"
        :tidy="tidyPoints"
        :placeholder="s.description"
        @typed="onPoints"
      />
      <SheetField
        v-else-if="kind === 'measure' || kind === 'number'"
        :id="id"
        class="short figures"
        :shown="String(value ?? '')"
        @typed="value = toTyped($event)"
      />
      <SheetField
        v-else
        :id="id"
        :shown="String(value ?? '')"
        :tidy="(text) => text.trim()"
        :maxlength="s.maxLength"
        :disabled="fixed"
        :class="{ wide: (s.maxLength ?? 0) > 60 }"
        @typed="value = $event.trim() || undefined"
      />
    </template>
    <p v-if="badPoints || fault" class="fault" role="alert">{{ badPoints || fault }}</p>
  </div>
</template>

<style scoped>
.group {
  border: 0;
  border-left: 2px solid var(--line);
  margin: 0.3rem 0 0.7rem;
  padding: 0 0 0 0.8rem;
  grid-column: 1 / -1;
  min-width: 0;
}

.group.top {
  border-left: 0;
  padding-left: 0;
}

legend {
  font-weight: 600;
  padding: 0;
}

legend::first-letter {
  text-transform: uppercase;
}

.places {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: 0.35rem 1.2rem;
  align-items: center;
}

.place {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.6rem;
  align-items: center;
  justify-content: space-between;
}

.place:has(.wide),
.place:has(.corners) {
  grid-column: 1 / -1;
  justify-content: flex-start;
}

.entry {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  padding: 0.2rem 0;
  border-bottom: 1px solid var(--line);
}

.entry > :first-child {
  flex: 1;
}

.both,
.marks,
.mark {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
}

.marks {
  gap: 0.2rem 1.4rem;
}

.mark {
  min-height: 44px;
}

.mark input {
  width: 24px;
  height: 24px;
}

select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.short {
  width: 7rem;
}

.shorter {
  width: 4.6rem;
}

.wide {
  flex: 1;
  min-width: 14rem;
}

.corners {
  width: min(22rem, 100%);
}

.fault {
  flex-basis: 100%;
  margin: 0;
  color: var(--bad);
}
</style>
