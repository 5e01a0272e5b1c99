<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toVerdictWord } from "../../verdict/words";
import DoubtShares from "./DoubtShares.vue";
import { toDoubtful } from "./words";

/** What is proven of the plan, and how the same stood before. */
const { before, after } = defineProps<{
  before: Schemas["BrakeFindingView"][];
  after: Schemas["BrakeFindingView"][];
}>();

const session = useSession();
const WORST_FIRST = ["DOES_NOT_FIT", "NOT_PROVEN", "FITS_WITH_WORK", "FITS"];
const sorted = computed(() =>
  [...after].sort((a, b) => WORST_FIRST.indexOf(a.verdict) - WORST_FIRST.indexOf(b.verdict)),
);

function wasBefore(finding: Schemas["BrakeFindingView"]) {
  return before.find((b) => b.check === finding.check && b.why === finding.why);
}
</script>

<template>
  <ul class="findings">
    <li v-for="f in sorted" :key="f.check + f.why" class="sheet" :class="f.verdict.toLowerCase()">
      <VerdictMark :verdict="f.verdict" :size="22" />
      <div>
        <h3>
          {{ f.title }}: {{ toVerdictWord(f.verdict) }}<span v-if="!f.critical" class="soft"> (advises)</span>
        </h3>
        <p class="figures">
          {{ f.why
          }}<template v-if="f.margin !== undefined"
            >: {{ toDoubtful(f.margin, f.doubt, f.unit, session.units) }}</template
          >
        </p>
        <p v-if="f.next" class="next">{{ f.next }}</p>
        <details v-if="f.doubtFrom.length && f.verdict !== 'FITS'">
          <summary>What makes the doubt</summary>
          <DoubtShares :shares="f.doubtFrom" />
        </details>
        <p class="small soft">
          <template v-if="wasBefore(f)"
            >As found: {{ toVerdictWord(wasBefore(f)!.verdict)
            }}<template v-if="wasBefore(f)!.margin !== undefined"
              >, {{ toDoubtful(wasBefore(f)!.margin, wasBefore(f)!.doubt, f.unit, session.units) }}</template
            >. </template
          >{{ f.source }}
        </p>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.findings {
  list-style: none;
  margin: 0.8rem 0 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
}

li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.8rem;
  padding: 0.6rem 0.9rem;
  border-left: 6px solid var(--good);
}

li.not_proven {
  border-left-color: var(--open);
  border-left-style: dashed;
}

li.does_not_fit {
  border-left-color: var(--bad);
}

h3 {
  margin: 0;
  font-size: 1.1rem;
}

p {
  margin: 0.15rem 0 0;
}

.next {
  font-weight: 600;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}
</style>
