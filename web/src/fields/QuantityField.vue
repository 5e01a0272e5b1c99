<script setup lang="ts">
/** A quantity as it is typed, with how it is got and what is done wrong most often; empty where nobody told it. */
const {
  id,
  label,
  placeholder = "",
  howTo = "",
  slip = "",
} = defineProps<{ id: string; label: string; placeholder?: string; howTo?: string; slip?: string }>();
const value = defineModel<string | undefined>({ required: true });
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <input :id="id" v-model="value" :placeholder="placeholder" maxlength="60" autocomplete="off" />
    <p v-if="howTo" class="small soft how">
      {{ howTo }} <span v-if="slip" class="slip">Often: {{ slip }}</span>
    </p>
  </div>
</template>

<style scoped>
.how {
  margin: 0.1rem 0 0;
}

.slip {
  font-style: italic;
}

input {
  font: inherit;
  min-height: 44px;
  padding: 0 0.6rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  min-width: 0;
  width: 100%;
}
</style>
