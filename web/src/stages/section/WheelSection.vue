<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { toNewest } from "../../shell/newest";
import { useSession } from "../../shell/session";
import { toLength } from "../../units/format";
import PressedRow from "../../shell/PressedRow.vue";
import { toMessage } from "../../shell/useLoad";
import FindingText from "../../verdict/FindingText.vue";
import SectionDrawing from "./SectionDrawing.vue";
import SliderField from "../../fields/SliderField.vue";
import { usePose } from "./usePose";
import WheelFromAbove from "./WheelFromAbove.vue";

type Side = Schemas["SectionView"]["side"];

const axle = useAxle();
const route = useRoute();
const router = useRouter();
const session = useSession();
const kits = ref<Schemas["RowView"][]>([]);
const catalogue = ref(0);
const find = ref("");
const section = ref<Schemas["SectionView"] | null>(null);
const other = ref<Schemas["SectionView"] | null>(null);
const kit = ref("");
const overlay = ref("");
const wheel = ref("");
const side = ref<Side>("LEFT");
const wear = ref(0);
const failure = ref("");
const isLoading = ref(true);
const isWide = ref(false);
const drawing = ref<InstanceType<typeof SectionDrawing> | null>(null);
const MOST_LISTED = 200;
const newest = toNewest();

const wheels = computed(() => section.value?.wheels ?? []);
const looked = computed(() => ({ kit: kit.value, side: side.value, wheel: wheel.value }));
const { steer, lift, pose, nearest, failure: poseFailure } = usePose(axle.axleId, looked);
// Whoever moves the wheel wants to see what it comes near to.
watch([steer, lift], () => (isWide.value = true));

const steerSaid = computed(() =>
  steer.value === 0
    ? "ahead"
    : `${Math.abs(steer.value).toFixed(0)}° turned ${steer.value > 0 ? "in" : "out"}`,
);
const liftSaid = computed(() =>
  lift.value === 0
    ? "ride height"
    : `${toLength(Math.abs(lift.value), session.units)} ${lift.value > 0 ? "up" : "down"}`,
);
const SIDES = [
  { value: "LEFT" as const, text: "Left" },
  { value: "RIGHT" as const, text: "Right" },
];

function fetchKits() {
  return toData(
    client.GET("/api/axles/{axleId}/match", {
      params: { path: { axleId: axle.axleId }, query: { text: find.value, limit: MOST_LISTED } },
    }),
  );
}

let typing: ReturnType<typeof setTimeout> | undefined;
watch(find, () => {
  clearTimeout(typing);
  typing = setTimeout(async () => {
    try {
      kits.value = (await fetchKits()).rows;
    } catch (e) {
      failure.value = toMessage(e);
    }
  }, 250);
});
onBeforeUnmount(() => clearTimeout(typing));

onMounted(async () => {
  try {
    const match = await fetchKits();
    catalogue.value = match.total;
    axle.set({ jobId: match.jobId, jobTitle: match.jobTitle, name: match.name, chosenKit: match.chosenKit });
    kits.value = match.rows;
    if (route.query.side === "RIGHT") side.value = "RIGHT";
    wheel.value = String(route.query.wheel ?? "");
    overlay.value = String(route.query.over ?? "");
    kit.value = String(route.query.kit ?? match.chosenKit ?? match.rows[0]?.code ?? "");
    if (!kit.value) isLoading.value = false;
  } catch (e) {
    failure.value = toMessage(e);
    isLoading.value = false;
  }
});

function fetchSection(code: string, onWheel: string) {
  return toData(
    client.GET("/api/axles/{axleId}/section", {
      params: {
        path: { axleId: axle.axleId },
        query: { kit: code, side: side.value, wheel: onWheel || undefined, wear: wear.value },
      },
    }),
  );
}

/** What is laid over: another kit on the same wheel, or this kit on another wheel. */
function fetchOverlay() {
  const [what, code] = overlay.value.split(":");
  if (what === "kit" && code) return fetchSection(code, wheel.value);
  if (what === "wheel") return fetchSection(kit.value, code ?? "");
  return Promise.resolve(null);
}

watch([kit, side, wheel, wear, overlay, () => session.units], async () => {
  if (!kit.value) return;
  const isNewest = newest.ask();
  isLoading.value = true;
  void router.replace({
    query: {
      kit: kit.value,
      side: side.value,
      ...(wheel.value ? { wheel: wheel.value } : {}),
      ...(overlay.value ? { over: overlay.value } : {}),
    },
  });
  try {
    const [mainOne, overOne] = await Promise.all([fetchSection(kit.value, wheel.value), fetchOverlay()]);
    if (!isNewest()) return;
    section.value = mainOne;
    other.value = overOne;
    failure.value = "";
  } catch (e) {
    if (isNewest()) failure.value = toMessage(e);
  } finally {
    if (isNewest()) isLoading.value = false;
  }
});

const overlaid = computed(() => (overlay.value.startsWith("kit:") ? overlay.value.slice(4) : ""));
const wearSaid = computed(() => {
  const share = Math.round(wear.value * 100);
  return share === 0 ? "new" : share === 100 ? "worn out" : `${share} % worn`;
});

function onPrint() {
  window.print();
}
</script>

<template>
  <div class="page wide">
    <div class="page-head">
      <h1>Wheel section</h1>
      <label v-if="catalogue > MOST_LISTED" class="pick no-print">
        <span>Find a kit</span>
        <input v-model="find" type="search" autocomplete="off" maxlength="60" />
      </label>
      <label class="pick no-print">
        <span>Kit</span>
        <select v-model="kit">
          <option v-if="kit && !kits.some((k) => k.code === kit)" :value="kit">{{ kit }}</option>
          <option v-for="k in kits" :key="k.code" :value="k.code">{{ k.code }} · {{ k.name }}</option>
        </select>
      </label>
      <label class="pick no-print">
        <span>Wheel</span>
        <select v-model="wheel">
          <option value="">as found</option>
          <option v-for="w in wheels" :key="w.code" :value="w.code">{{ w.code }} · {{ w.name }}</option>
        </select>
      </label>
      <label class="pick no-print">
        <span>Lay over</span>
        <select v-model="overlay">
          <option value="">nothing</option>
          <optgroup label="Kit">
            <option v-if="overlaid && !kits.some((k) => k.code === overlaid)" :value="`kit:${overlaid}`">
              {{ overlaid }}
            </option>
            <option
              v-for="k in kits.filter((one) => one.code !== kit)"
              :key="k.code"
              :value="`kit:${k.code}`"
            >
              {{ k.code }} · {{ k.name }}
            </option>
          </optgroup>
          <optgroup label="Wheel">
            <option v-if="wheel" value="wheel:">as found</option>
            <option
              v-for="w in wheels.filter((one) => one.code !== wheel)"
              :key="w.code"
              :value="`wheel:${w.code}`"
            >
              {{ w.code }} · {{ w.name }}
            </option>
          </optgroup>
        </select>
      </label>
      <PressedRow v-model="side" :options="SIDES" label="Side" />
      <button type="button" class="plain-button no-print" @click="onPrint">Print</button>
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !section" class="soft">Drawing …</p>
    <p v-else-if="!kits.length" class="sheet empty">No kit is made for this kind of axle end.</p>
    <div v-if="section" class="two">
      <div class="sheet drawing">
        <SectionDrawing
          ref="drawing"
          :section="section"
          :other="other"
          :wear="wear"
          :around="isWide ? (pose?.section ?? null) : null"
        />
        <div class="controls no-print">
          <div>
            <SliderField
              v-if="section.wearTravel > 0"
              v-model="wear"
              label="Pads"
              :min="0"
              :max="1"
              :step="0.05"
              :said="wearSaid"
            />
            <p v-else class="soft">A fixed caliper stays where it is as pads wear.</p>
            <template v-if="pose">
              <SliderField
                v-if="pose.lockIn || pose.lockOut"
                v-model="steer"
                label="Steering"
                :min="-pose.lockOut"
                :max="pose.lockIn"
                :step="1"
                :said="steerSaid"
              />
              <SliderField
                v-model="lift"
                label="Travel"
                :min="-pose.droop"
                :max="pose.bump"
                :step="1"
                :said="liftSaid"
              />
            </template>
          </div>
          <div class="views">
            <div class="zoom" role="group" aria-label="Zoom">
              <button type="button" class="plain-button" aria-label="Zoom in" @click="drawing?.onZoom(1.3)">
                +
              </button>
              <button
                type="button"
                class="plain-button"
                aria-label="Zoom out"
                @click="drawing?.onZoom(1 / 1.3)"
              >
                −
              </button>
              <button type="button" class="plain-button" @click="drawing?.reset()">Whole</button>
            </div>
            <button
              v-if="pose"
              type="button"
              class="plain-button"
              :aria-pressed="isWide"
              @click="isWide = !isWide"
            >
              Tyre and chassis
            </button>
          </div>
        </div>
        <p v-if="nearest" class="here">
          Here the {{ nearest.part }} is
          <strong class="figures">{{ toLength(nearest.distance, session.units) }}</strong> from the
          {{ nearest.box }}, wants {{ toLength(nearest.wanted, session.units) }}.
        </p>
        <p v-if="other" class="legend small">
          Dashed in the second colour: {{ other.kit }}{{ other.wheel ? ` on wheel ${other.wheel}` : "" }}.
        </p>
      </div>
      <aside>
        <h2>{{ section.kit }} · {{ section.kitName }}</h2>
        <FindingText v-for="f in section.findings" :key="f.check" :finding="f" />
        <p class="caution small">
          Dry-fit caliper and disc in the wheel before anything is modified or painted.
        </p>
        <WheelFromAbove :pose="pose" :failure="poseFailure" :side="side" />
      </aside>
    </div>
  </div>
</template>

<style scoped>
.wide {
  max-width: 1700px;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(19rem, 1fr);
  gap: 1.2rem;
}

.drawing {
  align-self: start;
  position: sticky;
  top: 0.5rem;
}

.controls {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1rem;
  align-items: center;
  padding: 0.3rem 0.8rem;
}

.zoom {
  display: flex;
}

.views {
  display: flex;
  flex-direction: column;
  gap: 0.4rem;
  align-self: start;
}

.here {
  padding: 0 0.8rem 0.4rem;
  margin: 0;
}

.legend {
  padding: 0 0.8rem;
  color: var(--work);
}

.empty {
  padding: 1.5rem;
}

@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }

  .drawing {
    position: static;
  }
}
</style>
