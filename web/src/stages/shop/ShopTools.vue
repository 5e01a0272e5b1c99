<script setup lang="ts">
import { computed, ref } from "vue";
import { client, Refusal, sendDocument, toData, type Schemas } from "../../api/client";
import ImportReport from "../../shell/ImportReport.vue";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import LimitList from "./LimitList.vue";
import ShopCard from "./ShopCard.vue";
import WorkTermsList from "./WorkTermsList.vue";

/** The shop's instruments with their calibration, and the tables parts are told by. */
const session = useSession();
const { data: instruments, failure } = useLoad(() => toData(client.GET("/api/instruments")));
const { data: families, load: loadFamilies } = useLoad(() => toData(client.GET("/api/families")));

const drafts = ref<Record<string, { halfLimit: string; due: string }>>({});
const message = ref("");
const refusal = ref<Refusal | null>(null);
const picker = ref<HTMLInputElement | null>(null);
const wanted = ref("");
const done = ref("");

const shown = computed(() =>
  (families.value ?? []).filter((f) =>
    `${f.tableTitle} ${f.name} ${f.figures}`.toLowerCase().includes(wanted.value.trim().toLowerCase()),
  ),
);

function toDraft(card: Schemas["InstrumentCard"]) {
  return (drafts.value[card.id] ??= {
    halfLimit: card.halfLimit === undefined ? "" : `${card.halfLimit} mm`,
    due: card.due ?? "",
  });
}

async function onSave(card: Schemas["InstrumentCard"]) {
  message.value = "";
  const draft = toDraft(card);
  try {
    instruments.value = await toData(
      client.PUT("/api/instruments/{id}", {
        params: { path: { id: card.id } },
        body: { version: card.version, halfLimit: draft.halfLimit, due: draft.due || undefined },
      }),
    );
    drafts.value = {};
  } catch (e) {
    message.value = `${card.title}: ${toMessage(e)}`;
  }
}

async function onImport(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  refusal.value = null;
  done.value = "";
  try {
    const result = await sendDocument<Schemas["FamiliesTaken"]>("/api/families/import", file);
    done.value = `${result.taken} families imported.`;
    await loadFamilies();
  } catch (e) {
    refusal.value = e instanceof Refusal ? e : new Refusal(0, toMessage(e));
  } finally {
    input.value = "";
  }
}
</script>

<template>
  <div class="page">
    <div class="page-head"><h1>Tools and tables</h1></div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <ShopCard />
    <section>
      <h2>Instruments</h2>
      <p class="soft small">
        The half-limit of an instrument's error goes into every doubt. Without a certificate the usual one is
        taken (common practice).
      </p>
      <p v-if="message" class="failure" role="alert">{{ message }}</p>
      <table class="plain sheet">
        <thead>
          <tr>
            <th scope="col">Instrument</th>
            <th scope="col" class="right">Usual half-limit</th>
            <th scope="col">Half-limit by certificate</th>
            <th scope="col">Calibration due</th>
            <th scope="col"><span class="visually-hidden">Save</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="card in instruments" :key="card.id">
            <td>
              {{ card.title }}
              <p v-if="card.warning" class="failure small">{{ card.warning }}</p>
            </td>
            <td class="right figures">± {{ card.defaultHalfLimit.toFixed(3) }} mm</td>
            <td>
              <input
                v-model="toDraft(card).halfLimit"
                :aria-label="`Half-limit of the ${card.title}`"
                :disabled="!session.isLead"
                placeholder="usual"
                maxlength="60"
              />
            </td>
            <td>
              <input
                v-model="toDraft(card).due"
                type="date"
                :aria-label="`Calibration of the ${card.title} due`"
                :disabled="!session.isLead"
              />
            </td>
            <td>
              <button
                v-if="session.isLead"
                type="button"
                :aria-label="`Save ${card.title}`"
                @click="onSave(card)"
              >
                Save
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <LimitList />
    <WorkTermsList />
    <section>
      <div class="page-head">
        <h2>What parts are told by</h2>
        <span class="spacer" />
        <input v-model="wanted" aria-label="Find a family" placeholder="Find a family" />
        <a class="button" href="/api/families/document" download>Own families, CSV</a>
        <template v-if="session.isLead">
          <button type="button" @click="picker?.click()">Import families</button>
          <input
            ref="picker"
            type="file"
            accept=".csv,.json,text/csv,application/json"
            class="visually-hidden"
            tabindex="-1"
            aria-label="Families to import"
            @change="onImport"
          />
        </template>
      </div>
      <ImportReport v-if="refusal" :refusal="refusal" @close="refusal = null" />
      <p v-if="done" role="status">{{ done }}</p>
      <table class="plain sheet">
        <thead>
          <tr>
            <th scope="col">Table</th>
            <th scope="col">Name</th>
            <th scope="col">Figures (mm)</th>
            <th scope="col">Source</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="f in shown" :key="`${f.table}${f.name}`">
            <td>{{ f.tableTitle }}</td>
            <td>
              <strong>{{ f.name }}</strong> <span v-if="f.own" class="soft small">own</span>
            </td>
            <td class="figures wrap">{{ f.figures.replaceAll("+-", "±") }}</td>
            <td class="soft small">{{ f.source }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
section + section {
  margin-top: 1.4rem;
}

.spacer {
  flex: 1;
}

input,
button,
.button {
  font: inherit;
  min-height: 44px;
  padding: 0 0.7rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

button,
.button {
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  border-color: var(--accent);
  color: var(--accent);
}

input:disabled {
  border-color: var(--line);
}

td p {
  margin: 0;
}

.wrap {
  white-space: normal;
}
</style>
