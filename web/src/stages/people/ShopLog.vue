<script setup lang="ts">
import Button from "primevue/button";
import { ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toTime } from "../../units/format";
import { LOG_KINDS, toChanges, toKindWord, toParticulars } from "./words";

/** Who did what and when, newest first. Nothing in it can be changed, not even by the program. */
const PAGE = 60;
const MOST_FIGURES = 6;

const kind = ref<Schemas["LogRow"]["kind"] | "">("");
const { data: rows, failure, load } = useLoad(() => toPage());
const isAll = ref(false);
const problem = ref("");

async function toPage(before?: number) {
  const page = await toData(
    client.GET("/api/log", { params: { query: { kind: kind.value || undefined, before, limit: PAGE } } }),
  );
  isAll.value = page.length < PAGE;
  return page;
}

watch(kind, () => void load());

async function onMore() {
  problem.value = "";
  try {
    const shown = rows.value ?? [];
    rows.value = [...shown, ...(await toPage(shown.at(-1)?.id))];
  } catch (e) {
    problem.value = toMessage(e);
  }
}
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Log</h1>
      <label class="kind"
        >Show
        <select v-model="kind">
          <option value="">everything</option>
          <option v-for="[k, word] in LOG_KINDS" :key="k" :value="k">{{ word }}</option>
        </select>
      </label>
    </div>
    <p v-if="failure || problem" class="failure" role="alert">{{ failure || problem }}</p>
    <p v-if="rows?.length === 0" class="sheet empty">Nothing of that kind was logged yet.</p>
    <table v-else class="plain sheet log">
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">Who</th>
          <th scope="col">What</th>
          <th scope="col">From what to what</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <td class="figures">{{ toTime(row.at) }}</td>
          <td>{{ row.by || "nobody known" }}</td>
          <td>
            {{ toKindWord(row.kind) }}<br />
            <RouterLink v-if="row.axleId" :to="`/axles/${row.axleId}`">{{ row.subject }}</RouterLink>
            <RouterLink v-else-if="row.jobId" :to="`/jobs/${row.jobId}/vehicle`">{{
              row.subject
            }}</RouterLink>
            <strong v-else>{{ row.subject }}</strong>
          </td>
          <td class="what small">
            <p
              v-for="line in toChanges(row.particulars.before, row.particulars.after, MOST_FIGURES)"
              :key="line"
            >
              {{ line }}
            </p>
            <p v-if="toParticulars(row.particulars)" class="soft">{{ toParticulars(row.particulars) }}</p>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="!isAll && rows?.length" class="more">
      <Button label="Show older" severity="secondary" outlined @click="onMore" />
    </p>
  </div>
</template>

<style scoped>
.kind {
  display: inline-flex;
  align-items: center;
  gap: 0.6rem;
}

select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.7rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.log {
  width: 100%;
  table-layout: fixed;
}

.log th:nth-child(1) {
  width: 11rem;
}

.log th:nth-child(2) {
  width: 11rem;
}

.log th:nth-child(3) {
  width: 17rem;
}

.what {
  white-space: normal;
  overflow-wrap: anywhere;
}

.what p {
  margin: 0;
}

.empty {
  padding: 2rem;
}

.more {
  text-align: center;
}
</style>
