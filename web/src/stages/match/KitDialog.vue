<script setup lang="ts">
import Button from "primevue/button";
import Dialog from "primevue/dialog";
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toPrice } from "../../units/format";
import FindingText from "../../verdict/FindingText.vue";
import OpenBrakes from "../../verdict/OpenBrakes.vue";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toVerdictWord } from "../../verdict/words";
import DonorLooks from "./DonorLooks.vue";
import TemplateMenu from "./TemplateMenu.vue";
import type { CheckId } from "./useMatch";

/** Everything found about one kit, or about one of its checks. */
const { report, chosen, axleId } = defineProps<{
  report: Schemas["KitReportView"] | null;
  chosen: boolean;
  axleId: number;
}>();
const emit = defineEmits<{ choose: [kit: string | undefined]; section: [kit: string]; seen: [] }>();
const visible = defineModel<boolean>("visible", { required: true });
const focus = defineModel<CheckId | null>("focus", { required: true });
const session = useSession();

const findings = computed(() => {
  const all = report?.findings ?? [];
  return focus.value ? all.filter((f) => f.check === focus.value) : all;
});
const facts = computed(() => {
  if (!report) return [];
  const all = [
    `In the box: ${report.box.join(", ") || "not said"}.`,
    report.missing.length ? `Not in the box: ${report.missing.join(", ")}.` : "",
    `Parking: ${report.parkingBrake || "not said"}. ${report.reversible ? "Drums can go back." : "Drums cannot go back."}`,
    `Bracket: ${report.bracket}.`,
    report.needs.length ? `Needs: ${report.needs.join("; ")}.` : "",
    report.options.length
      ? `Options: ${report.options.map((o) => `${o.name} (${toPrice(o.priceCents)})`).join(", ")}.`
      : "",
  ];
  return all.filter(Boolean);
});
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    :header="report ? `${report.code} · ${report.name}` : ''"
    :style="{ width: 'min(56rem, 96vw)' }"
  >
    <template v-if="report">
      <p class="head">
        <VerdictMark :verdict="report.verdict" :size="22" />
        <strong>{{ toVerdictWord(report.verdict) }}</strong>
        <span class="soft"
          >{{ report.supplier }} · kit {{ toPrice(report.priceCents) }} · full cost
          {{ toPrice(report.fullCents) }} · {{ report.leadDays }} days</span
        >
      </p>
      <template v-if="!focus">
        <p v-for="f in facts" :key="f" class="small">{{ f }}</p>
        <p v-for="c in report.contradictions" :key="c" class="caution small">{{ c }}</p>
        <p v-for="n in report.notes" :key="n" class="small soft">{{ n }}</p>
        <div v-if="report.brakes">
          <p class="head">
            <VerdictMark :verdict="report.brakes.verdict" />
            <strong>Brakes of the vehicle with it: {{ toVerdictWord(report.brakes.verdict) }}</strong>
          </p>
          <OpenBrakes :findings="report.brakes.open" />
        </div>
        <TemplateMenu :kit="report.code" :has-outline="report.hasOutline" />
      </template>
      <DonorLooks
        v-if="report.asksForDonor && (!focus || focus === 'DONOR')"
        :axle-id="axleId"
        :kit="report.code"
        @seen="emit('seen')"
      />
      <FindingText v-for="f in findings" :key="f.check + f.side" :finding="f" />
      <button v-if="focus" type="button" class="plain-button" @click="focus = null">Show all checks</button>
    </template>
    <template #footer>
      <Button
        label="Wheel section"
        severity="secondary"
        outlined
        @click="report && emit('section', report.code)"
      />
      <Button
        v-if="session.mayChange && report && chosen"
        label="Take the choice back"
        severity="secondary"
        outlined
        @click="emit('choose', undefined)"
      />
      <Button
        v-else-if="session.mayChange && report"
        label="Choose this kit"
        @click="emit('choose', report.code)"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  flex-wrap: wrap;
  margin: 0 0 0.4rem;
}

.small {
  margin: 0.3rem 0;
}
</style>
