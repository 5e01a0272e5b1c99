<script setup lang="ts">
import { ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";

/** Who told what of the circuit and when, the newest first; read when it is opened. */
const { jobId, version } = defineProps<{ jobId: number; version: number }>();
const told = ref<Schemas["ToldView"][]>();
const failure = ref("");
const isOpen = ref(false);

async function load() {
  failure.value = "";
  try {
    told.value = await toData(
      client.GET("/api/jobs/{jobId}/brakes/history", { params: { path: { jobId } } }),
    );
  } catch (e) {
    failure.value = toMessage(e);
  }
}

function onToggle(event: Event) {
  isOpen.value = (event.target as HTMLDetailsElement).open;
  if (isOpen.value) void load();
}
watch(
  () => version,
  () => isOpen.value && void load(),
);

function toWhat(c: Schemas["ToldOtherwise"]) {
  return [c.planned && "planned", c.axle, c.what].filter(Boolean).join(", ");
}
</script>

<template>
  <details class="sheet history" @toggle="onToggle">
    <summary>Who told what, and when</summary>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="told && !told.length" class="soft">Nothing was changed since the job was opened.</p>
    <div v-else-if="told" class="scroll" tabindex="0" role="region" aria-label="Changes of the circuit">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
            <th scope="col">Before</th>
            <th scope="col">After</th>
          </tr>
        </thead>
        <tbody v-for="t in told" :key="t.at">
          <tr v-for="(c, i) in t.changes" :key="i">
            <td>{{ i ? "" : new Date(t.at).toLocaleString() }}</td>
            <td>{{ i ? "" : t.by }}</td>
            <th scope="row">{{ toWhat(c) }}</th>
            <td class="figures">{{ c.before || "not told" }}</td>
            <td class="figures">{{ c.after || "not told" }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>

<style scoped>
.history {
  padding: 0.2rem 1rem;
  margin-top: 0.8rem;
}

.scroll {
  overflow: auto;
  max-height: 24rem;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}
</style>
