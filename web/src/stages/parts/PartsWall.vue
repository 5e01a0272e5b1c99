<script setup lang="ts">
import Button from "primevue/button";
import InputText from "primevue/inputtext";
import { useToast } from "primevue/usetoast";
import { computed, ref } from "vue";
import { client, Refusal, sendDocument, toData, type Schemas } from "../../api/client";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { ENDS, toWord } from "../vehicle/words";
import { toLength, toMass, toPrice } from "../../units/format";

const session = useSession();
const toast = useToast();
const { data: kits, failure, isLoading, load } = useLoad(() => toData(client.GET("/api/kits")));
const picker = ref<HTMLInputElement | null>(null);
const refusal = ref<Refusal | null>(null);
const wanted = ref("");

const shown = computed(() =>
  (kits.value ?? []).filter((k) =>
    `${k.code} ${k.name} ${k.supplier}`.toLowerCase().includes(wanted.value.trim().toLowerCase()),
  ),
);

async function onImport(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  refusal.value = null;
  try {
    const result = await sendDocument<Schemas["ImportView"]>("/api/kits/import", file);
    toast.add({ severity: "success", summary: `${result.taken} kits imported`, life: 5000 });
    await load();
  } catch (e) {
    refusal.value = e instanceof Refusal ? e : new Refusal(0, toMessage(e));
  } finally {
    input.value = "";
  }
}
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Parts wall</h1>
      <InputText v-model="wanted" placeholder="Find a kit" aria-label="Find a kit" />
      <a class="paper" href="/api/kits/document" download>Export</a>
      <template v-if="session.isLead">
        <input
          ref="picker"
          type="file"
          accept="application/json,.json"
          class="visually-hidden"
          aria-label="Kit document to import"
          tabindex="-1"
          @change="onImport"
        />
        <Button label="Import kits" severity="secondary" outlined @click="picker?.click()" />
      </template>
    </div>
    <ImportReport v-if="refusal" :refusal="refusal" @close="refusal = null" />
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !kits" class="soft">Fetching the kits …</p>
    <p v-else-if="!kits?.length" class="sheet empty">
      The catalogue is empty. A lead can import a kit document.
    </p>
    <table v-else class="plain sheet">
      <thead>
        <tr>
          <th scope="col">Kit</th>
          <th scope="col">For</th>
          <th scope="col">Pattern</th>
          <th scope="col" class="right">Disc</th>
          <th scope="col" class="right">Axle load</th>
          <th scope="col" class="right">Price</th>
          <th scope="col" class="right">Days</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="k in shown" :key="k.code">
          <td>
            <strong>{{ k.code }}</strong> {{ k.name }}<br /><span class="small soft"
              >{{ k.supplier }}<template v-if="!k.hasOutline"> · no caliper outline</template
              ><template v-if="k.missingParts"> · {{ k.missingParts }} parts not in the box</template></span
            >
          </td>
          <td>{{ k.fits.map((f) => toWord(ENDS, f).toLowerCase()).join(", ") }}</td>
          <td class="figures">{{ k.patterns.join(", ") }}</td>
          <td class="right figures">{{ toLength(k.discMm, session.units) }}</td>
          <td class="right figures">{{ toMass(k.ratedLoadKg, session.units) }}</td>
          <td class="right figures">{{ toPrice(k.priceCents) }}</td>
          <td class="right figures">{{ k.leadDays }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.empty {
  padding: 1.5rem;
}

td.right,
th.right {
  text-align: right;
}

.paper {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 1rem;
  border: 1px solid var(--accent);
  text-decoration: none;
  font-weight: 600;
}
</style>
