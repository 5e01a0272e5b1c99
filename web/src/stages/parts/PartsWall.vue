<script setup lang="ts">
import { RouterLink, RouterView, useRoute } from "vue-router";

const route = useRoute();

/** What could be bought: kits, wheels and parts, and the lists their prices come by. */
const WALLS = [
  { to: "/parts/kits", text: "Kits" },
  { to: "/parts/wheels", text: "Wheels" },
  { to: "/parts/shelf", text: "Parts" },
  { to: "/parts/lists", text: "Price lists" },
];
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Parts wall</h1>
      <nav class="walls" aria-label="Parts">
        <RouterLink v-for="w in WALLS" :key="w.to" :to="w.to">{{ w.text }}</RouterLink>
      </nav>
    </div>
    <RouterView v-slot="{ Component }">
      <component :is="Component" :key="route.fullPath" />
    </RouterView>
  </div>
</template>

<style scoped>
.page-head h1 {
  flex: none;
}

.walls {
  display: flex;
}

.walls a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 1.1rem;
  color: var(--ink);
  text-decoration: none;
}

.walls a.router-link-active {
  font-weight: 600;
  box-shadow: inset 0 -3px 0 var(--accent);
}
</style>
