<script setup lang="ts">
import InputText from "primevue/inputtext";
import { useToast } from "primevue/usetoast";
import { onBeforeUnmount, onMounted, ref, watch } from "vue";
import { RouterLink } from "vue-router";
import { client, toData, type Refusal, type Schemas } from "../../api/client";
import ImportButton from "../../shell/ImportButton.vue";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toLength, toMass, toPrice } from "../../units/format";
import { ENDS, toWord } from "../vehicle/words";

const session = useSession();
const toast = useToast();
const kits = ref<Schemas["KitView"][]>([]);
const total = ref(0);
const failure = ref("");
const isLoading = ref(true);
const refusal = ref<Refusal | null>(null);
const wanted = ref("");
let asked = 0;

async function load(offset = 0) {
  const mine = ++asked;
  isLoading.value = true;
  try {
    const page = await toData(client.GET("/api/kits", { params: { query: { text: wanted.value, offset } } }));
    if (mine !== asked) return;
    kits.value = offset ? [...kits.value, ...page.kits] : page.kits;
    total.value = page.total;
    failure.value = "";
  } catch (e) {
    if (mine === asked) failure.value = toMessage(e);
  } finally {
    if (mine === asked) isLoading.value = false;
  }
}

let typing: ReturnType<typeof setTimeout> | undefined;
watch(wanted, () => {
  clearTimeout(typing);
  typing = setTimeout(() => void load(), 250);
});
onMounted(() => void load());
onBeforeUnmount(() => clearTimeout(typing));

async function onTaken(many: number) {
  toast.add({
    severity: "success",
    summary: many === 1 ? "1 kit imported" : `${many} kits imported`,
    life: 5000,
  });
  await load();
}
</script>

<template>
  <div class="wall-tools no-print">
    <InputText v-model="wanted" placeholder="Find a kit" aria-label="Find a kit" />
    <span v-if="kits.length" class="soft">{{ total }} kits</span>
    <span class="grow"></span>
    <RouterLink v-if="session.isLead" class="paper" to="/parts/sheets/kits/new">New kit</RouterLink>
    <a class="paper" href="/api/kits/document" download>Export</a>
    <ImportButton
      v-if="session.isLead"
      path="/api/kits/import"
      text="Import kits"
      label="Kit document to import"
      @taken="onTaken"
      @refused="refusal = $event"
    />
  </div>
  <ImportReport v-if="refusal" :refusal="refusal" @close="refusal = null" />
  <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
  <p v-else-if="isLoading && !kits.length" class="soft">Fetching the kits …</p>
  <p v-else-if="!kits.length && wanted.trim()" class="sheet empty">
    No kit is called that. Look for part of its code, name or supplier.
  </p>
  <p v-else-if="!kits.length" class="sheet empty">
    The catalogue is empty. A lead can import a kit document.
  </p>
  <template v-else>
    <table class="plain sheet">
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
        <tr v-for="k in kits" :key="k.code">
          <td>
            <RouterLink :to="`/parts/sheets/kits/${k.code}`"
              ><strong>{{ k.code }}</strong></RouterLink
            >
            {{ k.name }}<br /><span class="small soft"
              >{{ k.supplier }}<template v-if="!k.hasOutline"> · no caliper outline</template
              ><template v-if="k.missingParts"> · {{ k.missingParts }} parts not in the box</template></span
            >
          </td>
          <td>{{ k.fits.map((f) => toWord(ENDS, f).toLowerCase()).join(", ") }}</td>
          <td class="figures">
            {{ k.patterns.map((p) => `${p.count} × ${toLength(p.circle, session.units)}`).join(", ") }}
          </td>
          <td class="right figures">{{ toLength(k.discMm, session.units) }}</td>
          <td class="right figures">{{ toMass(k.ratedLoadKg, session.units) }}</td>
          <td class="right figures">{{ toPrice(k.priceCents) }}</td>
          <td class="right figures">{{ k.leadDays }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="kits.length < total" class="more">
      {{ kits.length }} of {{ total }} shown.
      <button type="button" class="plain-button" @click="load(kits.length)">Show more</button>
    </p>
  </template>
</template>

<style scoped>
.right {
  text-align: right;
}

.more {
  padding: 0.8rem 0;
}
</style>
