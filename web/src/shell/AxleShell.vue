<script setup lang="ts">
import { onMounted, provide, ref } from "vue";
import { useRoute } from "vue-router";
import { client, toData } from "../api/client";
import { axleHeadKey, type AxleHead } from "./axleHead";

const { axleId } = defineProps<{ axleId: number }>();

const head = ref<AxleHead | null>(null);
provide(axleHeadKey, {
  axleId,
  set: (h: AxleHead) => {
    head.value = h;
  },
});

const route = useRoute();

/** A stage that does not say whose it is leaves the bar to find out. */
onMounted(async () => {
  try {
    const view = await toData(client.GET("/api/axles/{axleId}/around", { params: { path: { axleId } } }));
    head.value ??= view;
  } catch {
    // The stage itself says what is wrong.
  }
});

function isIn(stage: { to: string; also?: string[] }) {
  const last = route.path.split("/").pop() ?? "";
  return last === stage.to || (stage.also?.includes(last) ?? false);
}

const STAGES = [
  { to: "measure", label: "Measure" },
  { to: "around", label: "Around" },
  { to: "match", label: "Choose", also: ["search", "what-if"] },
  { to: "section", label: "Section" },
  { to: "order", label: "Order" },
  { to: "bench", label: "Fit" },
];
</script>

<template>
  <div class="axle-bar no-print">
    <p class="title">
      <strong>
        <RouterLink v-if="head?.jobId" :to="`/jobs/${head.jobId}/vehicle`">{{ head.jobTitle }}</RouterLink>
        <template v-else>{{ head?.jobTitle ?? "…" }}</template>
      </strong>
      <span class="soft"> · {{ head?.name }}</span>
      <span v-if="head?.chosenKit" class="soft"> · kit {{ head.chosenKit }}</span>
    </p>
    <nav aria-label="Stages of this axle">
      <RouterLink
        v-for="s in STAGES"
        :key="s.to"
        :to="`/axles/${axleId}/${s.to}`"
        :class="{ 'router-link-active': isIn(s) }"
        >{{ s.label }}</RouterLink
      >
    </nav>
  </div>
  <RouterView :key="`${axleId}`" />
</template>

<style scoped>
.axle-bar {
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
  .axle-bar {
    padding: 0 0.5rem;
  }

  nav {
    flex-wrap: wrap;
  }

  nav a {
    padding: 0.6rem 0.5rem;
  }
}
</style>
