<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { ref } from "vue";
import { RouterLink } from "vue-router";
import { client, toData, type Refusal } from "../../api/client";
import ImportButton from "../../shell/ImportButton.vue";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { useLoad } from "../../shell/useLoad";
import { toLength, toPrice } from "../../units/format";
import WheelProfileDrawing from "./WheelProfileDrawing.vue";

const session = useSession();
const toast = useToast();
const refusal = ref<Refusal | null>(null);
const { data: wheels, failure, isLoading, load } = useLoad(() => toData(client.GET("/api/wheels")));

async function onTaken(many: number) {
  toast.add({
    severity: "success",
    summary: many === 1 ? "1 wheel imported" : `${many} wheels imported`,
    life: 5000,
  });
  await load();
}
</script>

<template>
  <div class="wall-tools no-print">
    <span class="soft grow">Wheels that could take the place of those found; drawn to one scale.</span>
    <RouterLink v-if="session.isLead" class="paper" to="/parts/sheets/wheels/new">New wheel</RouterLink>
    <a class="paper" href="/api/wheels/document" download>Export</a>
    <ImportButton
      v-if="session.isLead"
      path="/api/wheels/import"
      text="Import wheels"
      label="Wheel document to import"
      @taken="onTaken"
      @refused="refusal = $event"
    />
  </div>
  <ImportReport v-if="refusal" :refusal="refusal" @close="refusal = null" />
  <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
  <p v-else-if="isLoading && !wheels" class="soft">Fetching the wheels …</p>
  <p v-else-if="!wheels?.length" class="sheet empty">
    No wheels yet. A lead can import a wheel document; until then only the wheels found are judged.
  </p>
  <ul v-else class="wheels">
    <li v-for="w in wheels" :key="w.code" class="sheet wheel">
      <WheelProfileDrawing :wheel="w" />
      <div>
        <h2>
          <RouterLink :to="`/parts/sheets/wheels/${w.code}`">{{ w.code }}</RouterLink>
        </h2>
        <p>{{ w.name }}</p>
        <p class="small">
          {{ w.lugs }} × {{ toLength(w.circle, session.units) }}, backspacing
          {{ toLength(w.backspacing, session.units) }}<template v-if="w.seat">, {{ w.seat }} seat</template>
        </p>
        <p class="small soft">{{ w.supplier }}, {{ toPrice(w.pairCents) }} a pair, {{ w.leadDays }} days</p>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.wheels {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(33rem, 1fr));
  gap: 0.8rem;
  list-style: none;
  margin: 0;
  padding: 0;
}

.wheel {
  display: grid;
  grid-template-columns: 15rem 1fr;
  gap: 1rem;
  padding: 0.8rem;
}

.wheel p {
  margin: 0.25rem 0 0;
}

@media (max-width: 620px) {
  .wheels,
  .wheel {
    grid-template-columns: 1fr;
  }
}
</style>
