<script setup lang="ts">
import { onMounted, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toSideWord } from "../../verdict/words";
import type { SideText } from "./useAround";

/** Another wheel of the job whose surroundings are taken as a beginning. */
const { jobId, axleId, side, left, right } = defineProps<{
  jobId: number;
  axleId: number;
  side: "LEFT" | "RIGHT";
  left: SideText;
  right: SideText;
}>();
const emit = defineEmits<{ copied: [from: SideText, name: string]; failed: [why: unknown] }>();

const others = ref<Schemas["AxleCard"][]>([]);
const picked = ref("");

onMounted(async () => {
  try {
    const job = await toData(client.GET("/api/jobs/{id}/vehicle", { params: { path: { id: jobId } } }));
    others.value = job.axles.filter((a) => a.id !== axleId);
  } catch {
    // the other side can be copied all the same
  }
});

watch(picked, async (key) => {
  if (!key) return;
  picked.value = "";
  const [axle, of] = key.split(":");
  try {
    if (axle === "here") return emit("copied", side === "LEFT" ? right : left, "the other side");
    const view = await toData(
      client.GET("/api/axles/{axleId}/around", { params: { path: { axleId: Number(axle) } } }),
    );
    emit("copied", of === "LEFT" ? view.left : view.right, `${view.name}, ${of?.toLowerCase()}`);
  } catch (e) {
    emit("failed", e);
  }
});
</script>

<template>
  <select v-model="picked" class="plain-button" aria-label="Copy from">
    <option value="">Copy from …</option>
    <option value="here:other">the other side</option>
    <template v-for="a in others" :key="a.id">
      <option v-for="s in ['LEFT', 'RIGHT'] as const" :key="s" :value="`${a.id}:${s}`">
        {{ a.name }}, {{ toSideWord(s) }}
      </option>
    </template>
  </select>
</template>
