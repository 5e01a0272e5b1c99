<script setup lang="ts">
import type { Schemas } from "../../api/client";

/** What a list would do, or did: counts first, then what keeps it out, what is odd, and some of what changes. */
const { report, isTaken } = defineProps<{ report: Schemas["ListReport"]; isTaken: boolean }>();

const counts = () => [
  { many: report.added, word: isTaken ? "added" : "new" },
  { many: report.changed, word: isTaken ? "changed" : "would change" },
  { many: report.same, word: "as they were" },
  { many: report.refused, word: "refused", isBad: report.refused > 0 },
];
</script>

<template>
  <dl class="counts">
    <div v-for="c in counts()" :key="c.word" :class="{ bad: c.isBad }">
      <dd class="figures">{{ c.many }}</dd>
      <dt>{{ c.word }}</dt>
    </div>
  </dl>
  <template v-if="report.faults.length">
    <h3>What keeps it out</h3>
    <p v-if="report.refused > report.faults.length" class="soft small">
      The first {{ report.faults.length }} faults.
    </p>
    <div class="scroll" role="region" aria-label="Faults" tabindex="0">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col" class="right">Row</th>
            <th scope="col">Column</th>
            <th scope="col">What is wrong</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(p, i) in report.faults" :key="i">
            <td class="right figures">{{ p.row }}</td>
            <td>{{ p.field }}</td>
            <td>{{ p.message }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </template>
  <template v-if="report.remarks.length">
    <h3>Odd, but keeps nothing out</h3>
    <p v-if="report.remarked > report.remarks.length" class="soft small">
      The first {{ report.remarks.length }} of {{ report.remarked }}.
    </p>
    <div class="scroll" role="region" aria-label="Remarks" tabindex="0">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col" class="right">Row</th>
            <th scope="col">Column</th>
            <th scope="col">What is odd</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(p, i) in report.remarks" :key="i">
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
