<script setup lang="ts">
import Button from "primevue/button";
import { ref } from "vue";
import { RouterLink, useRouter } from "vue-router";
import { client, Refusal, sendBody, toData, type Schemas } from "../../api/client";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toPhaseWord } from "./listWords";

/** Price lists brought lately, and the way to bring another. */
const session = useSession();
const router = useRouter();
const picker = ref<HTMLInputElement | null>(null);
const isBusy = ref(false);
const refusal = ref<Refusal | null>(null);
const { data: lists, failure, isLoading } = useLoad(() => toData(client.GET("/api/price-lists")));

async function onPick(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  refusal.value = null;
  isBusy.value = true;
  try {
    const list = await sendBody<Schemas["PriceListView"]>(
      `/api/price-lists/import?file=${encodeURIComponent(file.name)}`,
      "application/octet-stream",
      file,
    );
    await router.push(`/parts/lists/${list.id}`);
  } catch (e) {
    refusal.value = e instanceof Refusal ? e : new Refusal(0, toMessage(e));
  } finally {
    isBusy.value = false;
    input.value = "";
  }
}
</script>

<template>
  <div class="wall-tools no-print">
    <span class="soft grow"
      >A supplier’s list as CSV or XLSX, its first line the headings. Of kits it tells price and days. Nothing
      is changed before you have seen what it would do.</span
    >
    <template v-if="session.isLead">
      <input
        ref="picker"
        type="file"
        accept=".csv,.txt,.tsv,.xlsx,text/csv"
        class="visually-hidden"
        aria-label="Price list to bring"
        tabindex="-1"
        @change="onPick"
      />
      <Button label="Bring a price list" :loading="isBusy" @click="picker?.click()" />
    </template>
  </div>
  <ImportReport v-if="refusal" :refusal="refusal" @close="refusal = null" />
  <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
  <p v-else-if="isLoading && !lists" class="soft">Fetching the lists …</p>
  <p v-else-if="!lists?.length" class="sheet empty">
    No price list has been brought yet. {{ session.isLead ? "" : "A lead can bring one." }}
  </p>
  <table v-else class="plain sheet">
    <thead>
      <tr>
        <th scope="col">List</th>
        <th scope="col">Supplier</th>
        <th scope="col" class="right">Rows</th>
        <th scope="col">How far</th>
        <th scope="col">Brought</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="l in lists" :key="l.id">
        <th scope="row">
          <RouterLink :to="`/parts/lists/${l.id}`" class="open">{{ l.file }}</RouterLink>
        </th>
        <td>{{ l.columns.supplier }}</td>
        <td class="right figures">{{ l.rows }}</td>
        <td>{{ toPhaseWord(l) }}</td>
        <td class="figures">{{ new Date(l.startedAt).toLocaleString() }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.right {
  text-align: right;
}

.open {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
</style>
