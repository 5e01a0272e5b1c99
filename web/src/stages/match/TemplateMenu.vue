<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { ref } from "vue";
import { client, toData } from "../../api/client";
import { toDrawingFault, toDrawingFormat } from "../../shell/drawingFormat";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";

/** Templates of a kit's parts at true size, and its caliper's outline read in from a drawing. */
const { kit, hasOutline } = defineProps<{ kit: string; hasOutline: boolean }>();
const session = useSession();
const toast = useToast();
const isBusy = ref(false);

const PAPERS = ["PDF", "SVG", "DXF"] as const;

function toLink(part: "CALIPER" | "BRACKET", as: string) {
  return `/api/kits/${encodeURIComponent(kit)}/template?part=${part}&as=${as}`;
}

async function onFile(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = "";
  if (!file) return;
  const format = toDrawingFormat(file.name);
  if (!format) {
    toast.add({ severity: "error", summary: "Not read", detail: toDrawingFault(file.name), life: 10000 });
    return;
  }
  isBusy.value = true;
  try {
    const taken = await toData(
      client.POST("/api/kits/{code}/outline", {
        params: { path: { code: kit }, query: { format } },
        body: await file.text(),
        headers: { "Content-Type": "text/plain" },
        bodySerializer: (text: string) => text,
      }),
    );
    toast.add({
      severity: "success",
      summary: `Outline of ${taken.points} points read`,
      detail: `x ${taken.fromX.toFixed(1)} to ${taken.toX.toFixed(1)} mm, r ${taken.fromR.toFixed(1)} to ${taken.toR.toFixed(1)} mm, taken to be true to 0.5 mm.`,
      life: 9000,
    });
  } catch (e) {
    toast.add({ severity: "error", summary: "Not read", detail: toMessage(e), life: 14000 });
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <div class="templates small" role="group" :aria-label="`Templates of ${kit} at true size`">
    <span>At true size:</span>
    <template v-if="hasOutline">
      <a v-for="p in PAPERS" :key="p" class="plain-button" :href="toLink('CALIPER', p)" download
        >Caliper {{ p }}</a
      >
    </template>
    <a v-for="p in PAPERS" :key="`b${p}`" class="plain-button" :href="toLink('BRACKET', p)" download
      >Bracket {{ p }}</a
    >
    <label v-if="session.isLead" class="plain-button">
      {{ isBusy ? "Reading …" : hasOutline ? "Read another outline in" : "Read the caliper's outline in" }}
      <input type="file" accept=".dxf,.svg,.csv,.txt" class="visually-hidden" @change="onFile" />
    </label>
  </div>
</template>

<style scoped>
.templates {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
  margin: 0.5rem 0;
}
</style>
