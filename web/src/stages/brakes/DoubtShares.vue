<script setup lang="ts">
import type { Schemas } from "../../api/client";

/** Which quantities make an answer's doubt, and how to know the worst of them better. */
const { shares } = defineProps<{ shares: Schemas["DoubtShareView"][] }>();
</script>

<template>
  <ol v-if="shares.length" class="shares">
    <li v-for="s in shares" :key="s.quantity">
      <span class="name">{{ s.quantity }}<span v-if="s.assumed" class="soft"> (assumed)</span></span>
      <span class="bar" aria-hidden="true"><span :style="{ width: `${s.share * 100}%` }" /></span>
      <span class="figures">{{ Math.round(s.share * 100) }} %</span>
      <span class="small soft how">{{ s.howTo }}</span>
    </li>
  </ol>
</template>

<style scoped>
.shares {
  list-style: none;
  margin: 0.3rem 0;
  padding: 0;
  display: grid;
  gap: 0.25rem;
}

li {
  display: grid;
  grid-template-columns: minmax(9rem, 16rem) minmax(4rem, 10rem) 3.2rem minmax(10rem, 1fr);
  gap: 0.7rem;
  align-items: center;
}

.bar {
  height: 0.7rem;
  border: 1px solid var(--ink-soft);
}

.bar span {
  display: block;
  height: 100%;
  background: var(--accent);
}

@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr 4rem 3rem;
  }

  .how {
    grid-column: 1 / -1;
  }
}
</style>
