<script setup lang="ts">
import Button from "primevue/button";
import { ref } from "vue";
import { Refusal, sendDocument } from "../api/client";
import { toMessage } from "./useLoad";

/** Picks a document and has it imported, all of it or nothing. */
const { path, text, label } = defineProps<{
  /** Where it is sent. */
  path: string;
  /** What the button says. */
  text: string;
  /** What the document is. */
  label: string;
}>();
const emit = defineEmits<{ taken: [many: number]; refused: [refusal: Refusal | null] }>();
const picker = ref<HTMLInputElement | null>(null);
const isBusy = ref(false);

async function onPick(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  emit("refused", null);
  isBusy.value = true;
  try {
    emit("taken", (await sendDocument<{ taken: number }>(path, file)).taken);
  } catch (e) {
    emit("refused", e instanceof Refusal ? e : new Refusal(0, toMessage(e)));
  } finally {
    isBusy.value = false;
    input.value = "";
  }
}
</script>

<template>
  <input
    ref="picker"
    type="file"
    accept="application/json,.json"
    class="visually-hidden"
    :aria-label="label"
    tabindex="-1"
    @change="onPick"
  />
  <Button :label="text" severity="secondary" outlined :loading="isBusy" @click="picker?.click()" />
</template>
