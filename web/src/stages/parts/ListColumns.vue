<script setup lang="ts">
import Button from "primevue/button";
import { ref, watch } from "vue";
import type { Schemas } from "../../api/client";
import { toChoices, toColumns, toRemembered, toUnit, type Choice } from "./listColumns";
import type { Columns, PriceList } from "./usePriceList";

/** What each column of a list tells, beside some of what stands in it. */
const { list, terms, sorts, suppliers, isBusy } = defineProps<{
  list: PriceList;
  terms: Schemas["ListTerms"];
  sorts: Schemas["SortView"][];
  suppliers: string[];
  isBusy: boolean;
}>();
const emit = defineEmits<{ look: [columns: Columns] }>();
const headings = list.headings.map((h) => h.heading);
const supplier = ref(list.columns.supplier);
const sort = ref<Columns["sort"] | "">(list.columns.sort ?? "");
const choices = ref<Choice[]>(toChoices(headings, list.columns));

function onField(choice: Choice) {
  choice.unit = toUnit(choice.field, choice.unit, terms.fields);
}

function unitsOf(choice: Choice): string[] {
  return terms.fields.find((f) => f.key === choice.field)?.units ?? [];
}

watch(supplier, (name) => {
  const told = toRemembered(name, headings, terms.remembered);
  if (!told) return;
  choices.value = toChoices(headings, told);
  sort.value = told.sort ?? "";
});
</script>

<template>
  <form class="sheet columns" @submit.prevent="emit('look', toColumns(supplier, sort, choices))">
    <h2>What its columns tell</h2>
    <p class="soft">
      Kept for the supplier’s next list. A length or pressure may stand in two columns, one a unit: where both
      contradict each other, neither is taken.
    </p>
    <div class="heads">
      <label
        >Supplier
        <input v-model="supplier" maxlength="80" list="list-suppliers" required autocomplete="off" />
      </label>
      <datalist id="list-suppliers">
        <option v-for="s in suppliers" :key="s" :value="s" />
      </datalist>
      <label
        >Sort of new parts
        <select v-model="sort">
          <option value="">as the rows say</option>
          <option v-for="s in sorts" :key="s.sort" :value="s.sort">{{ s.title }}</option>
        </select>
      </label>
    </div>
    <div class="scroll" role="region" aria-label="Columns" tabindex="0">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Column</th>
            <th scope="col">Stands in it</th>
            <th scope="col">Tells</th>
            <th scope="col">Unit</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(c, i) in choices" :key="i">
            <th scope="row">{{ c.heading || `column ${i + 1}` }}</th>
            <td class="small figures samples">{{ list.headings[i]?.samples.join(" · ") }}</td>
            <td>
              <select
                v-model="c.field"
                :aria-label="`${c.heading} tells`"
                :disabled="!c.heading"
                @change="onField(c)"
              >
                <option value="">nothing we keep</option>
                <option v-for="f in terms.fields" :key="f.key" :value="f.key">{{ f.title }}</option>
              </select>
            </td>
            <td>
              <select v-if="unitsOf(c).length" v-model="c.unit" :aria-label="`Unit of ${c.heading}`">
                <option v-for="u in unitsOf(c)" :key="u" :value="u">{{ u }}</option>
              </select>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <Button type="submit" label="See what it would do" :loading="isBusy" />
  </form>
</template>

<style scoped>
.columns {
  padding: 1rem;
  margin-bottom: 1rem;
  max-width: none;
}

.heads {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 2rem;
  margin: 0.8rem 0;
}

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

.scroll {
  overflow-x: auto;
  margin-bottom: 1rem;
}

.samples {
  max-width: 28rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
