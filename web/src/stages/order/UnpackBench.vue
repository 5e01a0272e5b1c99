<script setup lang="ts">
import { computed, reactive, ref } from "vue";
import { client, sendBody, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { useKept } from "../../shell/useKept";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toDoubt, toLength, toTime } from "../../units/format";
import HandTrials from "./HandTrials.vue";

/** What came, measured against what was promised; what that changes; defects and the letter about them. */
const { axleId } = defineProps<{ axleId: number }>();
const emit = defineEmits<{ changed: [] }>();
const session = useSession();
const path = { axleId };
const { data: view, failure } = useLoad(
  () => toData(client.GET("/api/axles/{axleId}/unpacking", { params: { path } })),
  { inUnits: () => session.units },
);
type View = Schemas["UnpackView"];
type Figure = Schemas["IncomingView"];
type Side = "LEFT" | "RIGHT";
const problem = ref("");
const isBusy = ref(false);

async function act(step: () => Promise<View>) {
  problem.value = "";
  isBusy.value = true;
  try {
    view.value = await step();
    emit("changed");
    return true;
  } catch (e) {
    problem.value = toMessage(e);
    return false;
  } finally {
    isBusy.value = false;
  }
}

const WORDS: Record<Schemas["PieceView"]["compared"], string> = {
  NOT_MEASURED: "not measured",
  AS_PROMISED: "as promised",
  CANNOT_BE_TOLD: "cannot be told",
  NOT_AS_PROMISED: "NOT as promised",
};
const MARKS: Record<Schemas["PieceView"]["compared"], string> = {
  NOT_MEASURED: "○",
  AS_PROMISED: "●",
  CANNOT_BE_TOLD: "◌",
  NOT_AS_PROMISED: "■",
};

const typed = reactive(new Map<string, string>());
const toKey = (f: Figure, side: Side) => `${f.figure} ${side}`;
const toPiece = (f: Figure, side: Side) => (side === "LEFT" ? f.left : f.right);
const toTyped = (f: Figure, side: Side) => typed.get(toKey(f, side)) ?? toPiece(f, side).text ?? "";

/** Enter and leaving the field both save; what is on its way is not sent twice. */
const sending = new Set<string>();

/** A gauge that types and ends with Enter goes on to the next piece by itself. */
async function onRead(f: Figure, side: Side, e: Event) {
  const text = toTyped(f, side);
  const key = toKey(f, side);
  if (text === (toPiece(f, side).text ?? "") || sending.has(key)) return;
  sending.add(key);
  const field = (e.target as HTMLElement).closest("table");
  const isKept = await act(() =>
    toData(
      client.POST("/api/axles/{axleId}/unpacking/readings", {
        params: { path },
        body: { figure: f.figure, side, text },
      }),
    ),
  );
  sending.delete(key);
  if (!isKept) return;
  typed.delete(key);
  if (e instanceof KeyboardEvent) {
    const all = [...(field?.querySelectorAll("input") ?? [])];
    all[all.indexOf(e.target as HTMLInputElement) + 1]?.focus();
  }
}

function onTried(body: Schemas["HandTrialForm"]) {
  void act(() => toData(client.POST("/api/axles/{axleId}/unpacking/trials", { params: { path }, body })));
}

const defect = reactive({ supplier: "", item: "", what: "", then: "RETURN" as const });
const suppliers = computed(() => view.value?.suppliers ?? []);
async function onDefect() {
  const body = { ...defect, supplier: defect.supplier || (suppliers.value[0] ?? "") };
  if (
    await act(() => toData(client.POST("/api/axles/{axleId}/unpacking/defects", { params: { path }, body })))
  )
    Object.assign(defect, { item: "", what: "" });
}

async function onPhoto(defectId: number, picker: HTMLInputElement) {
  const file = picker.files?.[0];
  picker.value = "";
  const now = view.value;
  if (!file || !now) return;
  await act(async () => ({
    ...now,
    defects: await sendBody<View["defects"]>(
      `/api/axles/${axleId}/unpacking/defects/${defectId}/photos?clientId=${crypto.randomUUID()}`,
      file.type,
      file,
    ),
  }));
}

const THEN = { RETURN: "goes back", REWORK: "is reworked", USE: "is used as it is" } as const;

const reason = ref("");
useKept(`unpack.${axleId}`, {
  reason,
  defect: computed({ get: () => defect, set: (typed: typeof defect) => Object.assign(defect, typed) }),
});
async function onRelease() {
  problem.value = "";
  try {
    await toData(
      client.POST("/api/axles/{axleId}/order/release", {
        params: { path },
        body: { seal: view.value?.seal ?? "", reason: reason.value },
      }),
    );
    reason.value = "";
    await act(() => toData(client.GET("/api/axles/{axleId}/unpacking", { params: { path } })));
  } catch (e) {
    problem.value = toMessage(e);
  }
}
</script>

<template>
  <section v-if="view || failure" class="sheet bay unpack" aria-label="Unpack and measure">
    <h2>Unpack and measure</h2>
    <p v-if="failure || problem" class="failure" role="alert">{{ failure || problem }}</p>
    <template v-if="view">
      <p class="soft small">
        Before anything is taken apart: what the fit rests on, left piece and right piece. A caliper that
        types goes from field to field. A reading may carry what it may be off: 12.9 ± 0.05 mm.
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Promised</th>
            <th scope="col">Left</th>
            <th scope="col">Right</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="f in view.figures" :key="f.figure">
            <th scope="row">{{ f.title }}</th>
            <td class="figures">
              {{ toLength(f.promised, session.units) }} {{ toDoubt(f.tolerance, session.units)
              }}<span v-if="f.assumed" class="soft"> assumed</span>
            </td>
            <td v-for="side in ['LEFT', 'RIGHT'] as const" :key="side">
              <input
                v-if="session.mayChange"
                :value="toTyped(f, side)"
                maxlength="40"
                autocomplete="off"
                :aria-label="`${f.title}, ${side.toLowerCase()}`"
                :aria-invalid="toPiece(f, side).compared === 'NOT_AS_PROMISED'"
                @input="typed.set(toKey(f, side), ($event.target as HTMLInputElement).value)"
                @keydown.enter.prevent="onRead(f, side, $event)"
                @change="onRead(f, side, $event)"
              />
              <span v-else>{{ toPiece(f, side).text ?? "" }}</span>
              <span class="state" :class="toPiece(f, side).compared.toLowerCase()">
                <span aria-hidden="true">{{ MARKS[toPiece(f, side).compared] }}</span>
                {{ WORDS[toPiece(f, side).compared] }}
              </span>
            </td>
          </tr>
        </tbody>
      </table>
      <HandTrials
        :trials="view.trials"
        :donor="view.donor"
        :may-change="session.mayChange"
        @tried="onTried"
      />
      <div v-if="view.changes.length" class="caution">
        <p><strong>What came changes the fit</strong>: {{ view.verdict }} now.</p>
        <ul>
          <li v-for="c in view.changes" :key="c">{{ c }}</li>
        </ul>
        <p>
          The bench card offers the work as it is planned now. What is proven not to fit is claimed or
          reworked, never released.
        </p>
        <form v-if="session.isLead" @submit.prevent="onRelease">
          <label
            >Release it anew, because <input v-model="reason" class="long" maxlength="300" required
          /></label>
          <button type="submit" class="plain-button" :disabled="isBusy">Release</button>
        </form>
      </div>
      <p v-if="view.released" class="soft">Released anew by {{ view.released }}.</p>
      <h3>Defects</h3>
      <ul v-if="view.defects.length">
        <li v-for="d in view.defects" :key="d.at">
          <strong>{{ d.item }}</strong> of {{ d.supplier }}: {{ d.what }}; {{ THEN[d.then] }}
          <span class="soft">{{ d.by }}, {{ toTime(d.at) }}</span>
          <a
            v-for="(p, n) in d.photos"
            :key="p"
            class="photo"
            :href="`/api/axles/${axleId}/unpacking/photos/${p}`"
            target="_blank"
            rel="noopener"
            ><img :src="`/api/axles/${axleId}/unpacking/photos/${p}`" :alt="`Photo ${n + 1} of ${d.item}`"
          /></a>
          <label v-if="session.mayChange" class="plain-button pick"
            >Photo<input
              type="file"
              accept="image/jpeg,image/png"
              capture="environment"
              class="visually-hidden"
              :aria-label="`Photo of ${d.item}`"
              @change="onPhoto(d.id, $event.target as HTMLInputElement)"
          /></label>
        </li>
      </ul>
      <form v-if="session.mayChange" @submit.prevent="onDefect">
        <label
          >Supplier
          <select v-model="defect.supplier">
            <option value="">{{ suppliers[0] }}</option>
            <option v-for="s in suppliers.slice(1)" :key="s">{{ s }}</option>
          </select>
        </label>
        <label>Part <input v-model="defect.item" class="long" maxlength="120" required /></label>
        <label>What is wrong <input v-model="defect.what" class="long" maxlength="300" required /></label>
        <label
          >Then
          <select v-model="defect.then">
            <option v-for="(word, key) in THEN" :key="key" :value="key">{{ word }}</option>
          </select>
        </label>
        <button type="submit" class="plain-button" :disabled="isBusy">Note it</button>
      </form>
      <p class="row">
        <a
          v-for="s in suppliers"
          :key="s"
          class="button"
          :href="`/api/axles/${axleId}/unpacking/claim.pdf?supplier=${encodeURIComponent(s)}`"
          target="_blank"
          rel="noopener"
          >Claim letter to {{ s }}</a
        >
      </p>
    </template>
  </section>
</template>

<style scoped>
.unpack {
  max-width: none;
  padding: 0.8rem 1rem;
  margin-bottom: 0.9rem;
}

table.plain td {
  vertical-align: middle;
}

td input {
  font: inherit;
  min-height: 44px;
  width: 9.5rem;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

.state {
  margin-left: 0.5rem;
  color: var(--ink-soft);
}

.state.not_as_promised {
  color: var(--bad);
  font-weight: 600;
}

.photo img {
  height: 56px;
  vertical-align: middle;
  margin-left: 0.5rem;
  border: 1px solid var(--line);
}

.pick {
  display: inline-flex;
  align-items: center;
  margin-left: 0.5rem;
  cursor: pointer;
}

.pick:focus-within {
  outline: 3px solid var(--accent);
}

.state.as_promised {
  color: var(--good);
}
</style>
