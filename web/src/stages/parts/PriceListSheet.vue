<script setup lang="ts">
import Button from "primevue/button";
import { computed, onMounted, ref, watch } from "vue";
import { RouterLink } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import ListColumns from "./ListColumns.vue";
import ListEffect from "./ListEffect.vue";
import { toPhaseWord, toRows } from "./listWords";
import { usePriceList } from "./usePriceList";

/** One price list: its columns are told, what it would do is seen, then it is taken, all of it. */
const { listId } = defineProps<{ listId: string }>();
const session = useSession();
const { list, problem, isSending, load, look, take, stop } = usePriceList(listId);
const terms = ref<Schemas["ListTerms"] | null>(null);
const sorts = ref<Schemas["SortView"][]>([]);
const suppliers = ref<string[]>([]);
const isUnderWay = computed(() => list.value?.phase === "LOOKING" || list.value?.phase === "TAKING");
const isChoosing = ref(false);
const fresh = computed(() => (list.value?.report?.added ?? 0) + (list.value?.report?.changed ?? 0));

watch(
  () => list.value?.phase,
  (phase) => {
    isChoosing.value = phase === "OPEN" || (phase === "STOPPED" && !list.value?.report);
  },
);

onMounted(async () => {
  void load();
  try {
    const [t, s, all] = await Promise.all([
      toData(client.GET("/api/price-lists/terms")),
      toData(client.GET("/api/parts/sorts")),
      toData(client.GET("/api/suppliers")),
    ]);
    terms.value = t;
    sorts.value = s;
    suppliers.value = all.map((one) => one.name);
  } catch (e) {
    problem.value = toMessage(e);
  }
});
</script>

<template>
  <div class="wall-tools no-print">
    <RouterLink to="/parts/lists" class="paper">All lists</RouterLink>
    <h2 v-if="list" class="grow title">
      {{ list.file }} <span class="soft">{{ toRows(list.rows) }}, {{ toPhaseWord(list) }}</span>
    </h2>
  </div>
  <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
  <p v-if="list?.said" class="failure" role="alert">{{ list.said }}</p>
  <template v-if="list && terms">
    <ListColumns
      v-if="isChoosing && session.isLead"
      :key="list.id"
      :list="list"
      :terms="terms"
      :sorts="sorts"
      :suppliers="suppliers"
      :is-busy="isSending"
      @look="look"
    />
    <section v-if="isUnderWay" class="sheet work">
      <p>
        {{ list.phase === "LOOKING" ? "Held against the catalogue" : "Taken into the catalogue" }}:
        <span class="figures">{{ list.done }}</span> of <span class="figures">{{ list.rows }}</span> rows
      </p>
      <progress :value="list.done" :max="list.rows" aria-label="Rows gone through" />
      <Button
        v-if="session.isLead"
        label="Stop, take nothing"
        severity="secondary"
        outlined
        :loading="isSending"
        @click="stop"
      />
    </section>
    <section v-else-if="list.report && !isChoosing" class="sheet effect" aria-live="polite">
      <ListEffect :report="list.report" :is-taken="list.phase === 'TAKEN'" />
      <p v-if="list.report.refused && list.phase === 'LOOKED'" class="held">
        A list is taken whole or not at all. Mend {{ toRows(list.report.refused) }} in the file and bring it
        again, or tell the columns anew.
      </p>
      <div v-if="session.isLead && list.phase !== 'TAKEN'" class="moves">
        <Button
          v-if="list.phase === 'LOOKED' && !list.report.refused"
          :label="fresh ? `Take all ${toRows(list.rows)}` : 'Nothing to take: all as it was'"
          :disabled="!fresh"
          :loading="isSending"
          @click="take"
        />
        <Button label="Tell the columns anew" severity="secondary" outlined @click="isChoosing = true" />
      </div>
      <RouterLink v-if="list.phase === 'TAKEN'" to="/parts/shelf" class="paper">See the parts</RouterLink>
    </section>
  </template>
  <p v-else-if="!problem" class="soft">Fetching the list …</p>
</template>

<style scoped>
.title {
  font-size: 1.15rem;
  overflow-wrap: anywhere;
}

.title .soft {
  font-weight: 400;
}

.work,
.effect {
  padding: 1rem;
  max-width: none;
}

progress {
  width: 100%;
  margin: 0.4rem 0 0.8rem;
}

.held {
  margin: 0.8rem 0;
  font-weight: 600;
}

.moves {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  margin-top: 1rem;
}
</style>
