<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { useLoad } from "../../shell/useLoad";
import BrakeFigures from "./BrakeFigures.vue";
import BrakeFindings from "./BrakeFindings.vue";
import CircuitSheet from "./CircuitSheet.vue";
import PlanParts from "./PlanParts.vue";

const AdhesionChart = defineAsyncComponent(() => import("./AdhesionChart.vue"));
const TryBrakes = defineAsyncComponent(() => import("./TryBrakes.vue"));
const HeatView = defineAsyncComponent(() => import("./HeatView.vue"));

/** The brakes of the whole vehicle: what is proven of the plan, what they do before and after, the circuit written down. */
const { jobId } = defineProps<{ jobId: number }>();
const session = useSession();
const {
  data: brakes,
  failure,
  isLoading,
} = useLoad(() => toData(client.GET("/api/jobs/{jobId}/brakes", { params: { path: { jobId } } })), {
  inUnits: () => session.units,
});

const PARTS = computed(() => [
  { value: "proven", text: "What is proven" },
  { value: "circuit", text: "Circuit" },
  { value: "plan", text: "Parts planned" },
  ...(brakes.value?.trailer
    ? []
    : [
        { value: "adhesion", text: "Brake balance" },
        { value: "pedal", text: "Pedal" },
        { value: "stop", text: "A stop" },
        { value: "heat", text: "Heat" },
      ]),
  { value: "figures", text: "Figures" },
]);
const part = ref("proven");
const shown = computed(() => (brakes.value?.seen ? part.value : "circuit"));

/** What the rear does of the stopping, said honestly where only the rear is converted. */
const rearShare = computed(() => {
  const share = brakes.value?.after?.figures.find((f) => f.id === "REAR_SHARE_AT_0_5_G")?.value;
  const kits = brakes.value?.kits ?? [];
  return share !== undefined && kits.length && kits.every((k) => /rear/i.test(k.split(":")[0] ?? ""))
    ? `Here the rear does ${Math.round(share)} % of the stopping at half a g: discs behind buy easier service and even brakes, and hardly a shorter stop.`
    : "";
});

function onSaved(saved: Schemas["BrakesView"]) {
  brakes.value = saved;
}
</script>

<template>
  <div class="page">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !brakes" class="soft">Working the brakes out …</p>
    <template v-if="brakes">
      <div class="page-head">
        <h1>Brakes of {{ brakes.title }}</h1>
      </div>
      <p class="soft">
        {{
          brakes.kits.length
            ? `As planned: ${brakes.kits.join("; ")}.`
            : "No kit is chosen for any axle: as planned is as found, with what else is planned."
        }}
      </p>
      <p v-if="rearShare" class="soft">{{ rearShare }}</p>
      <p class="caution small">
        Worked out, not tried: try the brakes on a closed yard before the road, and let a licensed inspector
        see them where the law asks for it. Local rules come first.
      </p>
      <PressedRow v-if="brakes.seen" v-model="part" label="Part of the brakes" :options="PARTS" />
      <p v-else class="sheet unseen">
        Nobody looked at the brakes of the whole vehicle yet. Write down what brakes each axle, the master and
        the parking brake.
      </p>
      <p v-if="brakes.problem" class="failure" role="alert">{{ brakes.problem }}</p>
      <template v-if="brakes.before && brakes.after">
        <BrakeFindings
          v-if="shown === 'proven'"
          :before="brakes.before.findings"
          :after="brakes.after.findings"
        />
        <template v-else-if="shown === 'figures'">
          <div class="scroll" tabindex="0" role="region" aria-label="Figures">
            <BrakeFigures :before="brakes.before.figures" :after="brakes.after.figures" />
          </div>
          <details>
            <summary>Assumed, for nobody said ({{ brakes.after.assumed.length }})</summary>
            <ul class="small">
              <li v-for="a in brakes.after.assumed" :key="a">{{ a }}</li>
            </ul>
          </details>
        </template>
        <template v-else-if="shown === 'adhesion'">
          <p class="soft">
            The axle that uses more adhesion locks first. The front must be above the rear between 0.15 and
            0.8 g, and neither above the published limit. Bands are the doubt.
          </p>
          <p v-if="!brakes.after.curves.some((c) => c.points.length)" class="sheet unseen">
            Nothing to draw:
            {{ brakes.trailer ? "a trailer's share hangs on its coupling" : "figures are wanted" }}.
          </p>
          <div class="curves">
            <AdhesionChart
              v-for="c in brakes.after.curves"
              :key="c.load"
              :before="brakes.before.curves.find((b) => b.load === c.load)"
              :after="c"
            />
          </div>
        </template>
      </template>
      <PlanParts v-if="shown === 'plan'" :brakes="brakes" @saved="onSaved" />
      <TryBrakes
        v-else-if="shown === 'pedal' || shown === 'stop'"
        :key="shown"
        :brakes="brakes"
        :show="shown"
      />
      <HeatView v-else-if="shown === 'heat'" :brakes="brakes" />
      <CircuitSheet v-if="shown === 'circuit'" :brakes="brakes" @saved="onSaved" />
    </template>
  </div>
</template>

<style scoped>
.scroll {
  overflow: auto;
}

.unseen {
  padding: 0.8rem 1rem;
}

.curves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(26rem, 1fr));
  gap: 1rem;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}

@media (max-width: 700px) {
  .curves {
    grid-template-columns: 1fr;
  }
}
</style>
