<script setup lang="ts">
import { useRoute } from "vue-router";

/** Whose stages these are, and the stages themselves. */
const { base, stages, label } = defineProps<{
  base: string;
  label: string;
  stages: { to: string; label: string; also?: string[] }[];
}>();
const route = useRoute();

function isIn(stage: { to: string; also?: string[] }) {
  const last = route.path.split("/").pop() ?? "";
  return last === stage.to || (stage.also?.includes(last) ?? false);
}
</script>

<template>
  <div class="stage-bar no-print">
    <p class="title"><slot /></p>
    <nav :aria-label="label">
      <RouterLink
        v-for="s in stages"
        :key="s.to"
        :to="`${base}/${s.to}`"
        :class="{ 'router-link-active': isIn(s) }"
        >{{ s.label }}</RouterLink
      >
    </nav>
  </div>
</template>

<style scoped>
.stage-bar {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 0 1rem;
  padding: 0 1.2rem;
  background: var(--sheet);
  border-bottom: 1px solid var(--line);
}

.title {
  flex: 1;
  margin: 0;
}

nav {
  display: flex;
}

nav a {
  padding: 0.6rem 0.95rem;
  min-height: 44px;
  text-decoration: none;
  color: var(--ink-soft);
}

nav a.router-link-active {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -3px 0 var(--accent);
}

@media (max-width: 600px) {
  .stage-bar {
    padding: 0 0.5rem;
  }

  .title {
    flex: 1 1 100%;
  }

  nav {
    overflow-x: auto;
  }

  nav a {
    padding: 0.6rem 0.5rem;
  }
}
</style>
