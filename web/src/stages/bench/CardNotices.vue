<script setup lang="ts">
import Button from "primevue/button";
import type { Schemas } from "../../api/client";
import { toTime } from "../../units/format";
import OverturnedAlarm from "../../verdict/OverturnedAlarm.vue";
import type { WaitingTick } from "./useBenchCard";

/** What stands in the way of the card: no connection, no order, parts that did not come, a plan that changed. */
const { card, oldSince, isCutOff, waiting, mayChange } = defineProps<{
  card: Schemas["BenchView"];
  oldSince: string;
  isCutOff: boolean;
  waiting: WaitingTick[];
  mayChange: boolean;
}>();
const emit = defineEmits<{ drop: [id: string]; revise: [] }>();
</script>

<template>
  <p v-if="oldSince || isCutOff" class="caution" role="status">
    No connection<template v-if="oldSince">: this is the card as it was {{ toTime(oldSince) }}</template
    >. Go on; what you tick waits here and is sent when the server is reached.
  </p>
  <section v-if="waiting.length" class="sheet waiting" aria-label="Ticks that wait">
    <template v-for="t in waiting" :key="t.id">
      <p v-if="t.refusal" class="failure" role="alert">
        {{ t.title }} was not taken: {{ t.refusal }}
        <button type="button" class="plain-button" @click="emit('drop', t.id)">
          Drop it and what came after
        </button>
      </p>
      <p v-else>
        <strong>{{ t.title }}</strong>, ticked {{ toTime(t.at) }}, waits to be sent.
      </p>
    </template>
  </section>
  <p v-if="!card.ordered" class="caution">
    Kit {{ card.kit }} is not ordered yet: the card can be read, but nothing can be ticked. Do not take the
    vehicle apart for it.
  </p>
  <OverturnedAlarm :alarms="card.alarms" what="The order was placed by verdicts that do not hold any more" />
  <details v-if="card.missing.length" class="caution changes">
    <summary>
      Not here yet, or not good when tried: {{ card.missing.length }} of what was ordered. Begin nothing that
      leaves the vehicle in pieces without them.
    </summary>
    <ul>
      <li v-for="m in card.missing" :key="m">{{ m }}</li>
    </ul>
    <RouterLink :to="`/axles/${card.axleId}/order`">To the order</RouterLink>
  </details>
  <section v-if="card.changes.length" class="caution changes">
    <p>
      <strong>The work would be planned otherwise now.</strong> The card shows the plan as ordered (revision
      {{ card.revision }}); ticks stay with their steps.
    </p>
    <ul>
      <li v-for="c in card.changes" :key="c">{{ c }}</li>
    </ul>
    <Button
      v-if="mayChange"
      label="Take the new plan"
      severity="secondary"
      outlined
      @click="emit('revise')"
    />
  </section>
  <p v-if="card.newerEdition" class="caution">{{ card.newerEdition }}</p>
</template>

<style scoped>
.waiting {
  padding: 0.5rem 1rem;
  margin-bottom: 0.8rem;
}

.waiting p {
  margin: 0.2rem 0;
}

.changes {
  margin-bottom: 1rem;
}

.changes p,
.changes ul {
  margin: 0.2rem 0 0.5rem;
}
</style>
