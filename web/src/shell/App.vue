<script setup lang="ts">
import Toast from "primevue/toast";
import { watch } from "vue";
import { useRouter } from "vue-router";
import { useSession } from "./session";
import TopBar from "./TopBar.vue";

const session = useSession();
const router = useRouter();

watch(
  () => session.isSignedIn,
  (signedIn) => {
    const here = router.currentRoute.value;
    if (!signedIn && !here.meta.open) void router.push({ path: "/sign-in", query: { to: here.fullPath } });
  },
);
</script>

<template>
  <a class="visually-hidden skip" href="#main">Skip to content</a>
  <TopBar v-if="session.isSignedIn" />
  <main id="main" tabindex="-1">
    <RouterView />
  </main>
  <Toast position="bottom-right" />
</template>

<style scoped>
main:focus {
  outline: none;
}

.skip:focus {
  position: fixed;
  z-index: 10;
  width: auto;
  height: auto;
  clip-path: none;
  background: var(--sheet);
  padding: 0.6rem 1rem;
}
</style>
