<script setup lang="ts">
import Dialog from "primevue/dialog";

/** The keys of a view, each with what it does. */
const { keys } = defineProps<{ keys: readonly (readonly [string, string])[] }>();
const isOpen = defineModel<boolean>({ required: true });
</script>

<template>
  <Dialog v-model:visible="isOpen" modal header="Keys">
    <dl>
      <template v-for="[key, what] in keys" :key="key">
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
