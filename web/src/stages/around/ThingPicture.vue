<script setup lang="ts">
import type { Kind } from "./thing";

/** A kind of thing as a sign: enough to be told from the others, drawn to no scale. */
const { kind } = defineProps<{ kind: Kind["kind"] }>();

const PATHS: Record<Kind["kind"], string> = {
  STEERING_ARM: "M8 30 a6 6 0 1 1 12 0 a6 6 0 1 1 -12 0 M18 26 L44 12 M20 34 L46 20 M44 12 a5 5 0 0 1 4 8",
  STEERING_STOP: "M10 10 V38 M10 18 H30 V30 H10 M30 20 H38 V28 H30 M46 10 V38",
  KNUCKLE_RIB: "M8 38 C14 18 20 10 28 10 S42 18 48 38 M20 36 C22 24 25 18 28 18 S34 24 36 36",
  BALL_JOINT: "M16 14 a12 12 0 1 0 24 0 M12 14 H44 M28 26 V42 M24 34 H32 M25 6 H31 V14",
  SHOCK: "M28 4 V12 M20 12 H36 V28 H20 Z M24 28 V40 M32 28 V40 M28 40 V46 M24 46 H32",
  SPRING: "M20 6 H36 L20 14 L36 22 L20 30 L36 38 H20 M14 4 H42 M14 44 H42",
  FRAME: "M4 16 H52 V34 H4 Z M4 20 H52 M4 30 H52",
  LINE_TAB: "M12 8 V42 M12 18 H30 V30 H12 M24 20 V28 M30 24 C42 24 40 38 52 38",
  TRACK_ROD:
    "M6 20 a5 5 0 1 1 0 10 a5 5 0 0 1 0 -10 M11 22 H45 M11 28 H45 M50 20 a5 5 0 1 0 0 10 a5 5 0 0 0 0 -10",
  DROP_LINK:
    "M28 4 a5 5 0 1 1 0 10 a5 5 0 0 1 0 -10 M26 14 V34 M30 14 V34 M28 34 a5 5 0 1 1 0 10 a5 5 0 0 1 0 -10",
  OTHER: "M12 14 L28 6 L44 14 V34 L28 42 L12 34 Z M12 14 L28 22 L44 14 M28 22 V42",
};
</script>

<template>
  <svg viewBox="0 0 56 50" aria-hidden="true"><path :d="PATHS[kind]" /></svg>
</template>

<style scoped>
svg {
  width: 3.5rem;
  height: 3.1rem;
}

path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.5;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
