<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, onUnmounted, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { useLoad } from "../../shell/useLoad";
import BrakeFigures from "./BrakeFigures.vue";
import BrakeFindings from "./BrakeFindings.vue";
import CircuitSheet from "./CircuitSheet.vue";

const AdhesionChart = defineAsyncComponent(() => import("./AdhesionChart.vue"));

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

const PARTS = [
  { value: "proven", text: "What is proven" },
  { value: "figures", text: "Figures" },
  { value: "adhesion", text: "Front before rear" },
  { value: "circuit", text: "Circuit written down" },
];
const part = ref("proven");
const shown = computed(() => (brakes.value?.seen ? part.value : "circuit"));
const isDark = ref(document.documentElement.classList.contains("dark"));
const lights = new MutationObserver(
  () => (isDark.value = document.documentElement.classList.contains("dark")),
);
onMounted(() => lights.observe(document.documentElement, { attributeFilter: ["class"] }));
onUnmounted(() => lights.disconnect());

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
        <span class="spacer" />
        <RouterLink class="button" :to="`/jobs/${jobId}/vehicle`">Vehicle sheet</RouterLink>
      </div>
      <p class="soft">
        {{
          brakes.kits.length
            ? `As planned: ${brakes.kits.join("; ")}.`
            : "No kit is chosen for any axle: as planned is as found, with what else is planned."
        }}
      </p>
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
            <AdhesionChart v-for="c in brakes.after.curves" :key="c.load" :curve="c" :dark="isDark" />
          </div>
        </template>
      </template>
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
