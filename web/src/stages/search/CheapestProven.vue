<script setup lang="ts">
import Button from "primevue/button";
import { useToast } from "primevue/usetoast";
import { computed, onMounted, ref } from "vue";
import { useRouter } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toPrice } from "../../units/format";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toVerdictWord } from "../../verdict/words";
import { toChart } from "./front";
import { useBrakeParts } from "./useBrakeParts";
import { useSearch } from "./useSearch";

const axle = useAxle();
const { done, isRunning, result, failure, start, stop } = useSearch(axle.axleId);
const parts = useBrakeParts(axle.axleId, toKey);
const terms = ref<Schemas["TermsView"] | null>(null);
const perDay = ref(5);
const perHour = ref(60);
const perIrreversible = ref(50);
const otherWheels = ref(false);
const forbidden = ref<Schemas["WorkChoice"]["kind"][]>([]);
const fault = ref("");
const version = ref(0);
const session = useSession();
const toast = useToast();
const router = useRouter();

const WIDTH = 420;
const HEIGHT = 220;

onMounted(async () => {
  try {
    const view = await toData(
      client.GET("/api/axles/{axleId}/search/terms", { params: { path: { axleId: axle.axleId } } }),
    );
    terms.value = view;
    perDay.value = view.centsPerDay / 100;
    perHour.value = view.centsPerHour / 100;
    perIrreversible.value = view.centsPerIrreversible / 100;
    otherWheels.value = !view.wheelStays;
    version.value = view.version;
    await onStart();
  } catch (e) {
    fault.value = toMessage(e);
  }
});

const counts = computed<Schemas["SearchTerms"]>(() => ({
  centsPerDay: Math.round(perDay.value * 100),
  centsPerHour: Math.round(perHour.value * 100),
  centsPerIrreversible: Math.round(perIrreversible.value * 100),
  otherWheels: otherWheels.value,
  forbidden: [...forbidden.value].sort(),
}));
const searchedFor = ref("");
const isOld = computed(() => Boolean(result.value) && JSON.stringify(counts.value) !== searchedFor.value);

function onStart() {
  searchedFor.value = JSON.stringify(counts.value);
  return start(counts.value);
}

function toKey(c: Schemas["CombinationView"]) {
  return [c.kit, ...c.options, c.wheel ?? "", ...c.works].join("|");
}

const chart = computed(() =>
  toChart(
    (result.value?.front ?? []).map((c) => ({ key: toKey(c), cents: c.cents, days: c.leadDays })),
    WIDTH,
    HEIGHT,
  ),
);

/** Chooses what was found exactly; its brake parts go into the plan of the vehicle then. */
async function onChoose(c: Schemas["CombinationView"], withParts?: Schemas["ProposalView"]) {
  fault.value = "";
  try {
    const now = await toData(
      client.PUT("/api/axles/{axleId}/choice", {
        params: { path: { axleId: axle.axleId } },
        body: { version: version.value, kit: c.kit, with: c.choice },
      }),
    );
    version.value = now.version;
    toast.add({ severity: "success", summary: `Chosen: ${now.described}`, life: 4000 });
    if (withParts) await plan(withParts);
    await router.push(`/axles/${axle.axleId}/order`);
  } catch (e) {
    fault.value = toMessage(e);
  }
}

async function plan(proposal: Schemas["ProposalView"]) {
  if (!terms.value) return;
  const path = { jobId: terms.value.jobId };
  const { circuit } = await toData(client.GET("/api/jobs/{jobId}/brakes", { params: { path } }));
  const planned = { ...circuit.planned, parts: proposal.parts, figures: proposal.settings };
  await toData(client.PUT("/api/jobs/{jobId}/brakes", { params: { path }, body: { ...circuit, planned } }));
  toast.add({ severity: "success", summary: `Planned: ${proposal.names.join(", ")}`, life: 4000 });
}

function toNumber(c: Schemas["CombinationView"]) {
  return (result.value?.front ?? []).findIndex((f) => toKey(f) === toKey(c)) + 1;
}
</script>

<template>
  <div class="page wide">
    <div class="page-head">
      <h1>Cheapest proven combination</h1>
      <Button v-if="isRunning" label="Stop" severity="secondary" outlined @click="stop" />
      <Button v-else label="Search again" :disabled="!terms" @click="onStart" />
    </div>
    <p v-if="fault || failure" class="failure" role="alert">{{ fault || failure }}</p>
    <p v-if="isOld" class="caution" role="status">
      What counts was changed since this was found. Search again before choosing.
    </p>
    <div class="two">
      <form class="sheet terms" @submit.prevent="onStart">
        <h2>What counts</h2>
        <label
          >A day sooner is worth <input v-model.number="perDay" type="number" min="0" max="10000" step="1"
        /></label>
        <label
          >An hour less work is worth
          <input v-model.number="perHour" type="number" min="0" max="10000" step="5"
        /></label>
        <label
          >Being able to go back is worth
          <input v-model.number="perIrreversible" type="number" min="0" max="10000" step="5"
        /></label>
        <label class="tick"
          ><input v-model="otherWheels" type="checkbox" /><span
            >Other wheels may go on ({{ terms?.wheels ?? 0 }} listed)<span
              v-if="terms?.wheelStays"
              class="soft"
              >; the owner wants the wheels to stay</span
            ></span
          ></label
        >
        <details>
          <summary>Work that may not be done ({{ forbidden.length }})</summary>
          <label v-for="w in terms?.works ?? []" :key="w.kind" class="tick">
            <input v-model="forbidden" type="checkbox" :value="w.kind" />
            <span>{{ w.title }}<span v-if="!w.reversible" class="soft">, cannot be undone</span></span>
          </label>
        </details>
      </form>
      <section aria-live="polite">
        <template v-if="isRunning">
          <p>Searching kits, options, wheels and work: {{ Math.round(done * 100) }} %</p>
          <progress :value="done" max="1" aria-label="Search" />
        </template>
        <template v-if="result">
          <p v-if="!result.complete" class="caution small">
            Stopped before the end: there may be a cheaper one.
          </p>
          <template v-if="result.best.length">
            <figure v-if="result.front.length > 1" class="sheet">
              <svg
                :viewBox="`-46 -14 ${WIDTH + 70} ${HEIGHT + 52}`"
                role="img"
                aria-label="Full cost against lead time of the combinations that none beats in everything"
              >
                <path :d="`M0 0 V${HEIGHT} H${WIDTH}`" class="axis" />
                <g v-for="m in chart.xMarks" :key="`x${m.value}`">
                  <path :d="`M${m.at} ${HEIGHT} v6`" class="axis" />
                  <text :x="m.at" :y="HEIGHT + 20" text-anchor="middle">
                    {{ (m.value / 100).toFixed(0) }}
                  </text>
                </g>
                <g v-for="m in chart.yMarks" :key="`y${m.value}`">
                  <path :d="`M0 ${m.at} h-6`" class="axis" />
                  <text x="-10" :y="m.at + 4" text-anchor="end">{{ m.value }}</text>
                </g>
                <text :x="WIDTH" :y="HEIGHT + 36" text-anchor="end">full cost, {{ session.currency }}</text>
                <text x="8" y="4">days</text>
                <g v-for="(s, i) in chart.spots" :key="s.key">
                  <circle :cx="s.x" :cy="s.y" r="9" class="spot" />
                  <text :x="s.x" :y="s.y + 4" text-anchor="middle" class="in">{{ i + 1 }}</text>
                </g>
              </svg>
              <figcaption class="small soft">
                None beats these in money, days, hours and going back at once. Numbers are those of the list.
              </figcaption>
            </figure>
            <div v-if="result.best.some((c) => c.brakes && c.brakes !== 'FITS')" class="parts">
              <Button
                v-if="!parts.state.isRunning"
                label="Count in the brake parts each wants"
                severity="secondary"
                outlined
                @click="parts.lookFor(result.best)"
              />
              <template v-else>
                <progress :value="parts.state.done" :max="parts.state.of" aria-label="Brake parts" />
                <span class="figures" role="status">{{ parts.state.done }} of {{ parts.state.of }}</span>
                <Button label="Stop" severity="secondary" outlined @click="parts.stop" />
              </template>
              <span v-if="parts.state.failure" class="failure" role="alert">{{ parts.state.failure }}</span>
            </div>
            <ol class="found">
              <li v-for="c in parts.sorted(result.best)" :key="toKey(c)" class="sheet">
                <p class="first">
                  <VerdictMark :verdict="c.verdict" :size="20" />
                  <strong>{{ c.kit }}</strong> {{ c.kitName }}
                  <span v-if="c.onFront" class="tag">on the front, {{ toNumber(c) }}</span>
                  <span class="figures cost">{{ toPrice(c.cents) }}</span>
                </p>
                <p class="small">
                  {{ toVerdictWord(c.verdict) }} · {{ c.leadDays }} days · {{ c.minutes }} min of work ·
                  {{ c.irreversible ? `${c.irreversible} that cannot be undone` : "all can be undone" }}
                </p>
                <p v-if="c.brakes" class="small">
                  <VerdictMark :verdict="c.brakes" :size="14" /> brakes of the vehicle with it:
                  {{ toVerdictWord(c.brakes) }}
                </p>
                <p v-if="parts.found.get(toKey(c))" class="small">
                  With {{ parts.found.get(toKey(c))!.names.join(", ") }}:
                  <strong>{{ toPrice(c.cents + parts.found.get(toKey(c))!.cents) }}</strong>,
                  {{ parts.found.get(toKey(c))!.proven ? "brakes proven" : parts.found.get(toKey(c))!.open }}
                </p>
                <p v-else-if="parts.found.get(toKey(c)) === null" class="small">
                  No parts of the catalogue leave less of the brakes open.
                </p>
                <p v-if="c.options.length" class="small">With: {{ c.options.join(", ") }}</p>
                <p v-if="c.wheel" class="small">On wheel {{ c.wheel }}</p>
                <p v-for="w in c.works" :key="w" class="small">{{ w }}</p>
                <p class="acts">
                  <RouterLink
                    class="plain-button"
                    :to="`/axles/${axle.axleId}/section?kit=${c.kit}${c.wheel ? `&wheel=${c.wheel.split(' ')[0]}` : ''}`"
                    >Section</RouterLink
                  >
                  <Button
                    v-if="session.mayChange"
                    label="Choose this combination"
                    severity="secondary"
                    outlined
                    @click="onChoose(c)"
                  />
                  <Button
                    v-if="session.mayChange && parts.found.get(toKey(c))"
                    label="Choose it with these parts"
                    severity="secondary"
                    outlined
                    @click="onChoose(c, parts.found.get(toKey(c)) ?? undefined)"
                  />
                </p>
              </li>
            </ol>
          </template>
          <template v-else-if="result.nearest">
            <p><strong>No combination is proven yet.</strong> This one is nearest to it:</p>
            <div class="sheet near">
              <p class="first">
                <VerdictMark :verdict="result.nearest.combination.verdict" :size="20" />
                <strong>{{ result.nearest.combination.kit }}</strong> {{ result.nearest.combination.kitName }}
                <span v-if="result.nearest.combination.options.length">
                  with {{ result.nearest.combination.options.join(", ") }}</span
                >
                <span v-if="result.nearest.combination.wheel">
                  on wheel {{ result.nearest.combination.wheel }}</span
                >
              </p>
              <p>What would prove it:</p>
              <ul>
                <li v-for="s in result.nearest.steps" :key="s">{{ s }}</li>
              </ul>
            </div>
          </template>
          <p v-else>No kit is made for this kind of axle end.</p>
        </template>
      </section>
    </div>
    <p class="caution small">
      Proven means: by the readings, the papers and the shop's limits. Local rules, inspection and licensed
      practice come first.
    </p>
  </div>
</template>

<style scoped>
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
  margin: 0.8rem 0;
}

.parts progress {
  flex: 1;
  max-width: 20rem;
}

.wide {
  max-width: 1500px;
}

.two {
  display: grid;
  grid-template-columns: 20rem minmax(0, 1fr);
  gap: 1.2rem;
}

.terms {
  padding: 0.8rem 1rem;
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  align-self: start;
}

.terms label {
  display: flex;
  flex-wrap: wrap;
  flex-direction: column;
  gap: 0.2rem;
}

.terms input[type="number"] {
  font: inherit;
  width: 6rem;
  min-height: 44px;
  padding: 0 0.4rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.terms .tick {
  flex-flow: row nowrap;
  align-items: center;
  gap: 0.4rem;
  min-height: 44px;
}

.tick input {
  flex: none;
  width: 1.3rem;
  height: 1.3rem;
  accent-color: var(--accent);
}

summary {
  min-height: 44px;
  cursor: pointer;
}

progress {
  width: 100%;
  height: 1.2rem;
  accent-color: var(--accent);
}

figure {
  margin: 0 0 0.9rem;
  padding: 0.6rem;
}

figure svg {
  width: 100%;
  max-height: 17rem;
  font-family: var(--narrow);
}

.axis {
  fill: none;
  stroke: var(--ink);
}

text {
  font-size: 14px;
  fill: var(--ink);
}

.spot {
  fill: var(--accent);
}

.in {
  fill: var(--sheet);
  font-size: 12px;
  font-weight: 600;
}

.found {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
}

.found li,
.near {
  padding: 0.7rem 0.9rem;
}

p {
  margin: 0.25rem 0;
}

.first {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  flex-wrap: wrap;
  font-size: 1.08rem;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
}

.cost {
  margin-left: auto;
  font-weight: 600;
}

.tag {
  color: var(--accent);
  font-weight: 600;
  font-size: 0.95rem;
}

@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
