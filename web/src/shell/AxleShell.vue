<script setup lang="ts">
import { onMounted, provide, ref } from "vue";
import { client, toData } from "../api/client";
import { axleHeadKey, type AxleHead } from "./axleHead";
import StageBar from "./StageBar.vue";

const { axleId } = defineProps<{ axleId: number }>();

const head = ref<AxleHead | null>(null);
provide(axleHeadKey, {
  axleId,
  set: (h: AxleHead) => {
    head.value = h;
  },
});

/** A stage that does not say whose it is leaves the bar to find out. */
onMounted(async () => {
  try {
    const view = await toData(client.GET("/api/axles/{axleId}/around", { params: { path: { axleId } } }));
    head.value ??= view;
  } catch {
    // The stage itself says what is wrong.
  }
});

const STAGES = [
  { to: "measure", label: "Measure" },
  { to: "around", label: "Around" },
  { to: "match", label: "Choose", also: ["search", "what-if"] },
  { to: "section", label: "Section" },
  { to: "order", label: "Order" },
  { to: "bench", label: "Fit" },
];
</script>

<template>
  <StageBar :base="`/axles/${axleId}`" :stages="STAGES" label="Stages of this axle">
    <strong>
      <RouterLink v-if="head?.jobId" :to="`/jobs/${head.jobId}/vehicle`">{{ head.jobTitle }}</RouterLink>
      <template v-else>{{ head?.jobTitle ?? "…" }}</template>
    </strong>
    <span class="soft"> · {{ head?.name }}</span>
    <span v-if="head?.chosenKit" class="soft"> · kit {{ head.chosenKit }}</span>
  </StageBar>
  <RouterView :key="`${axleId}`" />
</template>
