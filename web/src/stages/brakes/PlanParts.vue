<script setup lang="ts">
import { computed, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toPrice } from "../../units/format";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toVerdictWord } from "../../verdict/words";
import { useProposal } from "./useProposal";
import { toDoubtful } from "./words";

/** Parts planned for the brakes: what is proposed, masters ranked, each part put in or taken out. */
const { brakes } = defineProps<{ brakes: Schemas["BrakesView"] }>();
const emit = defineEmits<{ saved: [brakes: Schemas["BrakesView"]] }>();
const session = useSession();
const failure = ref("");
const picked = ref("");
const pickedAxle = ref("");

const path = { jobId: brakes.jobId };
const masters = useLoad(() => toData(client.GET("/api/jobs/{jobId}/brakes/masters", { params: { path } })));
const { search, start, stop, forget } = useProposal((body) =>
  toData(client.POST("/api/jobs/{jobId}/brakes/proposal", { params: { path }, body })),
);

type Fitted = Schemas["FittedForm"];
const planned = computed(() => brakes.circuit.planned.parts);
const part = (code: string) => brakes.parts.find((p) => p.code === code);
const discs = computed(() => brakes.circuit.axles.map((a) => a.name));

const groups = computed(() => {
  const sorts = new Map<string, Schemas["BrakePartView"][]>();
  brakes.parts.forEach((p) => sorts.set(p.sortTitle, [...(sorts.get(p.sortTitle) ?? []), p]));
  return [...sorts.entries()];
});

async function keep(parts: Fitted[], figures = brakes.circuit.planned.figures) {
  failure.value = "";
  try {
    const saved = await toData(
      client.PUT("/api/jobs/{jobId}/brakes", {
        params: { path },
        body: { ...brakes.circuit, planned: { ...brakes.circuit.planned, parts, figures } },
      }),
    );
    forget();
    emit("saved", saved);
    await masters.load();
  } catch (e) {
    failure.value = toMessage(e);
  }
}

/** One master, one booster, one valve and one actuator: a new one takes the place of the one planned. */
function onAdd(code: string, axle?: string) {
  const adding = part(code);
  if (!adding) return;
  const alone = ["MASTER", "BOOSTER", "VALVE", "ACTUATOR"].includes(adding.sort);
  const others = planned.value.filter(
    (p) =>
      !(alone && part(p.code)?.sort === adding.sort) &&
      !(adding.onAxle && p.code === code && p.axle === axle),
  );
  picked.value = "";
  void keep([...others, adding.onAxle ? { code, axle: axle ?? discs.value[0] } : { code }]);
}

function onRemove(index: number) {
  void keep(planned.value.filter((_, i) => i !== index));
}

function onTake() {
  if (search.best) void keep(search.best.parts, search.best.settings);
}
</script>

<template>
  <div class="plan">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <section class="sheet" aria-label="Parts planned">
      <h3>Planned for the brakes, besides the kits</h3>
      <p v-if="!planned.length" class="soft">
        No part is planned: as planned is as found with the kits put in.
      </p>
      <table v-else class="plain">
        <tbody>
          <tr v-for="(p, i) in planned" :key="i">
            <th scope="row">{{ p.code }}</th>
            <td>{{ part(p.code)?.name ?? "not in the catalogue" }}{{ p.axle ? `, ${p.axle}` : "" }}</td>
            <td class="right figures">{{ part(p.code) ? toPrice(part(p.code)!.cents) : "" }}</td>
            <td>
              <button
                v-if="session.mayChange"
                type="button"
                class="plain-button"
                :aria-label="`Take ${p.code} out of the plan`"
                @click="onRemove(i)"
              >
                Take out
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <div v-if="session.mayChange" class="row">
        <label class="pick"
          >Put in
          <select v-model="picked">
            <option value="">choose a part</option>
            <optgroup v-for="[sort, parts] in groups" :key="sort" :label="sort">
              <option v-for="p in parts" :key="p.code" :value="p.code">
                {{ p.code }} {{ p.name }}, {{ toPrice(p.cents) }}
              </option>
            </optgroup>
          </select>
        </label>
        <label v-if="part(picked)?.onAxle" class="pick"
          >on
          <select v-model="pickedAxle">
            <option v-for="a in discs" :key="a" :value="a">{{ a }}</option>
          </select>
        </label>
        <button
          type="button"
          class="plain-button"
          :disabled="!picked"
          @click="onAdd(picked, pickedAxle || undefined)"
        >
          Put in
        </button>
      </div>
    </section>
    <section class="sheet" aria-label="Proposal">
      <h3>What would do</h3>
      <div class="row">
        <button v-if="!search.isRunning" type="button" class="plain-button" @click="start">
          Find the cheapest parts that prove it
        </button>
        <template v-else>
          <progress :value="search.done" max="1" aria-label="Looking through the catalogue" />
          <span class="figures" role="status">{{ Math.round(100 * search.done) }} %</span>
          <button type="button" class="plain-button" @click="stop">Stop</button>
        </template>
      </div>
      <p v-if="search.failure" class="failure" role="alert">{{ search.failure }}</p>
      <p v-if="search.isStopped && !search.isRunning" class="soft">
        Stopped before the end: there may be cheaper parts.
      </p>
      <p v-if="search.best === null" role="status">
        {{
          brakes.after?.findings.every((f) => !f.critical || f.verdict === "FITS")
            ? "Every critical finding is proven: nothing more is needed."
            : "No parts of the catalogue leave less open. What is open wants a reading, another kit or another parking brake."
        }}
      </p>
      <template v-else-if="search.best">
        <ul>
          <li v-for="(p, i) in search.best.parts" :key="i">
            {{ p.code }} {{ search.best.names[i] }}{{ p.axle ? `, ${p.axle}` : "" }}
          </li>
          <li v-if="search.best.settings.VALVE_KNEE">
            Set the valve's knee to {{ search.best.settings.VALVE_KNEE }} MPa
          </li>
        </ul>
        <p>
          <strong>{{ toPrice(search.best.cents) }}</strong>.
          {{ search.best.proven ? "Every critical finding is proven with them." : search.best.open }}
        </p>
        <button v-if="session.mayChange" type="button" class="strong" @click="onTake">
          Plan these parts
        </button>
      </template>
    </section>
    <section v-if="masters.data.value?.length" class="sheet" aria-label="Masters">
      <h3>Masters of the catalogue in this plan, the best first</h3>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Master</th>
            <th scope="col">Verdict</th>
            <th scope="col" class="right">Pedal for 0.5 g</th>
            <th scope="col" class="right">Stroke left</th>
            <th scope="col">Why</th>
            <th scope="col"><span class="visually-hidden">Plan</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="m in masters.data.value" :key="m.code">
            <th scope="row">
              {{ m.code }}<br /><span class="small">{{ m.name }}</span>
            </th>
            <td class="mark"><VerdictMark :verdict="m.verdict" /> {{ toVerdictWord(m.verdict) }}</td>
            <td class="right figures">
              {{ toDoubtful(m.pedalForce, m.pedalForceDoubt, "N", session.units) }}
            </td>
            <td class="right figures">
              {{ toDoubtful(m.strokeLeft, m.strokeLeftDoubt, "mm", session.units) }}
            </td>
            <td class="small">{{ m.reason }}</td>
            <td>
              <button
                v-if="session.mayChange"
                type="button"
                class="plain-button"
                :aria-label="`Plan master ${m.code}`"
                :aria-pressed="planned.some((p) => p.code === m.code)"
                @click="onAdd(m.code)"
              >
                {{ planned.some((p) => p.code === m.code) ? "Planned" : "Plan it" }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.plan {
  display: grid;
  gap: 0.8rem;
  margin-top: 0.8rem;
}

.sheet {
  padding: 0.8rem 1rem;
}

h3 {
  margin: 0 0 0.4rem;
  font-size: 1.1rem;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
  margin-top: 0.6rem;
}

.pick {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-width: 0;
}

select {
  font: inherit;
  min-height: 44px;
  max-width: 22rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.right {
  text-align: right;
  white-space: nowrap;
}

.mark {
  white-space: nowrap;
}

.strong {
  font: inherit;
  font-weight: 600;
  min-height: 46px;
  padding: 0 1.3rem;
  border: 1px solid var(--accent);
  background: var(--accent);
  color: var(--sheet);
  cursor: pointer;
}
</style>
