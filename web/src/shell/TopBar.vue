<script setup lang="ts">
import Button from "primevue/button";
import { useToast } from "primevue/usetoast";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import type { UnitSystem } from "../units/format";
import { useOutbox } from "../stages/measure/outbox";
import { useSession } from "./session";
import { toMessage } from "./useLoad";

const session = useSession();
const outbox = useOutbox();
const router = useRouter();
const toast = useToast();
const othersNames = computed(() => [...new Set(outbox.others.map((e) => e.by))].join(" and "));
void outbox.send(); // what waited in the browser, from before a reload
const isDark = ref(localStorage.getItem("itrova.dark") === "yes");
document.documentElement.classList.toggle("dark", isDark.value);

function onDark() {
  isDark.value = !isDark.value;
  localStorage.setItem("itrova.dark", isDark.value ? "yes" : "no");
  document.documentElement.classList.toggle("dark", isDark.value);
}

async function onUnits(units: UnitSystem) {
  try {
    await session.setUnits(units);
  } catch (e) {
    toast.add({ severity: "error", summary: "Units not changed", detail: toMessage(e), life: 8000 });
  }
}

async function onSignOut() {
  await session.signOut().catch(() => undefined);
  await router.push("/sign-in");
}
</script>

<template>
  <header class="bar no-print">
    <RouterLink class="mark" to="/floor"
      ><img src="/mark.svg" alt="" width="28" height="28" /> Itrova</RouterLink
    >
    <nav aria-label="Shop">
      <RouterLink to="/floor">Shop floor</RouterLink>
      <RouterLink to="/week">Week</RouterLink>
      <RouterLink to="/parts">Parts wall</RouterLink>
      <RouterLink to="/shop">Tools and tables</RouterLink>
      <RouterLink v-if="session.isLead" to="/people">People</RouterLink>
      <RouterLink v-if="session.isLead" to="/log">Log</RouterLink>
    </nav>
    <span v-if="outbox.entries.length" class="waiting" role="status">
      {{ outbox.waiting.length }} to send<template v-if="outbox.held.length"
        >, {{ outbox.held.length }} to look at</template
      ><template v-if="outbox.others.length"
        >, {{ outbox.others.length }} waiting for {{ othersNames }} to sign in</template
      ><template v-if="outbox.isCutOff"> · no connection</template>
    </span>
    <div class="units" role="group" aria-label="Units">
      <button type="button" :aria-pressed="session.units === 'METRIC'" @click="onUnits('METRIC')">mm</button>
      <button type="button" :aria-pressed="session.units === 'INCH'" @click="onUnits('INCH')">in</button>
    </div>
    <button type="button" class="pit" :aria-pressed="isDark" @click="onDark">Pit light</button>
    <RouterLink class="who" to="/account" :title="`Password and sign-ins of ${session.view?.name}`">{{
      session.view?.name
    }}</RouterLink>
    <Button label="Sign out" text size="small" @click="onSignOut" />
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 0.9rem;
  padding: 0.3rem 1.2rem;
  min-height: 52px;
  background: var(--sheet);
  border-bottom: 1px solid var(--line);
  flex-wrap: wrap;
}

.mark {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  font-weight: 600;
  font-size: 1.25rem;
  text-decoration: none;
  color: var(--ink);
  letter-spacing: 0.02em;
}

nav {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem;
}

nav a {
  padding: 0.65rem 0.8rem;
  text-decoration: none;
  color: var(--ink-soft);
}

nav a.router-link-active {
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -3px 0 var(--accent);
}

.units {
  display: flex;
  border: 1px solid var(--ink-soft);
}

.units button,
.pit {
  font: inherit;
  min-height: 44px;
  min-width: 48px;
  padding: 0 0.7rem;
  background: none;
  border: 0;
  color: var(--ink);
  cursor: pointer;
}

.pit {
  border: 1px solid var(--ink-soft);
}

.units button[aria-pressed="true"],
.pit[aria-pressed="true"] {
  background: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}

.who {
  color: var(--ink);
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}

.waiting {
  background: var(--caution-wash);
  color: var(--caution-ink);
  padding: 0.3rem 0.7rem;
  font-weight: 600;
}

@media (max-width: 600px) {
  .bar {
    gap: 0.4rem;
    padding: 0.2rem 0.6rem;
  }

  .mark {
    flex: 1;
  }

  .who {
    display: none;
  }

  nav {
    order: 9;
    flex: 1 1 100%;
    flex-wrap: nowrap;
    overflow-x: auto;
  }

  nav a {
    padding: 0.65rem 0.45rem;
    white-space: nowrap;
  }
}
</style>
