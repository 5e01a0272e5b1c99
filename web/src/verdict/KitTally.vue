<script setup lang="ts">
import VerdictMark from "./VerdictMark.vue";

/** How many kits fit, fit with work, are not proven, do not fit. */
const { counts } = defineProps<{
  counts: { fits: number; fitsWithWork: number; notProven: number; doesNotFit: number };
}>();
</script>

<template>
  <div class="tally" role="group" aria-label="Kits">
    <span
      ><VerdictMark verdict="FITS" :size="15" /> {{ counts.fits }}
      <span class="visually-hidden">fit</span></span
    >
    <span
      ><VerdictMark verdict="FITS_WITH_WORK" :size="15" /> {{ counts.fitsWithWork }}
      <span class="visually-hidden">fit with work</span></span
    >
    <span
      ><VerdictMark verdict="NOT_PROVEN" :size="15" /> {{ counts.notProven }}
      <span class="visually-hidden">not proven</span></span
    >
    <span
      ><VerdictMark verdict="DOES_NOT_FIT" :size="15" /> {{ counts.doesNotFit }}
      <span class="visually-hidden">do not fit</span></span
    >
    <span class="soft small">kits</span>
  </div>
</template>

<style scoped>
.tally {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  font-weight: 600;
}

.tally > span {
  display: inline-flex;
  gap: 0.3rem;
  align-items: center;
}
</style>
