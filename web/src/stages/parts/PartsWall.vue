<script setup lang="ts">
import { computed } from "vue";
import { RouterLink, RouterView, useRoute } from "vue-router";

const route = useRoute();
/** Another page is another sheet; another place on the same page is not. */
const page = computed(() => `${route.path} ${String(route.query.from ?? "")}`);

/** What could be bought: kits, wheels and parts, and the lists their prices come by. */
const WALLS = [
  { to: "/parts/kits", below: "/parts/sheets/kits", text: "Kits" },
  { to: "/parts/wheels", below: "/parts/sheets/wheels", text: "Wheels" },
  { to: "/parts/shelf", below: "/parts/sheets/parts", text: "Parts" },
  { to: "/parts/lists", below: "/parts/lists", text: "Price lists" },
];
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Parts wall</h1>
      <nav class="walls" aria-label="Parts">
        <RouterLink
          v-for="w in WALLS"
          :key="w.to"
          :to="w.to"
          :class="{ here: route.path.startsWith(w.to) || route.path.startsWith(w.below) }"
          >{{ w.text }}</RouterLink
        >
      </nav>
    </div>
    <RouterView v-slot="{ Component }">
      <component :is="Component" :key="page" />
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

.walls a.here {
  font-weight: 600;
  box-shadow: inset 0 -3px 0 var(--accent);
}
</style>
