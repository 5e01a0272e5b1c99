<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toLength, toTime } from "../../units/format";
import type { CalloutView } from "./callouts";

/** What was read of one dimension: each reading can be corrected, withdrawn or given a photo; old values stay to be seen. */
const { axleId, callout, mayChange } = defineProps<{
  axleId: number;
  callout: CalloutView;
  mayChange: boolean;
}>();
const emit = defineEmits<{
  withdraw: [readingId: number];
  correct: [reading: Schemas["ReadingView"]];
  photo: [readingId: number, file: File];
}>();
const session = useSession();
const spread = computed(() =>
  callout.spread === undefined || callout.value === undefined
    ? ""
    : `mean ${toLength(callout.value, session.units)}, spread ${toLength(callout.spread, session.units)}`,
);

function onPhoto(readingId: number, event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (file) emit("photo", readingId, file);
  input.value = "";
}
</script>

<template>
  <div v-if="callout.readings.length || callout.history.length" class="taken-row">
    <ul v-if="callout.readings.length" class="taken" aria-label="Readings taken">
      <li v-for="r in callout.readings" :key="r.id" :class="{ outlier: r.outlier }">
        <span class="figures" :title="`${r.by}, ${toTime(r.at)}`"
          ><span v-if="r.placeText">{{ r.placeText }}: </span><strong>{{ r.text }}</strong
          ><span v-if="r.copied" class="soft small"> taken over</span></span
        >
        <a
          v-for="p in r.photos"
          :key="p"
          class="icon"
          :href="`/api/axles/${axleId}/photos/${p}`"
          target="_blank"
          rel="noopener"
          :aria-label="`Photo of ${r.text}`"
          ><i class="pi pi-image" aria-hidden="true"
        /></a>
        <template v-if="mayChange">
          <label class="icon" :title="`Photo for ${r.text}`">
            <i class="pi pi-camera" aria-hidden="true" /><span class="visually-hidden"
              >Photo for {{ r.text }}</span
            >
            <input
              type="file"
              accept="image/jpeg,image/png"
              capture="environment"
              class="visually-hidden"
              @change="onPhoto(r.id, $event)"
            />
          </label>
          <button type="button" :aria-label="`Correct ${r.placeText} ${r.text}`" @click="emit('correct', r)">
            <i class="pi pi-pencil" aria-hidden="true" />
          </button>
          <button
            type="button"
            :aria-label="`Withdraw ${r.placeText} ${r.text}`"
            @click="emit('withdraw', r.id)"
          >
            <i class="pi pi-times" aria-hidden="true" />
          </button>
        </template>
      </li>
    </ul>
    <span v-if="spread" class="soft small figures">{{ spread }}</span>
    <details v-if="callout.history.length" class="small">
      <summary>{{ callout.history.length }} old</summary>
      <ul class="old">
        <li v-for="(o, i) in callout.history" :key="i">
          <s>{{ o.placeText ? `${o.placeText}: ` : "" }}{{ o.text }}</s>
          {{ o.withdrawn ? "withdrawn" : `corrected to ${o.now}` }}, read by {{ o.by }}, {{ toTime(o.at) }}
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.taken-row {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.9rem;
  align-items: center;
}

.taken {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  margin: 0;
  padding: 0;
}

.taken li {
  display: flex;
  align-items: center;
  border: 1px solid var(--line);
  padding-left: 0.6rem;
}

.taken li.outlier {
  border: 2px solid var(--bad);
}

button,
.icon {
  font: inherit;
  width: 44px;
  height: 44px;
  border: 0;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
  display: grid;
  place-items: center;
  text-decoration: none;
}

.icon:focus-within {
  outline: 3px solid var(--accent);
}

summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
}

.old {
  margin: 0;
  padding-left: 1.1rem;
}
</style>
