<script setup lang="ts">
import InputText from "primevue/inputtext";
import { useToast } from "primevue/usetoast";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { toNewest } from "../../shell/newest";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toUnitName } from "../../units/format";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toVerdictWord, type Verdict } from "../../verdict/words";
import CompareKits from "./CompareKits.vue";
import KitDialog from "./KitDialog.vue";
import KitRow from "./KitRow.vue";
import { useMatch, type CheckId, type Sort } from "./useMatch";

type Row = Schemas["RowView"];

const MOST_COMPARED = 4;

const axle = useAxle();
const session = useSession();
const router = useRouter();
const toast = useToast();
const { wanted, match, failure, isLoading, isNew, load, more } = useMatch(axle.axleId);
const report = ref<Schemas["KitReportView"] | null>(null);
const focusCheck = ref<CheckId | null>(null);
const isOpen = ref(false);
const marked = ref<string[]>([]);
const compared = ref<Schemas["KitReportView"][]>([]);
const isComparing = ref(false);

watch(match, (now) => {
  if (now) axle.set({ jobId: now.jobId, jobTitle: now.jobTitle, name: now.name, chosenKit: now.chosenKit });
});

const VERDICTS: Verdict[] = ["FITS", "FITS_WITH_WORK", "NOT_PROVEN", "DOES_NOT_FIT"];
const counts = computed(() =>
  VERDICTS.map((v) => ({
    verdict: v,
    count: match.value?.counts.find((c) => c.verdict === v)?.count ?? 0,
  })),
);

const SORTS: { value: Sort; text: string }[] = [
  { value: "BEST", text: "Best first" },
  { value: "FULL_COST", text: "Full cost" },
  { value: "LEAD_TIME", text: "Lead time" },
  { value: "WORK", text: "Least work" },
  { value: "NAME", text: "Code" },
  { value: "HELD", text: "What holds it up" },
];

function isNewGroup(i: number) {
  const rows = match.value?.rows ?? [];
  return i === 0 || rows[i]?.heldBy !== rows[i - 1]?.heldBy;
}

/** What holds a group of kits up, with how many there are in the whole catalogue. */
function toGroupTitle(row: Row) {
  const group = match.value?.heldBy.find((h) => h.check === row.heldBy);
  return group ? `Held up by ${group.title.toLowerCase()} (${group.count})` : "Proven: nothing holds them up";
}

function onSortBy(check: CheckId) {
  const again = wanted.sort === "MARGIN" && wanted.by === check;
  wanted.sort = again ? "BEST" : "MARGIN";
  wanted.by = again ? null : check;
}

function onPick(event: Event) {
  wanted.sort = (event.target as HTMLSelectElement).value as Sort;
  wanted.by = null;
}

/** Version of the axle when the dialog was opened: a table fetched anew meanwhile must not hide somebody else's choice. */
let openedAt = 0;
const opening = toNewest();

async function onOpen(row: Row, check: CheckId | null) {
  const isNewest = opening.ask();
  openedAt = match.value?.version ?? 0;
  try {
    const fresh = await toData(
      client.GET("/api/axles/{axleId}/match/{code}", {
        params: { path: { axleId: axle.axleId, code: row.code } },
      }),
    );
    if (!isNewest()) return;
    report.value = fresh;
    focusCheck.value = check;
    isOpen.value = true;
  } catch (e) {
    toast.add({ severity: "error", summary: "Cannot open", detail: toMessage(e), life: 8000 });
  }
}

/** What was seen on a donor part changes the kit's report and its row. */
async function onSeen() {
  const code = report.value?.code;
  if (!code) return;
  const fresh = await toData(
    client.GET("/api/axles/{axleId}/match/{code}", {
      params: { path: { axleId: axle.axleId, code } },
    }),
  );
  if (report.value?.code === code) report.value = fresh; // another kit may be open by now
  await load(match.value?.rows.length);
  openedAt = match.value?.version ?? openedAt;
}

async function onChoose(kit: string | undefined) {
  if (!match.value) return;
  try {
    await toData(
      client.PUT("/api/axles/{axleId}/choice", {
        params: { path: { axleId: axle.axleId } },
        body: { version: openedAt, kit },
      }),
    );
    isOpen.value = false;
    toast.add({ severity: "success", summary: kit ? `Kit ${kit} chosen` : "Choice taken back", life: 4000 });
  } catch (e) {
    toast.add({ severity: "error", summary: "Not chosen", detail: toMessage(e), life: 10000 });
  }
  await load();
}

async function onLike(code: string) {
  if (!match.value) return;
  const params = { path: { axleId: axle.axleId, code } };
  const isLiked = match.value.liked.includes(code);
  try {
    const liked = await toData(
      isLiked
        ? client.DELETE("/api/axles/{axleId}/liked/{code}", { params })
        : client.PUT("/api/axles/{axleId}/liked/{code}", { params }),
    );
    match.value = { ...match.value, liked };
    if (wanted.onlyLiked) await load();
  } catch (e) {
    toast.add({ severity: "error", summary: "Not kept", detail: toMessage(e), life: 8000 });
  }
}

function onMark(code: string) {
  marked.value = marked.value.includes(code)
    ? marked.value.filter((c) => c !== code)
    : [...marked.value, code].slice(-MOST_COMPARED);
}

async function onCompare() {
  try {
    compared.value = await toData(
      client.GET("/api/axles/{axleId}/compare", {
        params: { path: { axleId: axle.axleId }, query: { kit: marked.value } },
      }),
    );
    isComparing.value = true;
  } catch (e) {
    toast.add({ severity: "error", summary: "Cannot compare", detail: toMessage(e), life: 8000 });
  }
}

function onSection(code: string) {
  void router.push({ path: `/axles/${axle.axleId}/section`, query: { kit: code } });
}

function onScroll(event: Event) {
  const box = event.target as HTMLElement;
  if (box.scrollTop + box.clientHeight > box.scrollHeight - 600) void more();
}

function onShow(verdict: Verdict) {
  wanted.verdict = wanted.verdict === verdict ? null : verdict;
  wanted.held = null;
}
</script>

<template>
  <div class="page wide">
    <div class="page-head">
      <h1>Match table</h1>
      <div class="filters" role="group" aria-label="Show only">
        <button
          v-for="c in counts"
          :key="c.verdict"
          type="button"
          :aria-pressed="wanted.verdict === c.verdict"
          @click="onShow(c.verdict)"
        >
          <VerdictMark :verdict="c.verdict" /> {{ c.count }} {{ toVerdictWord(c.verdict) }}
        </button>
      </div>
      <span v-if="isNew" class="fresh" role="status">New readings: judged again</span>
      <span v-else-if="match?.unfinished" class="soft small" role="status"
        >{{ match.unfinished }} kits still to be judged lock to lock and over the travel</span
      >
    </div>
    <div class="narrow no-print">
      <InputText v-model="wanted.text" class="find" placeholder="Find a kit" aria-label="Find a kit" />
      <label class="pick">
        <span>Held up by</span>
        <select v-model="wanted.held">
          <option :value="null">anything</option>
          <option v-for="h in match?.heldBy ?? []" :key="h.check" :value="h.check">
            {{ h.title }} ({{ h.count }})
          </option>
        </select>
      </label>
      <label class="pick">
        <span>Order</span>
        <select :value="wanted.sort" @change="onPick">
          <option v-for="s in SORTS" :key="s.value" :value="s.value">{{ s.text }}</option>
          <option v-if="wanted.sort === 'MARGIN'" value="MARGIN">Margin of a check</option>
        </select>
      </label>
      <button
        type="button"
        class="plain-button"
        :aria-pressed="wanted.onlyLiked"
        @click="wanted.onlyLiked = !wanted.onlyLiked"
      >
        {{ wanted.onlyLiked ? "★" : "☆" }} Favourites
      </button>
      <button type="button" class="plain-button" :disabled="marked.length < 2" @click="onCompare">
        Compare {{ marked.length || "" }}
      </button>
      <RouterLink class="plain-button" :to="`/axles/${axle.axleId}/search`">Cheapest proven …</RouterLink>
      <RouterLink class="plain-button" :to="`/axles/${axle.axleId}/what-if`">What if …</RouterLink>
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !match" class="soft">Judging the kits …</p>
    <template v-if="match">
      <p v-if="match.chosen" class="sheet chosen">
        <VerdictMark :verdict="match.chosen.verdict" :size="20" /> Chosen: {{ match.chosen.described }}, with
        the work picked: {{ toVerdictWord(match.chosen.verdict) }}. The rows below judge each kit as it comes.
        <RouterLink :to="`/axles/${axle.axleId}/order`">Order sheet</RouterLink>
      </p>
      <p v-if="!match.rows.length && !match.total && !wanted.text" class="sheet empty">
        <template v-if="match.counts.every((c) => c.count === 0)"
          >No kit in the catalogue is made for this kind of axle end. Import kits on the parts wall.</template
        >
        <template v-else>No kit matches what is shown. Clear the filter.</template>
      </p>
      <div
        v-else
        class="sheet scroll"
        tabindex="0"
        role="region"
        aria-label="Kits against checks"
        @scroll.passive="onScroll"
      >
        <table>
          <thead>
            <tr>
              <th scope="col" class="kit">{{ match.total }} kits</th>
              <th scope="col" class="right">Full cost</th>
              <th
                v-for="c in match.checks"
                :key="c.id"
                scope="col"
                :aria-sort="wanted.by === c.id ? 'descending' : undefined"
              >
                <button type="button" class="by" @click="onSortBy(c.id)">
                  {{ c.title }}<span v-if="wanted.by === c.id" aria-hidden="true"> ▾</span>
                  <span v-if="!c.critical" class="soft">advises</span>
                </button>
              </th>
            </tr>
          </thead>
          <tbody>
            <template v-for="(row, i) in match.rows" :key="row.code">
              <tr v-if="wanted.sort === 'HELD' && isNewGroup(i)" class="group">
                <th scope="rowgroup" :colspan="match.checks.length + 2">
                  <span>{{ toGroupTitle(row) }}</span>
                </th>
              </tr>
              <KitRow
                :row="row"
                :checks="match.checks"
                :chosen="row.code === match.chosenKit"
                :liked="match.liked.includes(row.code)"
                :marked="marked.includes(row.code)"
                :brakes="match.brakes.find((b) => b.code === row.code)"
                @open="onOpen(row, $event)"
                @like="onLike(row.code)"
                @mark="onMark(row.code)"
              />
            </template>
          </tbody>
        </table>
        <p v-if="!match.rows.length" class="empty">No kit matches what is shown. Clear the filter.</p>
        <p v-else-if="match.rows.length < match.total" class="empty">
          {{ match.rows.length }} of {{ match.total }} shown.
          <button type="button" class="plain-button" @click="more">Show more</button>
        </p>
      </div>
      <p class="small soft">
        Margins in {{ toUnitName("mm", session.units) }} (load in {{ toUnitName("kg", session.units) }}), each
        with its doubt, the worse side of the two. Each check is guarded singly; there is no correction for
        many checks. Full cost: kit, what is not in its box, and the work proven for it.
        <template v-if="match.kitsForOtherEnds"
          >{{ match.kitsForOtherEnds }} kits for other axle ends are left out.</template
        >
      </p>
      <p v-if="match.brakesProblem" class="small">
        {{ match.brakesProblem }}
        <RouterLink :to="`/jobs/${match.jobId}/brakes`">To the brakes</RouterLink>
      </p>
      <p class="caution small">
        Not checked here, check by hand: {{ match.notChecked.join("; ") }}. Local rules, inspection and
        licensed practice come first.
      </p>
    </template>

    <KitDialog
      v-model:visible="isOpen"
      v-model:focus="focusCheck"
      :report="report"
      :chosen="report?.code === match?.chosenKit"
      :axle-id="axle.axleId"
      @seen="onSeen"
      @choose="onChoose"
      @section="onSection"
    />
    <CompareKits v-model:visible="isComparing" :reports="compared" :checks="match?.checks ?? []" />
  </div>
</template>

<style scoped>
.chosen {
  padding: 0.5rem 0.8rem;
}

.wide {
  max-width: 1900px;
}

.filters,
.narrow {
  display: flex;
  flex-wrap: wrap;
}

.narrow {
  gap: 0.6rem;
  align-items: center;
  margin-bottom: 0.6rem;
}

.filters button {
  display: flex;
  align-items: center;
  gap: 0.45rem;
  font: inherit;
  min-height: 44px;
  padding: 0 0.8rem;
  border: 1px solid var(--line);
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.filters button[aria-pressed="true"] {
  border-color: var(--accent);
  box-shadow: inset 0 -3px 0 var(--accent);
}

.fresh {
  color: var(--accent);
  font-weight: 600;
}

.find {
  width: 9rem;
}

.scroll {
  overflow: auto;
  max-height: calc(100vh - 330px);
  min-height: 18rem;
}

.empty {
  padding: 1.2rem;
}

table {
  border-collapse: collapse;
  width: 100%;
  font-family: var(--narrow);
}

thead th {
  position: sticky;
  top: 0;
  background: var(--sheet);
  z-index: 1;
  vertical-align: bottom;
  text-align: left;
  padding: 0.4rem 0.3rem;
  font-size: 0.97rem;
  line-height: 1.15;
  box-shadow: inset 0 -2px 0 var(--ink);
}

thead .kit {
  position: sticky;
  left: 0;
  z-index: 3;
  padding-left: 0.7rem;
  min-width: 15.5rem;
}

.by {
  display: flex;
  flex-direction: column;
  font: inherit;
  font-weight: 600;
  text-align: left;
  padding: 0.2rem;
  min-height: 44px;
  min-width: 4.6rem;
  justify-content: flex-end;
  background: none;
  border: 0;
  color: var(--ink);
  cursor: pointer;
}

.group th {
  text-align: left;
  padding: 0;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}

.group span {
  position: sticky;
  left: 0;
  display: inline-block;
  padding: 0.5rem 0.7rem;
}

.right {
  text-align: right;
}
</style>
