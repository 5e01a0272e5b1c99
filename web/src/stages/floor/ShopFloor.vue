<script setup lang="ts">
import Button from "primevue/button";
import { useToast } from "primevue/usetoast";
import { computed, onMounted, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { client, Refusal, sendDocument, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toDate } from "../../units/format";
import ImportReport from "../../shell/ImportReport.vue";
import TodayList from "../../shell/TodayList.vue";

const session = useSession();
const router = useRouter();
const toast = useToast();
const PAGE = 50;
const text = ref("");
const { data: floor, failure, isLoading, load } = useLoad(() => toPage(0, PAGE));
const jobs = computed(() => floor.value?.jobs);
let typing: ReturnType<typeof setTimeout> | undefined;

function toPage(offset: number, limit: number) {
  return toData(client.GET("/api/jobs", { params: { query: { text: text.value, offset, limit } } }));
}

watch(text, () => {
  clearTimeout(typing);
  typing = setTimeout(() => void load(), 250);
});

async function onMore() {
  const shown = floor.value;
  if (!shown) return;
  try {
    const next = await toPage(shown.jobs.length, PAGE);
    floor.value = { total: next.total, jobs: [...shown.jobs, ...next.jobs] };
  } catch (e) {
    toast.add({ severity: "error", summary: "Not fetched", detail: toMessage(e), life: 8000 });
  }
}
const today = ref<Schemas["PersonToday"][]>([]);
onMounted(async () => {
  try {
    today.value = await toData(client.GET("/api/week/today"));
  } catch {
    today.value = []; // the jobs are what the floor is for
  }
});
const picker = ref<HTMLInputElement | null>(null);
const refusal = ref<Refusal | null>(null);

const STAGES: Schemas["AxleSummary"]["stage"][] = ["MEASURE", "CHOOSE", "ORDER", "FIT"];
const STAGE_WORDS = { MEASURE: "measure", CHOOSE: "choose", ORDER: "order", FIT: "fit" };
const STAGE_VIEWS = { MEASURE: "measure", CHOOSE: "match", ORDER: "order", FIT: "bench" };

function toView(axle: Schemas["AxleSummary"]) {
  if (axle.stage === "MEASURE" && axle.read)
    return `/axles/${axle.id}/measure?read=${axle.read}&side=${axle.side}`;
  if (axle.stage === "MEASURE" && axle.side) return `/axles/${axle.id}/around?side=${axle.side}`;
  return `/axles/${axle.id}/${STAGE_VIEWS[axle.stage]}`;
}

async function onImport(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  refusal.value = null;
  try {
    const job = await sendDocument<Schemas["JobView"]>("/api/jobs/import", file);
    toast.add({ severity: "success", summary: "Job imported", detail: job.title, life: 5000 });
    await load();
  } catch (e) {
    refusal.value = e instanceof Refusal ? e : new Refusal(0, toMessage(e));
  } finally {
    input.value = "";
  }
}
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Shop floor</h1>
      <input
        v-if="text || (floor?.total ?? 0) > 8"
        v-model="text"
        class="find"
        type="search"
        aria-label="Find a job"
        placeholder="Find a job"
        maxlength="120"
      />
      <template v-if="session.mayChange">
        <input
          ref="picker"
          type="file"
          accept="application/json,.json"
          class="visually-hidden"
          aria-label="Job document to import"
          tabindex="-1"
          @change="onImport"
        />
        <Button label="Import job" severity="secondary" outlined @click="picker?.click()" />
        <Button label="New job" @click="router.push('/new-job')" />
      </template>
    </div>
    <ImportReport v-if="refusal" :refusal="refusal" @close="refusal = null" />
    <p v-if="failure" class="failure" role="alert">
      {{ failure }} <button type="button" @click="load">Try again</button>
    </p>
    <p v-else-if="isLoading && !jobs" class="soft">Looking up the jobs …</p>
    <p v-else-if="jobs?.length === 0 && text" class="sheet empty">No job holds “{{ text }}”.</p>
    <div v-else-if="jobs?.length === 0" class="sheet empty">
      <h2>No job is here yet</h2>
      <p>A job is one vehicle with the axles to convert. Start one, or import a job document.</p>
    </div>
    <details v-if="today.some((p) => p.tasks.length)" open class="sheet today">
      <summary>Today, by the week</summary>
      <TodayList :people="today" />
    </details>
    <article v-for="job in jobs" :key="job.id" class="sheet job">
      <header>
        <h2>{{ job.title }}</h2>
        <p class="soft">{{ job.vehicle }}</p>
        <p class="facts">
          <span v-if="job.owner">{{ job.owner }}</span>
          <span v-if="job.mustBeReversible">must go back to drums</span>
          <span v-if="job.promised"
            >promised <strong>{{ toDate(job.promised) }}</strong></span
          >
          <RouterLink :to="`/jobs/${job.id}/vehicle`">Look over</RouterLink>
          <a :href="`/api/jobs/${job.id}/document`" download>Export</a>
        </p>
      </header>
      <ul>
        <li v-for="axle in job.axles" :key="axle.id">
          <span class="name">{{ axle.name }}</span>
          <ol class="stages" :aria-label="`Stage: ${STAGE_WORDS[axle.stage]}`">
            <li
              v-for="(s, i) in STAGES"
              :key="s"
              :class="{ done: i < STAGES.indexOf(axle.stage), now: s === axle.stage }"
              :aria-current="s === axle.stage ? 'step' : undefined"
            >
              {{ STAGE_WORDS[s] }}
            </li>
          </ol>
          <span class="held">{{ axle.heldBy || "nothing holds it up" }}</span>
          <RouterLink
            class="go"
            :to="toView(axle)"
            :aria-label="`${axle.next}: ${job.title}, ${axle.name}`"
            >{{ axle.next }}</RouterLink
          >
        </li>
      </ul>
    </article>
    <p v-if="floor && jobs && jobs.length < floor.total" class="more">
      <Button
        :label="`Show more (${jobs.length} of ${floor.total})`"
        severity="secondary"
        outlined
        @click="onMore"
      />
    </p>
  </div>
</template>

<style scoped>
.job {
  padding: 0.9rem 1.1rem;
  margin-bottom: 0.9rem;
}

.find {
  font: inherit;
  min-height: 44px;
  padding: 0 0.8rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.today summary {
  min-height: 32px;
  cursor: pointer;
}

.today {
  padding: 0.6rem 1.1rem;
  margin-bottom: 0.9rem;
}

.more {
  text-align: center;
}

.empty {
  padding: 2rem;
}

header p {
  margin: 0.15rem 0;
}

.facts {
  display: flex;
  gap: 1.4rem;
  flex-wrap: wrap;
}

.facts a {
  padding: 0.2rem 0;
}

.facts a:first-of-type {
  margin-left: auto;
}

.job > ul {
  list-style: none;
  margin: 0.5rem 0 0;
  padding: 0;
}

.job > ul > li {
  display: grid;
  grid-template-columns: 11rem 25rem 1fr auto;
  gap: 1rem;
  align-items: center;
  border-top: 1px solid var(--line-soft);
  padding: 0.45rem 0;
}

.name {
  font-weight: 600;
}

.stages {
  list-style: none;
  display: flex;
  margin: 0;
  padding: 0;
}

.stages li {
  flex: 1;
  padding-top: 0.5rem;
  border-top: 4px solid var(--line);
  color: var(--ink-soft);
  font-size: 0.97rem;
}

.stages .done {
  border-color: var(--ink-soft);
}

.stages .now {
  border-color: var(--accent);
  color: var(--ink);
  font-weight: 600;
}

.go {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-height: 44px;
  min-width: 11rem;
  padding: 0 1rem;
  border: 1px solid var(--accent);
  text-decoration: none;
  font-weight: 600;
}

.go:hover {
  background: var(--accent-wash);
}

@media (max-width: 900px) {
  .job > ul > li {
    grid-template-columns: 1fr;
    gap: 0.4rem;
  }
}
</style>
