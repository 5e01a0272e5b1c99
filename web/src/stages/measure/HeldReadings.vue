<script setup lang="ts">
import { computed } from "vue";
import { toTime } from "../../units/format";
import { toSideWord } from "../../verdict/words";
import { useOutbox, type Entry } from "./outbox";

/** Readings the server would not take as they are, each with its reason and what can be done; and how many still wait. */
const { axleId } = defineProps<{ axleId: number }>();
const outbox = useOutbox();
const held = computed(() => outbox.held.filter((e) => e.axleId === axleId));

function onKeep(entry: Entry) {
  outbox.again(entry.clientId, { confirmed: true });
}

function onReplace(entry: Entry) {
  outbox.again(entry.clientId, { confirmed: true, corrects: entry.refusal?.theirs?.id });
}
</script>

<template>
  <section v-if="held.length" class="sheet held" role="alert" aria-label="Readings that wait for you">
    <article v-for="e in held" :key="e.clientId">
      <p>
        <strong
          >{{ e.title }}, {{ toSideWord(e.side) }}: {{ e.place ? `${e.place}: ` : "" }}{{ e.text }}</strong
        >
        <span class="soft small"> typed {{ toTime(e.at) }}</span>
      </p>
      <p class="failure">{{ e.refusal?.message }}</p>
      <div v-if="e.refusal?.theirs" class="two">
        <span
          >{{ e.refusal.theirs.by }}: <strong class="figures">{{ e.refusal.theirs.text }}</strong>
          <span class="soft small">{{ toTime(e.refusal.theirs.at) }}</span></span
        >
        <span
          >yours: <strong class="figures">{{ e.text }}</strong></span
        >
      </div>
      <div class="ways">
        <button
          v-if="e.refusal?.mend"
          type="button"
          @click="outbox.again(e.clientId, { text: e.refusal.mend })"
        >
          Take it as {{ e.refusal.mend }}
        </button>
        <button v-if="e.refusal?.theirs" type="button" @click="onKeep(e)">Keep both</button>
        <button v-if="e.refusal?.theirs" type="button" @click="onReplace(e)">Mine corrects theirs</button>
        <button v-if="e.refusal?.confirmable" type="button" @click="onKeep(e)">Keep it</button>
        <button type="button" @click="outbox.drop(e.clientId)">Drop mine</button>
      </div>
    </article>
  </section>
</template>

<style scoped>
.held {
  border-left: 5px solid var(--bad);
  padding: 0.5rem 0.9rem;
  margin-bottom: 0.4rem;
}

article + article {
  border-top: 1px solid var(--line);
}

p {
  margin: 0.15rem 0;
}

.two,
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.2rem;
}

button {
  font: inherit;
  min-height: 44px;
  padding: 0 0.9rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}
</style>
