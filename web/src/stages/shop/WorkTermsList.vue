<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { onMounted, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";

/** What each kind of work takes in this shop; every comparison and order sheet reckons with it. */
type Row = Schemas["WorkTermsView"];

const session = useSession();
const toast = useToast();
const works = ref<Row[]>([]);
const failure = ref("");

onMounted(async () => {
  try {
    works.value = await toData(client.GET("/api/work-terms"));
  } catch (e) {
    failure.value = toMessage(e);
  }
});

async function onSet(row: Row, terms: Schemas["OwnTerms"] | undefined) {
  try {
    works.value = await toData(
      client.PUT("/api/work-terms/{kind}", {
        params: { path: { kind: row.kind } },
        body: { version: row.version, terms },
      }),
    );
    toast.add({ severity: "success", summary: "Set; costs are reckoned with it from now on", life: 4000 });
  } catch (e) {
    toast.add({ severity: "error", summary: "Not set", detail: toMessage(e), life: 9000 });
    works.value = await toData(client.GET("/api/work-terms"));
  }
}

function typed(event: Event) {
  return (event.target as HTMLInputElement).value.trim().replace(",", ".");
}

function price(cents: number) {
  return (cents / 100).toFixed(2);
}

function onNumber(row: Row, field: "minutes" | "days", event: Event) {
  const value = typed(event);
  void onSet(row, {
    ...row.terms,
    [field]: value === "" ? row.defaultTerms[field] : Math.round(Number(value)),
  });
}

function onPrice(row: Row, event: Event) {
  const value = typed(event);
  void onSet(row, {
    ...row.terms,
    cents: value === "" ? row.defaultTerms.cents : Math.round(Number(value) * 100),
  });
}
</script>

<template>
  <section>
    <h2>What work takes</h2>
    <p class="small soft">
      For one side. Usual terms are common practice; the lead sets the shop's own. An emptied field goes back
      to usual.
    </p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <div class="sheet scroll" tabindex="0" role="region" aria-label="Terms of work">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Work</th>
            <th scope="col">Who does it</th>
            <th scope="col">Own time, min</th>
            <th scope="col">Price</th>
            <th scope="col">Days</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="w in works" :key="w.kind" :class="{ set: w.own }">
            <th scope="row">{{ w.title }}</th>
            <td>
              <input
                type="text"
                class="who"
                :value="w.terms.who"
                :disabled="!session.isLead"
                :aria-label="`${w.title}: who does it`"
                @change="onSet(w, { ...w.terms, who: typed($event) || w.defaultTerms.who })"
              />
            </td>
            <td>
              <input
                type="text"
                inputmode="numeric"
                :value="w.terms.minutes"
                :disabled="!session.isLead"
                :aria-label="`${w.title}: own time in minutes`"
                @change="onNumber(w, 'minutes', $event)"
              />
            </td>
            <td>
              <input
                type="text"
                inputmode="decimal"
                :value="price(w.terms.cents)"
                :disabled="!session.isLead"
                :aria-label="`${w.title}: price`"
                @change="onPrice(w, $event)"
              />
            </td>
            <td>
              <input
                type="text"
                inputmode="numeric"
                :value="w.terms.days"
                :disabled="!session.isLead"
                :aria-label="`${w.title}: working days`"
                @change="onNumber(w, 'days', $event)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.scroll {
  overflow: auto;
}

th[scope="row"] {
  font-weight: 400;
  color: var(--ink);
}

.set th,
.set input {
  font-weight: 600;
}

input {
  font: inherit;
  width: 5.5rem;
  min-height: 44px;
  padding: 0 0.4rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.who {
  width: 100%;
  min-width: 15rem;
}
</style>
