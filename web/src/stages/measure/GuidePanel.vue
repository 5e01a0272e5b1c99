<script setup lang="ts">
import { computed, ref } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toDoubt, toLength } from "../../units/format";
import KitTally from "../../verdict/KitTally.vue";
import { toSideWord } from "../../verdict/words";
import type { SideView } from "./callouts";

/** Beside the drawing: what to take next and why, what the parts are, what was worked out, where left and right differ. */
const { advice, isAsking, side, track, differences } = defineProps<{
  advice: Schemas["AdviceView"] | null;
  /** Whether newer advice is on its way. */
  isAsking: boolean;
  side: SideView;
  track: Schemas["DerivedView"] | undefined;
  differences: Schemas["DifferenceView"][];
}>();
const emit = defineEmits<{
  pick: [suggestion: Schemas["SuggestionView"]];
  takeOver: [twin: Schemas["TwinView"]];
}>();
const session = useSession();

type Tab = "next" | "identity" | "derived";
const TABS: { id: Tab; label: string }[] = [
  { id: "next", label: "Take next" },
  { id: "identity", label: "What is it" },
  { id: "derived", label: "Worked out" },
];
const tab = ref<Tab>("next");

const first = computed(() => advice?.ranked[0] ?? null);
const others = computed(() => (advice?.ranked ?? []).slice(1, 6));
const worked = computed(() => [...side.derived, ...(track ? [track] : [])]);

const fallen = computed(() => advice?.doesNotFit ?? 0);
const kits = computed(() =>
  advice ? advice.fits + advice.fitsWithWork + advice.notProven + advice.doesNotFit : 0,
);
/** What comes off for the next reading of this side, where something does. */
const BEFORE = {
  ON: "",
  WHEEL: ", before the wheel is off",
  DRUM: ", before the drum is off",
  APART: ", before hub or shaft is out",
};
const before = computed(() => {
  const next = advice?.ranked.find((s) => s.side === side.side && s.forVerdict);
  return next?.howTo ? BEFORE[next.needs] : "";
});

/** An end read whole that this one is proven to be the same as. */
const twin = computed(() => advice?.twins.find((t) => t.side === side.side && t.proven));

const toPercent = (p: number) => (p > 0.995 ? "over 99 %" : `${Math.round(p * 100)} %`);
const toMinutes = (m: number) => (m < 1 ? "under a minute" : `${Math.round(m)} min`);
</script>

<template>
  <aside class="sheet guide" aria-label="Guide" :aria-busy="isAsking">
    <KitTally v-if="advice" class="kits" :counts="advice" />
    <p v-if="advice && fallen" class="small soft fallen">
      {{ fallen }} of {{ kits }} kits are ruled out already{{ before }}.
    </p>
    <div class="tabs" role="group" aria-label="What to show">
      <button v-for="t in TABS" :key="t.id" type="button" :aria-pressed="tab === t.id" @click="tab = t.id">
        {{ t.label }}
      </button>
    </div>

    <div v-if="tab === 'next'" class="body">
      <p v-if="!advice" class="soft">Working out what to take next …</p>
      <template v-else>
        <p v-if="advice.finished" class="finished">{{ advice.finished }}</p>
        <button
          v-if="twin && session.mayChange"
          type="button"
          class="first twin"
          @click="emit('takeOver', twin)"
        >
          <strong>Take the rest over</strong>
          <span class="small">Proven the same as the {{ twin.name }}, as far as both were read.</span>
        </button>
        <button v-if="first" type="button" class="first" @click="emit('pick', first)">
          <span v-if="first.howTo" class="caution small">{{ first.howTo }}</span>
          <strong>{{ first.title }}, {{ toSideWord(first.side) }}</strong>
          <span v-if="first.again" class="small"
            >once more{{ first.place === undefined ? "" : ` at ${first.place} mm` }}</span
          >
          <span class="small">{{ first.why }}</span>
          <span class="soft small">{{ toMinutes(first.minutes) }}</span>
        </button>
        <ol v-if="others.length" class="others" start="2">
          <li v-for="s in others" :key="`${s.side}${s.callout}${s.place}`">
            <button type="button" :title="s.why" @click="emit('pick', s)">
              {{ s.title }}, {{ toSideWord(s.side) }}
              <span v-if="!s.forVerdict" class="soft small">identity only</span>
            </button>
          </li>
        </ol>
        <template v-if="differences.length">
          <h3>Left and right differ</h3>
          <ul class="plain-list">
            <li v-for="d in differences" :key="d.callout">
              {{ d.title }}
              <span v-if="d.difference !== undefined" class="figures soft"
                >{{ toLength(d.difference, session.units) }} {{ toDoubt(d.doubt ?? 0, session.units) }}</span
              >
            </li>
          </ul>
        </template>
      </template>
    </div>

    <div v-else-if="tab === 'identity'" class="body">
      <p v-if="!side.identities.length" class="soft">Nothing read yet that tells what the parts are.</p>
      <section v-for="i in side.identities" :key="i.subject">
        <h3>{{ i.title }}</h3>
        <p v-if="i.againstPapers" class="caution">{{ i.againstPapers }}</p>
        <p v-if="i.contradiction" class="caution">{{ i.contradiction }}</p>
        <details v-for="c in i.candidates" :key="c.name">
          <summary>
            <span>{{ c.name }}</span> <span class="figures">{{ toPercent(c.probability) }}</span>
          </summary>
          <p class="small soft">{{ c.evidence.join("; ") || "nothing speaks for another" }}</p>
          <p v-if="c.source" class="small soft">{{ c.source }}</p>
        </details>
      </section>
    </div>

    <div v-else class="body">
      <p v-if="!worked.length" class="soft">Nothing can be worked out from the readings yet.</p>
      <details v-for="d in worked" :key="d.title">
        <summary>
          <span>{{ d.title }}</span>
          <span class="figures"
            >{{ toLength(d.value, session.units) }} {{ toDoubt(d.doubt, session.units) }}</span
          >
        </summary>
        <p class="formula">{{ d.formula }}</p>
        <ul class="plain-list small">
          <li v-for="i in d.inputs" :key="i.symbol">
            {{ i.symbol }} =
            <span class="figures">{{ i.symbol === "n" ? i.value : toLength(i.value, session.units) }}</span>
          </li>
        </ul>
        <p class="small soft">{{ d.source }}</p>
      </details>
    </div>
  </aside>
</template>

<style scoped>
.fallen {
  margin: 0;
  padding: 0.35rem 0.9rem;
}

.guide {
  display: flex;
  flex-direction: column;
  min-width: 0;
}

.kits {
  padding: 0.4rem 0.8rem;
  border-bottom: 1px solid var(--line-soft);
}

.tabs {
  display: flex;
  border-bottom: 1px solid var(--line);
}

.tabs button {
  flex: 1;
  font: inherit;
  font-size: 0.95rem;
  min-height: 44px;
  padding: 0 0.3rem;
  border: 0;
  background: none;
  color: var(--ink-soft);
  cursor: pointer;
}

.tabs button[aria-pressed="true"] {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -3px 0 var(--accent);
}

.body {
  padding: 0.6rem 0.8rem;
  overflow-y: auto;
}

p {
  margin: 0.2rem 0;
}

h3 {
  font-size: 0.98rem;
  margin: 0.7rem 0 0.1rem;
}

.first {
  font: inherit;
  text-align: left;
  width: 100%;
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
  padding: 0.6rem 0.7rem;
  border: 1px solid var(--accent);
  background: var(--accent-wash);
  color: var(--ink);
  cursor: pointer;
}

.first .caution {
  padding: 0.25rem 0.5rem;
}

.finished {
  font-weight: 600;
  border-left: 4px solid var(--good);
  padding-left: 0.7rem;
}

.others {
  margin: 0.5rem 0 0;
  padding-left: 1.6rem;
}

.others button {
  font: inherit;
  text-align: left;
  min-height: 44px;
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: var(--ink);
  cursor: pointer;
}

.plain-list {
  list-style: none;
  margin: 0;
  padding: 0;
}

.plain-list li {
  padding: 0.15rem 0;
}

summary {
  display: flex;
  justify-content: space-between;
  gap: 0.6rem;
  min-height: 44px;
  align-items: center;
  cursor: pointer;
  border-bottom: 1px solid var(--line-soft);
}

.formula {
  font-style: italic;
}
</style>
