<script setup lang="ts">
import { computed, ref } from "vue";
import type { Schemas } from "../api/client";
import { useSession } from "../shell/session";
import { toMargin, toMarginDoubt, toPrice, toUnitName } from "../units/format";
import VerdictMark from "./VerdictMark.vue";
import { toSideWord, toVerdictWord } from "./words";

/** A finding in words, with its "why?". */
const { finding } = defineProps<{ finding: Schemas["FindingView"] }>();
const session = useSession();
const isOpen = ref(false);

const margin = computed(() => text(finding.margin, finding.doubt));
const worked = computed(() => text(finding.workedMargin, finding.workedDoubt));

function text(value?: number, doubt?: number) {
  if (value === undefined || doubt === undefined) return "margin unknown";
  const unit = finding.unit;
  return `margin ${toMargin(value, unit, session.units)} ${toMarginDoubt(doubt, unit, session.units)} ${toUnitName(unit, session.units)}`;
}

function toInput(input: Schemas["InputView"]) {
  if (input.unit === "mm" || input.unit === "kg") {
    const value = toMargin(input.value, input.unit, session.units).replace("+", "");
    const doubt = input.doubt > 0 ? ` ${toMarginDoubt(input.doubt, input.unit, session.units)}` : "";
    return `${value}${doubt} ${toUnitName(input.unit, session.units)}`;
  }
  return String(input.value);
}
</script>

<template>
  <section class="finding">
    <h3>
      <VerdictMark :verdict="finding.verdict" :size="20" />
      <span>{{ finding.title }}, {{ toSideWord(finding.side) }}: {{ toVerdictWord(finding.verdict) }}</span>
      <span class="figures margin">{{ margin }}</span>
    </h3>
    <p>{{ finding.why }}</p>
    <p v-if="finding.nextMove" class="next"><strong>Next:</strong> {{ finding.nextMove }}</p>
    <template v-if="finding.work">
      <p class="small">
        After the work: <span class="figures">{{ worked }}</span>. By: {{ finding.work.who }},
        {{ finding.work.minutes }} min, {{ toPrice(finding.work.cents) }},
        {{ finding.work.reversible ? "can be undone" : "cannot be undone" }}. Hold: {{ finding.work.hold }}
      </p>
      <p class="caution small">{{ finding.work.caution }}</p>
    </template>
    <button type="button" class="why" :aria-expanded="isOpen" @click="isOpen = !isOpen">Why?</button>
    <div v-if="isOpen" class="reason">
      <p class="formula">{{ finding.formula }}</p>
      <table v-if="finding.inputs.length" class="plain small">
        <caption class="visually-hidden">
          Inputs
        </caption>
        <tbody>
          <tr v-for="input in finding.inputs" :key="input.name">
            <th scope="row">{{ input.name }}</th>
            <td class="figures right">{{ toInput(input) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="small soft">Source: {{ finding.source }}</p>
    </div>
  </section>
</template>

<style scoped>
.finding {
  border-top: 1px solid var(--line);
  padding: 0.7rem 0;
}

h3 {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  font-size: 1.05rem;
  flex-wrap: wrap;
}

.margin {
  margin-left: auto;
  font-weight: 600;
}

p {
  margin: 0.35rem 0;
}

.why {
  font: inherit;
  font-weight: 600;
  color: var(--accent);
  background: none;
  border: 1px solid var(--accent);
  min-height: 44px;
  padding: 0 1rem;
  cursor: pointer;
}

.reason {
  margin-top: 0.5rem;
  padding: 0.5rem 0.8rem;
  background: var(--accent-wash);
}

.formula {
  font-size: 1.15rem;
  font-style: italic;
}

.reason th {
  border: 0;
  font-weight: 400;
  color: var(--ink);
  padding: 0.15rem 0.6rem 0.15rem 0;
}

.reason td {
  border: 0;
  padding: 0.15rem 0;
}
</style>
