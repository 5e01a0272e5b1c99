<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { onMounted, ref } from "vue";
import { RouterLink } from "vue-router";
import { client, toData, type Refusal, type Schemas } from "../../api/client";
import ImportButton from "../../shell/ImportButton.vue";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toPrice } from "../../units/format";

/** Parts that could be bought besides kits and wheels, and how many of each stand on the shop's own shelf. */
type Part = Schemas["PartView"];
const PAGE = 50;
/** How long typing rests before it is searched (ms). */
const REST = 250;
const session = useSession();
const toast = useToast();
const refusal = ref<Refusal | null>(null);
const problem = ref("");
const sorts = ref<Schemas["SortView"][]>([]);
const sort = ref<Part["sort"] | "">("");
const text = ref("");
const parts = ref<Part[]>([]);
const isMore = ref(false);
const isBusy = ref(true);

let ticket = 0;
/** From the start, or what comes after the last one shown. */
async function fetchPage(after: string) {
  const mine = ++ticket;
  isBusy.value = true;
  problem.value = "";
  try {
    const page = await toData(
      client.GET("/api/parts", {
        params: { query: { sort: sort.value || undefined, text: text.value, after, limit: PAGE } },
      }),
    );
    if (mine !== ticket) return;
    parts.value = after ? [...parts.value, ...page] : page;
    isMore.value = page.length === PAGE;
  } catch (e) {
    if (mine === ticket) problem.value = toMessage(e);
  } finally {
    if (mine === ticket) isBusy.value = false;
  }
}

let resting = 0;
function onType() {
  clearTimeout(resting);
  resting = window.setTimeout(() => void fetchPage(""), REST);
}

async function onCount(part: Part, field: HTMLInputElement) {
  const pieces = Number(field.value.trim());
  if (!/^\d{1,6}$/.test(field.value.trim())) {
    problem.value = `On the shelf of ${part.code}: “${field.value}” is no count. Write how many there are, such as 4.`;
    return;
  }
  if (pieces === part.onShelf) return;
  problem.value = "";
  try {
    const now = await toData(
      client.PUT("/api/parts/{code}/stock", {
        params: { path: { code: part.code } },
        body: { seen: part.onShelf, pieces },
      }),
    );
    parts.value = parts.value.map((p) => (p.code === now.code ? now : p));
    toast.add({ severity: "success", summary: `${now.onShelf} × ${now.code} on the shelf`, life: 3000 });
  } catch (e) {
    await fetchPage("");
    problem.value = toMessage(e);
  }
}

async function onTaken(many: number) {
  toast.add({ severity: "success", summary: `${many} parts imported`, life: 5000 });
  await fetchPage("");
}

onMounted(async () => {
  void fetchPage("");
  try {
    sorts.value = await toData(client.GET("/api/parts/sorts"));
  } catch (e) {
    problem.value = toMessage(e);
  }
});
</script>

<template>
  <div class="wall-tools no-print">
    <label class="grow"
      >Find
      <input v-model="text" maxlength="60" placeholder="code, name or supplier" @input="onType" />
    </label>
    <label
      >Sort
      <select v-model="sort" @change="fetchPage('')">
        <option value="">all</option>
        <option v-for="s in sorts" :key="s.sort" :value="s.sort">{{ s.title }}</option>
      </select>
    </label>
    <RouterLink v-if="session.isLead" class="paper" to="/parts/sheets/parts/new">New part</RouterLink>
    <a class="paper" href="/api/parts/table.xlsx" download>XLSX</a>
    <a class="paper" href="/api/parts/table.csv" download>CSV</a>
    <a class="paper" href="/api/parts/document" download>JSON</a>
    <ImportButton
      v-if="session.isLead"
      path="/api/parts/import"
      text="Import parts"
      label="Parts document to import"
      @taken="onTaken"
      @refused="refusal = $event"
    />
  </div>
  <ImportReport v-if="refusal" :refusal="refusal" @close="refusal = null" />
  <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
  <p v-if="!parts.length && !isBusy" class="sheet empty">
    {{
      text || sort
        ? "No part is called so. Write less, or choose all sorts."
        : "No parts yet. A lead can import a parts document; until then what a kit lacks has no price."
    }}
  </p>
  <div v-if="parts.length" class="sheet scroll" role="region" aria-label="Parts" tabindex="0">
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Part</th>
          <th scope="col">What it is</th>
          <th scope="col">Figures</th>
          <th scope="col">Supplier</th>
          <th scope="col" class="right">Price</th>
          <th scope="col" class="right">Days</th>
          <th scope="col" class="right">On the shelf</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in parts" :key="p.code">
          <th scope="row">
            <RouterLink :to="`/parts/sheets/parts/${p.code}`">{{ p.code }}</RouterLink>
          </th>
          <td>
            {{ p.name }}<template v-if="p.size">, {{ p.size }}</template>
            <span class="soft small">{{ p.sortTitle }}</span>
          </td>
          <td class="small">{{ p.tells.join("; ") }}</td>
          <td>{{ p.supplier }}</td>
          <td class="right figures">{{ toPrice(p.cents) }}</td>
          <td class="right figures">{{ p.leadDays }}</td>
          <td class="right figures">
            <input
              v-if="session.mayChange"
              class="count"
              inputmode="numeric"
              maxlength="6"
              :value="p.onShelf"
              :aria-label="`${p.code} on the shelf`"
              @change="onCount(p, $event.target as HTMLInputElement)"
            />
            <template v-else>{{ p.onShelf }}</template>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <p v-if="isBusy" class="soft">Fetching the parts …</p>
  <button v-else-if="isMore" type="button" class="plain-button" @click="fetchPage(parts.at(-1)?.code ?? '')">
    Show more
  </button>
</template>

<style scoped>
label {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
}

input,
select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

label input {
  width: min(22rem, 100%);
}

.count {
  width: 5rem;
  text-align: right;
}

.scroll {
  overflow-x: auto;
  max-width: none;
  padding: 0;
  margin-bottom: 0.6rem;
}

.right {
  text-align: right;
}

td .soft {
  display: block;
}
</style>
