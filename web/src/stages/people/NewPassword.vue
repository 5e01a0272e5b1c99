<script setup lang="ts">
import InputText from "primevue/inputtext";

/** A field for a password that is being set: what it must be is said before it is typed. */
defineProps<{ id: string; label: string }>();
const password = defineModel<string>({ required: true });
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}, 10 characters or more</label>
    <InputText
      :id="id"
      v-model="password"
      type="password"
      autocomplete="new-password"
      required
      maxlength="200"
    />
  </div>
</template>
