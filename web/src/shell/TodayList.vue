<script setup lang="ts">
/** Who does what today, as it was planned. */
const { people } = defineProps<{
  people: { name: string; tasks: { start: string; title: string; axleId: number; job: string }[] }[];
}>();
</script>

<template>
  <ul class="today">
    <li v-for="p in people" :key="p.name">
      <strong>{{ p.name }}</strong>
      <span v-if="!p.tasks.length" class="soft">nothing planned</span>
      <span v-else class="tasks">
        <span v-for="t in p.tasks" :key="`${t.start} ${t.title}`" class="task">
          <span class="figures">{{ t.start.slice(11, 16) }}</span>
          <RouterLink :to="`/axles/${t.axleId}/bench`" :title="t.job">{{ t.title }}</RouterLink>
        </span>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.today {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 10rem 1fr;
  gap: 0 1rem;
  padding: 0.25rem 0;
}

.tasks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
}

@media (max-width: 600px) {
  li {
    grid-template-columns: 1fr;
  }
}

.task {
  display: inline-flex;
  align-items: baseline;
  gap: 0.4rem;
}

.task a {
  padding: 0.2rem 0;
}
</style>
