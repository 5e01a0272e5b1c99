<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";

/** What a list would do, or did: counts first, then what keeps it out, what is odd, and some of what changes. */
const { report, isTaken } = defineProps<{ report: Schemas["ListReport"]; isTaken: boolean }>();

const counts = () => [
  { many: report.added, word: isTaken ? "added" : "new" },
  { many: report.changed, word: isTaken ? "changed" : "would change" },
  { many: report.same, word: "as they were" },
  { many: report.refused, word: "refused", isBad: report.refused > 0 },
];

/** What is wrong and what is odd; where only the first are told, how many there are. */
const told = computed(() =>
  [
    {
      title: "What keeps it out",
      heading: "What is wrong",
      problems: report.faults,
      all: Math.max(report.refused, report.faults.length),
    },
    {
      title: "Odd, but keeps nothing out",
      heading: "What is odd",
      problems: report.remarks,
      all: report.remarked,
    },
  ].filter((t) => t.problems.length),
);
</script>

<template>
  <dl class="counts">
    <div v-for="c in counts()" :key="c.word" :class="{ bad: c.isBad }">
      <dd class="figures">{{ c.many }}</dd>
      <dt>{{ c.word }}</dt>
    </div>
  </dl>
  <template v-for="t in told" :key="t.title">
    <h3>{{ t.title }}</h3>
    <p v-if="t.all > t.problems.length" class="soft small">
      The first {{ t.problems.length }} of {{ t.all }}.
    </p>
    <div class="scroll" role="region" :aria-label="t.title" tabindex="0">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col" class="right">Row</th>
            <th scope="col">Column</th>
            <th scope="col">{{ t.heading }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(p, i) in t.problems" :key="i">
            <td class="right figures">{{ p.row }}</td>
            <td>{{ p.field }}</td>
            <td>{{ p.message }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </template>
  <template v-if="report.examples.length">
    <h3>{{ isTaken ? "Some of what changed" : "Some of what would change" }}</h3>
    <div class="scroll" role="region" aria-label="Changes" tabindex="0">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col" class="right">Row</th>
            <th scope="col">Part</th>
            <th scope="col">Change</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="e in report.examples" :key="e.row">
            <td class="right figures">{{ e.row }}</td>
            <td>
              <strong>{{ e.code }}</strong> {{ e.name }}
            </td>
            <td>{{ e.changes.length ? e.changes.join("; ") : "new" }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </template>
</template>

<style scoped>
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 2.4rem;
  margin: 0.4rem 0 1rem;
}

.counts div {
  display: flex;
  gap: 0.45rem;
  align-items: baseline;
}

.counts dd {
  margin: 0;
  font-size: 1.7rem;
  font-weight: 600;
}

.counts .bad {
  color: var(--bad);
}

h3 {
  margin: 0.8rem 0 0.3rem;
}

.right {
  text-align: right;
}

.scroll {
  overflow: auto;
  max-height: 22rem;
}
</style>
