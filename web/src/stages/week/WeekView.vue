<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import TodayList from "../../shell/TodayList.vue";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toDate, toTime } from "../../units/format";
import TimeLineView from "./TimeLineView.vue";
import WeekParcels from "./WeekParcels.vue";
import WeekSettingsForm from "./WeekSettingsForm.vue";
import { toRowsByJob, toRowsByPerson, type WeekTask } from "./timeLine";

/** The week: who does what when, over all jobs; what slips when something comes late. */
type View = Schemas["WeekView"];
const session = useSession();
const { data: week, failure, isLoading, load } = useLoad(() => toData(client.GET("/api/week")));
const problem = ref("");
const isBusy = ref(false);
const by = ref<"person" | "job">("person");
const size = ref<"whole" | "day">("day");
const picked = ref<WeekTask | null>(null);
const notBefore = ref("");

// while it is made better, it is looked at again
let timer: ReturnType<typeof setTimeout> | undefined;
watch(week, () => {
  clearTimeout(timer);
  if (week.value?.improving) timer = setTimeout(() => void load(), 1200);
});
onBeforeUnmount(() => clearTimeout(timer));

const rows = computed(() => {
  const w = week.value;
  if (!w) return [];
  return by.value === "person" ? toRowsByPerson(w.people, w.tasks) : toRowsByJob(w.jobs, w.tasks);
});

async function act(step: () => Promise<View>) {
  problem.value = "";
  isBusy.value = true;
  try {
    week.value = await step();
    return true;
  } catch (e) {
    problem.value = toMessage(e);
    return false;
  } finally {
    isBusy.value = false;
  }
}

const seen = () => ({ plan: week.value?.plan ?? "" });
const onPlan = () => act(() => toData(client.POST("/api/week/plan", { body: seen() })));
const onStop = () => act(() => toData(client.POST("/api/week/stop", { body: seen() })));
const onPin = (task: string, moment: string | undefined) =>
  act(() => toData(client.PUT("/api/week/pins", { body: { task, notBefore: moment } })));
const onParcel = (orderId: string, comes: string) =>
  act(() =>
    toData(client.PUT("/api/week/parcels/{orderId}", { params: { path: { orderId } }, body: { comes } })),
  );
const onSettings = (body: Schemas["WeekSettings"]) =>
  act(() => toData(client.PUT("/api/week/settings", { body })));

function onPick(t: WeekTask) {
  picked.value = t;
  notBefore.value = t.start.slice(0, 16);
}

const toMoment = (local: string) => `${toDate(local.slice(0, 10))}, ${local.slice(11, 16)}`;
const today = ref<Schemas["PersonToday"][]>([]);
watch(
  () => week.value?.plan,
  async () => {
    try {
      today.value = await toData(client.GET("/api/week/today"));
    } catch {
      today.value = []; // the week itself says what is wrong
    }
  },
);
</script>

<template>
  <div class="page bay">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !week" class="soft">Fetching the week …</p>
    <template v-if="week">
      <div class="page-head">
        <h1>Week</h1>
        <PressedRow
          v-model="by"
          label="Rows"
          :options="[
            { value: 'person', text: 'By person' },
            { value: 'job', text: 'By job' },
          ]"
        />
        <PressedRow
          v-model="size"
          label="Size"
          :options="[
            { value: 'day', text: 'Day' },
            { value: 'whole', text: 'All of it' },
          ]"
        />
        <button v-if="session.mayChange" type="button" class="strong" :disabled="isBusy" @click="onPlan">
          {{ week.madeAt ? "Plan anew from now" : "Plan the week" }}
        </button>
        <a v-if="week.madeAt" class="button" href="/api/week/week.ics" download>Calendar</a>
      </div>
      <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
      <p v-for="o in week.outdated" :key="o" class="caution small">{{ o }}</p>
      <p v-if="week.improving" class="soft" role="status">
        The plan holds; a better one is looked for …
        <button type="button" class="plain-button" @click="onStop">Keep it as it is</button>
      </p>
      <p v-else-if="week.madeAt" class="soft small">
        Laid {{ toTime(week.madeAt) }};
        {{ week.best ? "no better plan exists." : "a better one may exist." }} What is done stays done.
      </p>
      <section v-if="week.tasks.length" class="sheet" aria-label="Plan">
        <TimeLineView
          :rows="rows"
          :spans="week.spans"
          :jobs="week.jobs.map((j) => j.jobId)"
          :selected="picked?.id ?? ''"
          :may-pin="session.mayChange"
          :close="size === 'day'"
          @pick="onPick"
          @pin="(t, moment) => onPin(t.id, moment)"
        />
        <div v-if="picked" class="picked">
          <p>
            <strong>{{ picked.title }}</strong>, {{ picked.axle }}: {{ toMoment(picked.start) }} to
            {{ toMoment(picked.end) }}, {{ picked.who.join(" and ") || `out to ${picked.outside}`
            }}<template v-if="picked.waits"> ({{ picked.waits }})</template>.
            <RouterLink class="button" :to="`/axles/${picked.axleId}/bench`">Bench card</RouterLink>
          </p>
          <form
            v-if="session.mayChange && !picked.done"
            @submit.prevent="onPin(picked.id, `${notBefore}:00`)"
          >
            <label>Not before <input v-model="notBefore" class="when" type="datetime-local" /></label>
            <button type="submit" class="plain-button" :disabled="isBusy">Pin it there</button>
            <button
              v-if="picked.waits === 'pinned'"
              type="button"
              class="plain-button"
              :disabled="isBusy"
              @click="onPin(picked.id, undefined)"
            >
              Take the pin out
            </button>
          </form>
        </div>
        <p v-else class="soft small">
          Touch a step to see it; drag it to the right to pin it not before a time.
        </p>
      </section>
      <p v-else-if="!week.madeAt" class="empty">
        Nothing is planned yet. What is ordered and not done is laid on people, stands, press and welder.
      </p>
      <p v-else-if="!week.outdated.length" class="empty">
        Nothing is open: order something first, or enjoy the evening.
      </p>
      <section v-if="week.jobs.length" class="sheet" aria-label="Jobs">
        <h2>When each job is done</h2>
        <table class="plain">
          <thead>
            <tr>
              <th>Job</th>
              <th>By the plan</th>
              <th>Even odds</th>
              <th>4 of 5</th>
              <th>Promised</th>
              <th>Hangs on</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="j in week.jobs" :key="j.jobId">
              <th scope="row">
                <RouterLink :to="`/jobs/${j.jobId}/vehicle`">{{ j.title }}</RouterLink>
              </th>
              <td class="figures">
                {{ toMoment(j.finish) }}
                <span v-if="j.before && j.before !== j.finish" class="moved">
                  <span aria-hidden="true">{{ j.before < j.finish ? "▶" : "◀" }}</span> was
                  {{ toMoment(j.before) }}
                </span>
              </td>
              <td class="figures">{{ toMoment(j.likely) }}</td>
              <td class="figures">{{ toMoment(j.surely) }}</td>
              <td class="figures" :class="{ failure: j.late }">
                {{ j.promised ? toDate(j.promised) : "" }}<template v-if="j.late"> ■ late</template>
              </td>
              <td class="small">
                {{ j.chain.slice(0, 3).join(" → ")
                }}{{ j.chain.length > 3 ? ` → … ${j.chain.length} steps` : "" }}
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <div class="two">
        <section class="sheet" aria-label="Today">
          <h2>Today</h2>
          <TodayList :people="today" />
        </section>
        <WeekParcels :parcels="week.parcels" :is-busy="isBusy" @comes="onParcel" />
      </div>
      <WeekSettingsForm
        v-if="session.mayChange"
        :settings="week.settings"
        :is-busy="isBusy"
        @save="onSettings"
      />
    </template>
  </div>
</template>

<style scoped>
.picked {
  border-top: 1px solid var(--line-soft);
  padding-top: 0.4rem;
}

.moved {
  display: block;
  font-weight: 600;
}

.bay form input.when {
  max-width: none;
}
</style>
