<script setup lang="ts">
import Dialog from "primevue/dialog";
import { computed, onBeforeUnmount, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import FigureField from "../../fields/FigureField.vue";
import { toMessage } from "../../shell/useLoad";
import { toSideWord } from "../../verdict/words";

/** A paper template photographed flat with a scale bar in view: points clicked on the picture become places of the wheel's profile. */
const { axleId, side } = defineProps<{ axleId: number; side: Schemas["SideView"]["side"] }>();
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ taken: [profile: Schemas["ProfileTaken"]] }>();

interface Pixel {
  x: number;
  y: number;
}

/** @property off what it may be off (pixels of the picture): more the smaller it was shown */
interface Click extends Pixel {
  off: number;
}

const STEPS = [
  "Click one end of the scale bar.",
  "Click its other end.",
  "Click the mounting face where its radius is known, such as at the centre bore.",
  "Click the mounting face farther out.",
  "Click along the profile: from the inboard flange edge, along the barrel, down the back of the spokes.",
];
const LEAST_POINTS = 6;

const address = ref("");
const size = ref({ width: 0, height: 0 });
const clicks = ref<Click[]>([]);
/** How large the picture is shown, as a multiple of the dialog's width. */
const zoom = ref(1);
/** What a click may be off on the screen (pixels). */
const OFF = 2;
const bar = ref("");
const radius = ref("");
const problem = ref("");
const isBusy = ref(false);
const step = computed(() => Math.min(clicks.value.length, STEPS.length - 1));
const points = computed(() => clicks.value.slice(4));
const mayTake = computed(
  () => points.value.length >= LEAST_POINTS && bar.value.trim() && radius.value.trim(),
);

function forget() {
  if (address.value) URL.revokeObjectURL(address.value);
  address.value = "";
  clicks.value = [];
  problem.value = "";
}
watch(isOpen, (open) => open || forget());
onBeforeUnmount(forget);

function onFile(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = "";
  if (!file) return;
  forget();
  const picture = new Image();
  picture.onload = () => {
    size.value = { width: picture.naturalWidth, height: picture.naturalHeight };
    address.value = picture.src;
  };
  picture.onerror = () => {
    problem.value = `${file.name} is no picture this browser can show. Take it as JPEG or PNG.`;
  };
  picture.src = URL.createObjectURL(file);
}

/** A place in the picture's own pixels, however large it is shown. */
function onClick(event: MouseEvent) {
  const shown = (event.currentTarget as SVGSVGElement).getScreenCTM();
  if (!shown) return;
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(shown.inverse());
  clicks.value.push({ x, y, off: OFF / shown.a });
}

async function onTake() {
  const [barFrom, barTo, faceInner, faceOuter, ...points] = clicks.value.map(({ x, y }) => ({ x, y }));
  if (!barFrom || !barTo || !faceInner || !faceOuter) return;
  problem.value = "";
  isBusy.value = true;
  try {
    const taken = await toData(
      client.POST("/api/axles/{axleId}/wheel-profile/traced", {
        params: { path: { axleId } },
        body: {
          side,
          barFrom,
          barTo,
          barLength: bar.value,
          faceInner,
          faceOuter,
          innerRadius: radius.value,
          points,
          click: Math.max(...clicks.value.map((c) => c.off)),
        },
      }),
    );
    isOpen.value = false;
    emit("taken", taken);
  } catch (e) {
    problem.value = toMessage(e);
  } finally {
    isBusy.value = false;
  }
}

const toLine = (line: Pixel[]) => line.map((p) => `${p.x},${p.y}`).join(" ");
const mark = computed(() => Math.max(size.value.width, size.value.height) / 120 / zoom.value);
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="`Trace a photographed template, ${toSideWord(side)} wheel`"
    class="trace"
  >
    <p v-if="!address">
      Cut the template to the inside of the wheel, from the inboard flange along the barrel and down the
      spokes' back, with the mounting face drawn on it. Lay it flat with a bar of known length, and photograph
      it squarely from above.
      <label class="plain-button file">
        Choose the picture
        <input type="file" accept="image/*" class="visually-hidden" @change="onFile" />
      </label>
    </p>
    <template v-else>
      <p class="step" role="status">{{ STEPS[step] }}</p>
      <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
      <p v-else-if="zoom === 1" class="small soft">
        Shown small, a click is coarse: show it larger before you click, and scroll.
      </p>
      <div class="fields">
        <FigureField v-model="bar" label="Length of the bar" wide />
        <FigureField v-model="radius" label="Radius at the third click" wide />
        <button type="button" class="plain-button" :disabled="!clicks.length" @click="clicks.pop()">
          Last click back
        </button>
        <button type="button" class="plain-button" :disabled="zoom >= 8" @click="zoom *= 2">Larger</button>
        <button type="button" class="plain-button" :disabled="zoom <= 1" @click="zoom /= 2">Smaller</button>
        <span class="soft">{{ points.length }} of at least {{ LEAST_POINTS }} points</span>
      </div>
      <div class="window" tabindex="0" role="group" aria-label="The picture, to be scrolled">
        <svg
          :style="{ width: `${zoom * 100}%` }"
          :viewBox="`0 0 ${size.width} ${size.height}`"
          role="img"
          aria-label="The photographed template: click its points"
          @click="onClick"
        >
          <image :href="address" :width="size.width" :height="size.height" />
          <polyline :points="toLine(clicks.slice(0, 2))" class="bar" />
          <polyline :points="toLine(clicks.slice(2, 4))" class="face" />
          <polyline :points="toLine(points)" class="profile" />
          <circle v-for="(p, i) in clicks" :key="i" :cx="p.x" :cy="p.y" :r="mark" class="click" />
        </svg>
      </div>
    </template>
    <p v-if="problem && !address" class="failure" role="alert">{{ problem }}</p>
    <template #footer>
      <button type="button" class="plain-button" @click="isOpen = false">Close</button>
      <button type="button" class="plain-button strong" :disabled="!mayTake || isBusy" @click="onTake">
        Take the profile
      </button>
    </template>
  </Dialog>
</template>

<style scoped>
.file {
  display: inline-flex;
  align-items: center;
  margin-top: 0.6rem;
}

.step {
  font-weight: 600;
  font-size: 1.15rem;
  margin: 0 0 0.4rem;
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  align-items: end;
  margin-bottom: 0.5rem;
}

.window {
  max-height: 50vh;
  overflow: auto;
}

svg {
  display: block;
  cursor: crosshair;
  background: var(--paper);
}

polyline {
  fill: none;
  vector-effect: non-scaling-stroke;
  stroke-width: 2.5;
}

.bar {
  stroke: var(--work);
}

.face {
  stroke: var(--bad);
}

.profile {
  stroke: var(--accent);
}

.click {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}

.strong {
  background: var(--accent);
  border-color: var(--accent);
  color: var(--sheet);
  font-weight: 600;
}

.strong:disabled {
  opacity: 0.55;
}
</style>
<style>
.trace {
  width: min(1100px, 96vw);
}
</style>
