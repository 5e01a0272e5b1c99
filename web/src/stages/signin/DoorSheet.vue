<script setup lang="ts">
/** The sheet one stands before outside the shop: the mark, a title and a form, alone on the page. */
defineProps<{ title: string; width: string }>();
defineEmits<{ submit: [] }>();
</script>

<template>
  <div class="wrap">
    <form class="sheet" :style="{ width: `min(${width}, 100%)` }" @submit.prevent="$emit('submit')">
      <h1><img src="/mark.svg" alt="" width="36" height="36" /> {{ title }}</h1>
      <slot />
    </form>
  </div>
</template>

<style scoped>
.wrap {
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: 1rem;
}

form {
  padding: 2rem;
  display: flex;
  flex-direction: column;
  gap: 1rem;
}

h1 {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  font-size: 1.8rem;
}

form :slotted(p) {
  margin: 0;
}
</style>
