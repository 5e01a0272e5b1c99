<script setup lang="ts">
import type { Schemas } from "../api/client";

/** Shape of a verdict; the word stands beside it or is given to screen readers. */
const { verdict, size = 18 } = defineProps<{ verdict: Schemas["CellView"]["verdict"]; size?: number }>();
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 20 20" aria-hidden="true" :class="verdict.toLowerCase()">
    <circle v-if="verdict === 'FITS'" cx="10" cy="10" r="8" fill="currentColor" />
    <path v-else-if="verdict === 'FITS_WITH_WORK'" d="M10 10 L10 2 A8 8 0 1 0 18 10 Z" fill="currentColor" />
    <circle
      v-else-if="verdict === 'NOT_PROVEN'"
      cx="10"
      cy="10"
      r="7"
      fill="none"
      stroke="currentColor"
      stroke-width="2.4"
      stroke-dasharray="4.4 3.2"
    />
    <rect v-else x="1.5" y="7" width="17" height="6" fill="currentColor" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}

.fits {
  color: var(--good);
}

.fits_with_work {
  color: var(--work);
}

.not_proven {
  color: var(--open);
}

.does_not_fit {
  color: var(--bad);
}
</style>
