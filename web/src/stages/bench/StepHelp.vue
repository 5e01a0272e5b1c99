<script setup lang="ts">
import InputText from "primevue/inputtext";
import { computed, reactive, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toNewest } from "../../shell/newest";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toLength, toTorque } from "../../units/format";

/** Helpers that belong to a step: what to set on a wrench with a crowfoot, how far to turn a nut, where the disc sits best. */
const { step } = defineProps<{ step: Schemas["StepView"] }>();
const session = useSession();

type Kind = "nut" | "indexing" | "wrench" | "shims" | "engagement";
const kinds = computed<Kind[]>(() => {
  const all: Kind[] = [];
  if (step.reading?.kind === "END_PLAY") all.push("nut");
  else if (step.reading?.kind === "RUN_OUT") all.push("indexing");
  else if (step.torqueNm) all.push("wrench");
  if (step.kind === "CALIPER") all.push("shims");
  if (step.kind === "WHEEL_NUTS") all.push("engagement");
  return all;
});
const TITLES: Record<Kind, string> = {
  nut: "How far to turn the nut",
  indexing: "Where the disc sits best",
  wrench: "With an extension or crowfoot",
  shims: "Shims that centre the caliper",
  engagement: "Is the nut far enough on its stud?",
};
const kind = ref<Kind>("nut");

const problem = ref("");
const said = ref("");
const nut = reactive({ measured: "", pitch: "1/16 in", positions: 12 });
const wrench = reactive({ length: "", extension: "", angle: 0 });
const shims = reactive({ wanted: "", counted: "", bolts: 4 });
const stud = reactive({ turns: 8, thread: "" });
const indexing = reactive({ hub: "", hubRadius: "", disc: "", discRadius: "", studs: 5 });

const toList = (text: string) => text.split(/[;\s]+/).filter(Boolean);

async function onNut() {
  const n = await toData(
    client.POST("/api/bench-help/nut", {
      body: { ...nut, min: step.reading?.min, max: step.reading?.max },
    }),
  );
  const turn = `${Math.abs(n.slots)} ${Math.abs(n.slots) === 1 ? "slot" : "slots"} ${n.slots < 0 ? "tighter" : "looser"}`;
  const play = toLength(n.play, session.units);
  return n.within
    ? `${n.slots ? `Turn it ${turn}` : "Leave it where it is"}: ${play} to be expected. One slot makes ${toLength(n.travel, session.units)}. Read it again.`
    : `No slot lies in the range; ${n.slots ? turn : "where it is"} comes nearest with ${play}. Another washer or nut is wanted. Rather loose than tight: over-tight burns.`;
}

async function onWrench() {
  const { setNm } = await toData(
    client.POST("/api/bench-help/wrench", {
      body: { ...wrench, torque: `${step.torqueNm} N·m` },
    }),
  );
  return `Set the wrench to ${toTorque(setNm, session.units)}; the bolt gets ${toTorque(step.torqueNm ?? 0, session.units)}.`;
}

async function onIndexing() {
  const { positions } = await toData(
    client.POST("/api/bench-help/indexing", {
      body: { ...indexing, hub: toList(indexing.hub), disc: toList(indexing.disc) },
    }),
  );
  const best = positions[0];
  const now = positions.find((p) => p.studs === 0);
  if (!best || !now) return "";
  return `${best.studs ? `Turn the disc on by ${best.studs} ${best.studs === 1 ? "stud" : "studs"}` : "Leave the disc as it is"}: ${toLength(best.totalReading, session.units)} to be expected, ${toLength(now.totalReading, session.units)} as it is. Read it again on all nuts.`;
}

/** Shims as counted: thickness x how many, such as `1.0x4 0.5x8`. */
const toSizes = (text: string) =>
  text
    .split(/[;\s]+/)
    .filter(Boolean)
    .map((each) => {
      const [thickness = "", count = ""] = each.split(/[x×*]/);
      return { thickness, count: Number(count) };
    });

async function onShims() {
  const sizes = toSizes(shims.counted);
  if (!sizes.length || sizes.some((s) => !Number.isInteger(s.count) || s.count < 1)) {
    problem.value = "Write what was counted like 1.0x4 0.5x8: thickness x pieces, both sides together.";
    return "";
  }
  const s = await toData(
    client.POST("/api/bench-help/shims", { body: { wanted: shims.wanted, sizes, bolts: shims.bolts } }),
  );
  const pieces = s.pieces.map((p) => toLength(p, session.units)).join(" + ") || "no shim";
  return `Under each bolt ${pieces}: ${toLength(s.thickness, session.units)}, ${toLength(s.off, session.units)} from what is wanted. The same under every bolt; read the slides' travel to both ends again.`;
}

async function onEngagement() {
  const e = await toData(client.POST("/api/bench-help/engagement", { body: { ...stud } }));
  return e.enough
    ? `${toLength(e.engaged, session.units)} of thread hold: enough, ${toLength(e.wanted, session.units)} are wanted.`
    : `Only ${toLength(e.engaged, session.units)} of thread hold, ${toLength(e.wanted, session.units)} are wanted (${e.turnsWanted} turns). The wheel does not go on the road on these studs.`;
}

const schools = ref<Schemas["SchoolView"][]>([]);
watch(
  () => session.units,
  () => {
    if (schools.value.length) void loadSchools();
  },
);

async function loadSchools() {
  try {
    schools.value = await toData(client.GET("/api/bench-help/bearing-schools"));
  } catch (e) {
    problem.value = toMessage(e);
  }
}

function onSchools(event: Event) {
  if ((event.target as HTMLDetailsElement).open && !schools.value.length) void loadSchools();
}

const ASK: Record<Kind, () => Promise<string>> = {
  nut: onNut,
  indexing: onIndexing,
  wrench: onWrench,
  shims: onShims,
  engagement: onEngagement,
};

const newest = toNewest();

/** What was said does not stand beside other figures, or a step that has changed, than those it was worked out from. */
watch(
  () => JSON.stringify([step, session.units, nut, wrench, shims, stud, indexing]),
  () => {
    newest.forget();
    said.value = "";
  },
  { flush: "sync" },
);

async function onAsk(about: Kind) {
  const isNewest = newest.ask();
  problem.value = "";
  said.value = "";
  kind.value = about;
  try {
    const answer = await ASK[about]();
    if (isNewest()) said.value = answer;
  } catch (e) {
    if (isNewest()) problem.value = toMessage(e);
  }
}
</script>

<template>
  <details v-if="step.reading?.kind === 'END_PLAY'" class="help" @toggle="onSchools">
    <summary>Three schools of adjusting</summary>
    <dl>
      <template v-for="s in schools" :key="s.school">
        <dt>{{ s.title }}</dt>
        <dd>{{ s.told }}</dd>
      </template>
    </dl>
    <p class="small soft">Whichever is followed, the end play read and a hub that turns free decide.</p>
  </details>
  <details v-for="k in kinds" :key="k" class="help">
    <summary>{{ TITLES[k] }}</summary>
    <form @submit.prevent="onAsk(k)">
      <template v-if="k === 'nut'">
        <label>End play read <InputText v-model="nut.measured" maxlength="40" /></label>
        <label>Pitch of the nut <InputText v-model="nut.pitch" maxlength="40" /></label>
        <label
          >Positions in a turn <input v-model.number="nut.positions" type="number" min="1" max="60"
        /></label>
      </template>
      <template v-else-if="k === 'shims'">
        <label>Wanted under each bolt <InputText v-model="shims.wanted" maxlength="40" /></label>
        <label class="wide"
          >Counted, both sides <InputText v-model="shims.counted" maxlength="120" placeholder="1.0x4 0.5x8" />
        </label>
        <label>Bolts, both sides <input v-model.number="shims.bolts" type="number" min="1" max="16" /></label>
      </template>
      <template v-else-if="k === 'engagement'">
        <label
          >Turns, first thread to tight
          <input v-model.number="stud.turns" type="number" min="0.5" max="40" step="0.25"
        /></label>
        <label>Thread <InputText v-model="stud.thread" maxlength="40" placeholder="1/2-20" /></label>
      </template>
      <template v-else-if="k === 'wrench'">
        <label>Wrench, grip to square <InputText v-model="wrench.length" maxlength="40" /></label>
        <label>Extension, square to bolt <InputText v-model="wrench.extension" maxlength="40" /></label>
        <label
          >Between them
          <select v-model.number="wrench.angle">
            <option :value="0">in line</option>
            <option :value="45">45°</option>
            <option :value="90">square: no change</option>
          </select>
        </label>
      </template>
      <template v-else>
        <label class="wide"
          >Hub face, round it <InputText v-model="indexing.hub" placeholder="0 0.01 0.02 0.01" />
        </label>
        <label>at radius <InputText v-model="indexing.hubRadius" maxlength="40" /></label>
        <label class="wide"
          >Disc alone, from the same stud <InputText v-model="indexing.disc" placeholder="0 0.02 0.03 0.01" />
        </label>
        <label>at radius <InputText v-model="indexing.discRadius" maxlength="40" /></label>
        <label>Studs <input v-model.number="indexing.studs" type="number" min="3" max="12" /></label>
      </template>
      <button type="submit" class="plain-button">Work it out</button>
    </form>
    <p v-if="said && kind === k" role="status">
      <strong>{{ said }}</strong>
    </p>
    <p v-if="problem && kind === k" class="failure" role="alert">{{ problem }}</p>
  </details>
</template>

<style scoped>
.help {
  border-top: 1px solid var(--line-soft);
  margin-top: 0.4rem;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}

dl {
  margin: 0;
}

dt {
  font-weight: 600;
}

dd {
  margin: 0 0 0.5rem;
  max-width: 46rem;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: end;
}

label {
  display: flex;
  flex-direction: column;
  width: 12rem;
}

.wide {
  width: 22rem;
}

select,
input[type="number"] {
  font: inherit;
  min-height: 44px;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}
</style>
