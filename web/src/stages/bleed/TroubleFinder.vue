<script setup lang="ts">
import { computed, onMounted, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toNewest } from "../../shell/newest";
import { toMessage } from "../../shell/useLoad";

/** From a complaint to its cause: what is likely by what was tried, and what tells most for its minutes. */
type Complaint = Schemas["ComplaintView"]["id"];
const complaints = ref<Schemas["ComplaintView"][]>([]);
const complaint = ref<Complaint | "">("");
const answers = ref<Record<string, boolean>>({});
const tried = ref<{ id: string; question: string; yes: boolean }[]>([]);
const found = ref<Schemas["TroubleView"]>();
const problem = ref("");

onMounted(async () => {
  try {
    complaints.value = await toData(client.GET("/api/troubles"));
  } catch (e) {
    problem.value = toMessage(e);
  }
});

const newest = toNewest();

/** Only the answer to what was asked last is shown. */
async function ask() {
  const isNewest = newest.ask();
  problem.value = "";
  if (!complaint.value) {
    found.value = undefined;
    return;
  }
  try {
    const fresh = await toData(
      client.POST("/api/bench-help/trouble", {
        body: { complaint: complaint.value, answers: answers.value },
      }),
    );
    if (isNewest()) found.value = fresh;
  } catch (e) {
    if (isNewest()) problem.value = toMessage(e);
  }
}
watch(complaint, () => {
  answers.value = {};
  tried.value = [];
  void ask();
});

function onAnswer(trial: Schemas["TrialView"], yes: boolean) {
  answers.value = { ...answers.value, [trial.id]: yes };
  tried.value = [...tried.value, { id: trial.id, question: trial.question, yes }];
  void ask();
}

function onForget(id: string) {
  answers.value = Object.fromEntries(Object.entries(answers.value).filter(([key]) => key !== id));
  tried.value = tried.value.filter((t) => t.id !== id);
  void ask();
}

const next = computed(() => found.value?.next.filter((t) => t.bits > 0.02).slice(0, 3) ?? []);
</script>

<template>
  <section class="sheet" aria-label="Trouble">
    <h2>Something is not right</h2>
    <label
      >What is it
      <select v-model="complaint">
        <option value="">nothing</option>
        <option v-for="c in complaints" :key="c.id" :value="c.id">{{ c.title }}</option>
      </select>
    </label>
    <template v-if="found">
      <ol class="suspects">
        <li v-for="s in found.suspects.slice(0, 4)" :key="s.id">
          <span class="bar" :style="{ width: `${Math.round(100 * s.probability)}%` }" />
          <strong>{{ Math.round(100 * s.probability) }} % {{ s.title }}.</strong> {{ s.remedy }}
        </li>
      </ol>
      <p v-if="next.length"><strong>Try next,</strong> what tells most for its minutes first:</p>
      <ul class="trials">
        <li v-for="t in next" :key="t.id">
          <span
            >{{ t.question }} <span class="soft">{{ t.minutes }} min</span></span
          >
          <span class="row">
            <button
              type="button"
              class="plain-button"
              :aria-label="`${t.question} Yes`"
              @click="onAnswer(t, true)"
            >
              Yes
            </button>
            <button
              type="button"
              class="plain-button"
              :aria-label="`${t.question} No`"
              @click="onAnswer(t, false)"
            >
              No
            </button>
          </span>
        </li>
      </ul>
      <p v-for="t in tried" :key="t.id" class="small">
        {{ t.question }} <strong>{{ t.yes ? "Yes" : "No" }}</strong>
        <button
          type="button"
          class="plain-button"
          :aria-label="`Take back: ${t.question}`"
          @click="onForget(t.id)"
        >
          Take back
        </button>
      </p>
      <p class="small soft">
        How often which cause is behind it is common practice, rough: it orders the looking, it proves
        nothing.
      </p>
    </template>
    <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.suspects {
  list-style: none;
  margin: 0.6rem 0;
  padding: 0;
}

.suspects li {
  position: relative;
  padding: 0.3rem 0.5rem;
  margin-bottom: 0.2rem;
}

.bar {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--accent-wash);
  z-index: 0;
}

.suspects li > * {
  position: relative;
}

.suspects .bar {
  position: absolute;
}

.trials {
  list-style: none;
  margin: 0;
  padding: 0;
}

.trials li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 0.8rem;
  min-height: 50px;
  border-bottom: 1px solid var(--line-soft);
}
</style>
