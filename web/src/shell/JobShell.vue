<script setup lang="ts">
import { client, toData } from "../api/client";
import StageBar from "./StageBar.vue";
import { useLoad } from "./useLoad";

/** What is done once for the vehicle, whatever axle is worked on. */
const { jobId } = defineProps<{ jobId: number }>();
const { data: job } = useLoad(() =>
  toData(client.GET("/api/jobs/{id}/vehicle", { params: { path: { id: jobId } } })),
);

const STAGES = [
  { to: "vehicle", label: "Vehicle" },
  { to: "brakes", label: "Brakes" },
  { to: "bleed", label: "Bleed" },
  { to: "road", label: "Road" },
];
</script>

<template>
  <StageBar :base="`/jobs/${jobId}`" :stages="STAGES" label="Stages of this vehicle">
    <strong>{{ job?.title ?? "…" }}</strong>
    <template v-for="a in job?.axles ?? []" :key="a.id">
      <span class="soft"> · </span><RouterLink :to="`/axles/${a.id}`">{{ a.name }}</RouterLink>
    </template>
  </StageBar>
  <RouterView :key="jobId" />
</template>
