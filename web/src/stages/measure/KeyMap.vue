<script setup lang="ts">
import Dialog from "primevue/dialog";

/** The keys of the measuring bench. */
const isOpen = defineModel<boolean>({ required: true });

const KEYS: [string, string][] = [
  ["Enter", "send the reading off, go to the next wanted one"],
  ["Alt + L, Alt + R", "left side, right side"],
  ["Alt + 1, 2, 3", "hub, what lies inboard, wheel"],
  ["Alt + H", "hold the dimension, for repeats"],
  ["Alt + G", "the simulated gauge"],
  ["Ctrl + Z", "undo the last reading or withdrawal"],
  ["Ctrl + Shift + Z", "redo it"],
  ["Tab, then Enter", "pick a dimension on the drawing"],
  ["?", "this list, when no field is being typed in"],
];
</script>

<template>
  <Dialog v-model:visible="isOpen" modal header="Keys">
    <dl>
      <template v-for="[key, what] in KEYS" :key="key">
        <dt>{{ key }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.4rem 1.2rem;
  margin: 0;
}

dt {
  font-weight: 600;
  white-space: nowrap;
}

dd {
  margin: 0;
}
</style>
