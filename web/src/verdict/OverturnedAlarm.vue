<script setup lang="ts">
const { alarms, what } = defineProps<{ alarms: string[]; what: string }>();
</script>

<template>
  <section v-if="alarms.length" class="alarm" role="alert">
    <p>
      <strong>{{ what }}.</strong> Stop, and look at each before the work goes on.
    </p>
    <ul>
      <li v-for="a in alarms" :key="a">{{ a }}</li>
    </ul>
  </section>
</template>

<style scoped>
.alarm {
  margin: 0.8rem 0;
  padding: 0.6rem 1rem;
  border: 2px solid var(--bad);
  border-left-width: 8px;
  background: var(--sheet);
}

.alarm p {
  margin: 0.2rem 0;
  font-size: 1.15rem;
}

ul {
  margin: 0.3rem 0;
}
</style>
