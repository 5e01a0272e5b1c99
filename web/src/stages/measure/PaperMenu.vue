<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { useTemplateRef } from "vue";
import { Refusal, sendDocument, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";

/** The measuring sheet on paper, and readings as a table out and in. */
const { axleId, side, isFromSheet } = defineProps<{
  axleId: number;
  side: Schemas["SideView"]["side"];
  isFromSheet: boolean;
}>();
const emit = defineEmits<{ imported: []; refused: [refusal: Refusal | null]; fromSheet: []; keys: [] }>();
const session = useSession();
const toast = useToast();
const picker = useTemplateRef<HTMLInputElement>("picker");

async function onCsv(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  emit("refused", null);
  try {
    const result = await sendDocument<Schemas["ReadingsTaken"]>(`/api/axles/${axleId}/readings/import`, file);
    toast.add({ severity: "success", summary: `${result.taken} readings imported`, life: 5000 });
    emit("imported");
  } catch (e) {
    emit("refused", e instanceof Refusal ? e : new Refusal(0, toMessage(e)));
  } finally {
    input.value = "";
  }
}
</script>

<template>
  <details class="paper">
    <summary>Paper</summary>
    <div class="sheet menu">
      <a :href="`/api/axles/${axleId}/sheet.pdf?side=${side}`" download>Measuring sheet, PDF</a>
      <a :href="`/api/axles/${axleId}/readings.csv`" download>Readings out, CSV</a>
      <template v-if="session.mayChange">
        <button type="button" :aria-pressed="isFromSheet" @click="emit('fromSheet')">
          Type in from the sheet
        </button>
        <button type="button" @click="picker?.click()">Readings in, CSV</button>
        <input
          ref="picker"
          type="file"
          accept=".csv,text/csv"
          class="visually-hidden"
          tabindex="-1"
          aria-label="Readings to import"
          @change="onCsv"
        />
      </template>
      <button type="button" @click="emit('keys')">Keys</button>
    </div>
  </details>
</template>

<style scoped>
.paper {
  position: relative;
}

summary {
  list-style: none;
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 0.85rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  cursor: pointer;
}

.menu {
  position: absolute;
  right: 0;
  z-index: 5;
  display: flex;
  flex-direction: column;
  min-width: 15rem;
}

.menu a,
.menu button {
  font: inherit;
  text-align: left;
  min-height: 44px;
  padding: 0.5rem 0.9rem;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  color: var(--ink);
  text-decoration: none;
  cursor: pointer;
}

.menu button[aria-pressed="true"] {
  background: var(--accent-wash);
  font-weight: 600;
}
</style>
