<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toLength } from "../../units/format";
import SliderField from "./SliderField.vue";

/** The wheel from above, steered and lifted by hand, against what is fixed to the vehicle. */
const { axleId, kit, side, wheel } = defineProps<{
  axleId: number;
  kit: string;
  side: "LEFT" | "RIGHT";
  wheel: string;
}>();
const session = useSession();
const steer = ref(0);
const lift = ref(0);
const pose = ref<Schemas["PoseView"] | null>(null);
const failure = ref("");
let asked = 0;

watch(
  () => [kit, side, wheel, steer.value, lift.value] as const,
  async () => {
    const mine = ++asked;
    try {
      const fresh = await toData(
        client.GET("/api/axles/{axleId}/pose", {
          params: {
            path: { axleId },
            query: { kit, side, wheel: wheel || undefined, steer: steer.value, lift: lift.value },
          },
        }),
      );
      if (mine !== asked) return;
      pose.value = fresh;
      failure.value = "";
    } catch (e) {
      if (mine === asked) failure.value = toMessage(e);
    }
  },
  { immediate: true },
);

/** Left wheels have outboard to the left, as seen from above with the front up. */
const toRight = computed(() => (side === "LEFT" ? -1 : 1));
const bounds = computed(() => {
  const xs: number[] = [];
  const fs: number[] = [];
  for (const s of pose.value?.shapes ?? []) {
    for (const p of s.outline) {
      xs.push(p.x * toRight.value);
      fs.push(p.forward);
    }
  }
  for (const b of pose.value?.boxes ?? []) {
    xs.push(b.xFrom * toRight.value, b.xTo * toRight.value);
    fs.push(Math.max(b.forwardFrom, -420), Math.min(b.forwardTo, 420));
  }
  const room = 25;
  return {
    x: Math.min(...xs) - room,
    width: Math.max(...xs) - Math.min(...xs) + 2 * room,
    y: -Math.max(...fs) - room,
    height: Math.max(...fs) - Math.min(...fs) + 2 * room,
  };
});

const LONG = 300;

/** A short thing has its name before it; long ones have theirs in steps from front to rear, so that none covers another. */
function toLabelY(i: number) {
  const boxes = pose.value?.boxes ?? [];
  const box = boxes[i];
  if (box && box.forwardTo - box.forwardFrom < LONG) return -box.forwardTo - 12;
  return bounds.value.y + ((i + 0.7) * bounds.value.height) / (boxes.length + 0.4);
}

const nearest = computed(() => {
  const all = pose.value?.distances ?? [];
  return [...all].sort((a, b) => a.distance - a.wanted - (b.distance - b.wanted))[0];
});
</script>

<template>
  <section class="from-above">
    <h2>From above</h2>
    <p v-if="failure" class="soft">{{ failure }}</p>
    <template v-else-if="pose">
      <div class="sliders">
        <SliderField
          v-if="pose.lockIn || pose.lockOut"
          v-model="steer"
          label="Steering"
          :min="-pose.lockOut"
          :max="pose.lockIn"
          :step="1"
          :said="`${Math.abs(steer).toFixed(0)}° ${steer === 0 ? 'ahead' : steer > 0 ? 'turned in' : 'turned out'}`"
        />
        <SliderField
          v-model="lift"
          label="Travel"
          :min="-pose.droop"
          :max="pose.bump"
          :step="1"
          :said="
            lift === 0
              ? 'ride height'
              : `${toLength(Math.abs(lift), session.units)} ${lift > 0 ? 'up' : 'down'}`
          "
        />
      </div>
      <svg
        :viewBox="`${bounds.x} ${bounds.y} ${bounds.width} ${bounds.height}`"
        role="img"
        :aria-label="`Wheel from above, ${side === 'LEFT' ? 'left' : 'right'} side, steered ${steer} degrees, travel ${lift} mm`"
      >
        <g :transform="`scale(${toRight} -1)`">
          <rect
            v-for="b in pose.boxes"
            :key="b.name"
            :x="b.xFrom"
            :y="b.forwardFrom"
            :width="b.xTo - b.xFrom"
            :height="b.forwardTo - b.forwardFrom"
            class="box"
          />
          <polygon
            v-for="(s, i) in pose.shapes"
            :key="i"
            :points="s.outline.map((p) => `${p.x},${p.forward}`).join(' ')"
            :class="s.part"
          />
        </g>
        <text
          v-for="(b, i) in pose.boxes"
          :key="b.name"
          :x="((b.xFrom + b.xTo) / 2) * toRight"
          :y="toLabelY(i)"
          text-anchor="middle"
        >
          {{ b.name }}
        </text>
      </svg>
      <p v-if="nearest">
        Here the {{ nearest.part }} is
        <strong class="figures">{{ toLength(nearest.distance, session.units) }}</strong> from the
        {{ nearest.box }}, wants {{ toLength(nearest.wanted, session.units) }}.
      </p>
      <p v-else class="soft">Nothing of the chassis is listed on this side.</p>
    </template>
    <p v-else class="soft">Drawing …</p>
  </section>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 21rem;
  margin: 0.5rem 0;
}

.box {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}

.tyre {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}

.disc {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}

.caliper {
  fill: var(--accent-wash);
  fill-opacity: 0.75;
  stroke: var(--accent);
  stroke-width: 3;
}

text {
  font-size: 42px;
  font-family: var(--narrow);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 9px;
}
</style>
