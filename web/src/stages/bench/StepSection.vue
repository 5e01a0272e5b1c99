<script setup lang="ts">
import { ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import PressedRow from "../../shell/PressedRow.vue";
import { useSession } from "../../shell/session";
import { useLoad } from "../../shell/useLoad";
import SectionDrawing from "../section/SectionDrawing.vue";

/** The wheel's section as chosen, beside a step at which caliper and wheel are looked at together. */
const { axleId, side } = defineProps<{
  axleId: number;
  /** Side of the step; without one, both may be looked at. */
  side: Schemas["SectionView"]["side"] | undefined;
}>();

const session = useSession();
const SIDES = [
  { value: "LEFT" as const, text: "Left" },
  { value: "RIGHT" as const, text: "Right" },
];
const looked = ref<Schemas["SectionView"]["side"]>(side ?? "LEFT");
// the step's words stand without it, and without a connection
const {
  data: section,
  failure,
  load,
} = useLoad(
  () =>
    toData(
      client.GET("/api/axles/{axleId}/section", {
        params: { path: { axleId }, query: { side: looked.value } },
      }),
    ),
  { inUnits: () => session.units },
);
watch(looked, () => {
  section.value = null; // the other side's is not shown under this one's name
  void load();
});
</script>

<template>
  <figure>
    <PressedRow v-if="!side" v-model="looked" :options="SIDES" label="Side of the section" />
    <SectionDrawing v-if="section" :section="section" :other="null" :wear="0" :around="null" />
    <p v-else-if="failure" class="soft">The section cannot be fetched just now.</p>
    <figcaption v-if="section" class="small soft">
      The wheel with what was chosen, {{ looked === "LEFT" ? "left" : "right" }} side, cut at the caliper;
      gaps as measured.
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0.4rem 0 0;
  flex: 1 1 100%;
  max-width: 36rem;
}
</style>
