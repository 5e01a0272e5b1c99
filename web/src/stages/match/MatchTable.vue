<script setup lang="ts">
import Button from "primevue/button";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import { useToast } from "primevue/usetoast";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toMargin, toMarginDoubt, toPrice, toUnitName } from "../../units/format";
import FindingText from "../../verdict/FindingText.vue";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toSideWord, toVerdictWord, type Verdict } from "../../verdict/words";

type Row = Schemas["RowView"];
type CheckId = Schemas["CellView"]["check"];

const axle = useAxle();
const session = useSession();
const router = useRouter();
const toast = useToast();
const {
  data: match,
  failure,
  isLoading,
} = useLoad(() =>
  toData(client.GET("/api/axles/{axleId}/match", { params: { path: { axleId: axle.axleId } } })),
);
const report = ref<Schemas["KitReportView"] | null>(null);
const focusCheck = ref<CheckId | null>(null);
const isOpen = ref(false);
const wantedText = ref("");
const showVerdict = ref<Verdict | null>(null);

watch(match, (now) => {
  if (now) axle.set({ jobId: now.jobId, jobTitle: now.jobTitle, name: now.name, chosenKit: now.chosenKit });
});

const rows = computed(() =>
  (match.value?.rows ?? []).filter(
    (r) =>
      (!showVerdict.value || r.verdict === showVerdict.value) &&
      `${r.code} ${r.name} ${r.supplier}`.toLowerCase().includes(wantedText.value.trim().toLowerCase()),
  ),
);

const VERDICTS: Verdict[] = ["FITS", "FITS_WITH_WORK", "NOT_PROVEN", "DOES_NOT_FIT"];
const counts = computed(() =>
  VERDICTS.map((v) => ({ verdict: v, count: match.value?.rows.filter((r) => r.verdict === v).length ?? 0 })),
);

function cell(row: Row, check: CheckId) {
  return row.cells.find((c) => c.check === check);
}

function toCellLabel(row: Row, c: Schemas["CellView"], title: string) {
  const margin =
    c.margin === undefined || c.doubt === undefined
      ? "margin unknown"
      : `margin ${toMargin(c.margin, c.unit, session.units)} ${toMarginDoubt(c.doubt, c.unit, session.units)} ${toUnitName(c.unit, session.units)}`;
  return `${row.code}, ${title}: ${toVerdictWord(c.verdict)}, ${margin}, ${toSideWord(c.side)} side. Why?`;
}

async function onOpen(row: Row, check: CheckId | null) {
  try {
    report.value = await toData(
      client.GET("/api/axles/{axleId}/match/{code}", {
        params: { path: { axleId: axle.axleId, code: row.code } },
      }),
    );
    focusCheck.value = check;
    isOpen.value = true;
  } catch (e) {
    toast.add({ severity: "error", summary: "Cannot open", detail: toMessage(e), life: 8000 });
  }
}

const findings = computed(() => {
  const all = report.value?.findings ?? [];
  return focusCheck.value ? all.filter((f) => f.check === focusCheck.value) : all;
});

async function onChoose(kit: string | undefined) {
  if (!match.value) return;
  try {
    match.value = await toData(
      client.PUT("/api/axles/{axleId}/choice", {
        params: { path: { axleId: axle.axleId } },
        body: { version: match.value.version, kit },
      }),
    );
    isOpen.value = false;
    toast.add({ severity: "success", summary: kit ? `Kit ${kit} chosen` : "Choice taken back", life: 4000 });
  } catch (e) {
    toast.add({ severity: "error", summary: "Not chosen", detail: toMessage(e), life: 10000 });
    match.value = await toData(
      client.GET("/api/axles/{axleId}/match", { params: { path: { axleId: axle.axleId } } }),
    );
  }
}

function onSection(code: string) {
  void router.push({ path: `/axles/${axle.axleId}/section`, query: { kit: code } });
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
          :aria-pressed="showVerdict === c.verdict"
          @click="showVerdict = showVerdict === c.verdict ? null : c.verdict"
        >
          <VerdictMark :verdict="c.verdict" /> {{ c.count }} {{ toVerdictWord(c.verdict) }}
        </button>
      </div>
      <InputText v-model="wantedText" placeholder="Find a kit" aria-label="Find a kit" />
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLoading && !match" class="soft">Judging the kits …</p>
    <template v-if="match">
      <p v-if="!match.rows.length" class="sheet empty">
        No kit in the catalogue is made for this kind of axle end. Import kits on the parts wall.
      </p>
      <div v-else class="sheet scroll" tabindex="0" role="region" aria-label="Kits against checks">
        <table>
          <thead>
            <tr>
              <th scope="col" class="kit">Kit</th>
              <th v-for="c in match.checks" :key="c.id" scope="col">{{ c.title }}</th>
              <th scope="col" class="right">Price</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.code" :class="{ chosen: row.code === match.chosenKit }">
              <th scope="row" class="kit">
                <button type="button" class="open" @click="onOpen(row, null)">
                  <span class="code">
                    {{ row.code }} <VerdictMark :verdict="row.verdict" /> {{ toVerdictWord(row.verdict) }}
                    <span v-if="row.code === match.chosenKit" class="tag">chosen</span>
                  </span>
                  <span class="name">{{ row.name }}</span>
                </button>
              </th>
              <td v-for="c in match.checks" :key="c.id">
                <button
                  v-if="cell(row, c.id)"
                  type="button"
                  class="cell"
                  :aria-label="toCellLabel(row, cell(row, c.id)!, c.title)"
                  @click="onOpen(row, c.id)"
                >
                  <span class="first figures">
                    <VerdictMark :verdict="cell(row, c.id)!.verdict" :size="16" />
                    <strong v-if="cell(row, c.id)!.margin !== undefined">{{
                      toMargin(cell(row, c.id)!.margin!, cell(row, c.id)!.unit, session.units)
                    }}</strong>
                    <span v-else>unknown</span>
                  </span>
                  <span class="doubt figures"
                    ><template v-if="cell(row, c.id)!.margin !== undefined">{{
                      toMarginDoubt(cell(row, c.id)!.doubt ?? 0, cell(row, c.id)!.unit, session.units)
                    }}</template
                    ><template v-if="cell(row, c.id)!.sidesDiffer">
                      {{ toSideWord(cell(row, c.id)!.side) }}</template
                    ></span
                  >
                </button>
              </td>
              <td class="right figures price">
                {{ toPrice(row.priceCents) }}<br /><span class="doubt">{{ row.leadDays }} days</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="!rows.length" class="empty">No kit matches what is shown. Clear the filter.</p>
      </div>
      <p class="small soft">
        Margins in {{ toUnitName("mm", session.units) }} (load in {{ toUnitName("kg", session.units) }}), each
        with its doubt, the worse side of the two. Each check is guarded singly; there is no correction for
        many checks.
        <template v-if="match.kitsForOtherEnds"
          >{{ match.kitsForOtherEnds }} kits for other axle ends are left out.</template
        >
      </p>
      <p class="caution small">
        Not checked here, check by hand: {{ match.notChecked.join("; ") }}. Local rules, inspection and
        licensed practice come first.
      </p>
    </template>

    <Dialog
      v-model:visible="isOpen"
      modal
      dismissable-mask
      :header="report ? `${report.code} · ${report.name}` : ''"
      :style="{ width: 'min(56rem, 96vw)' }"
    >
      <template v-if="report">
        <p class="head">
          <VerdictMark :verdict="report.verdict" :size="22" />
          <strong>{{ toVerdictWord(report.verdict) }}</strong>
          <span class="soft"
            >{{ report.supplier }} · {{ toPrice(report.priceCents) }} · {{ report.leadDays }} days</span
          >
        </p>
        <template v-if="!focusCheck">
          <p class="small">
            In the box: {{ report.box.join(", ") }}.
            <span v-if="report.missing.length">Not in the box: {{ report.missing.join(", ") }}.</span>
            Parking: {{ report.parkingBrake || "not said" }}.
            {{ report.reversible ? "Drums can go back." : "Drums cannot go back." }}
          </p>
          <p v-for="n in report.notes" :key="n" class="small soft">{{ n }}</p>
        </template>
        <FindingText v-for="f in findings" :key="f.check + f.side" :finding="f" />
        <button v-if="focusCheck" type="button" class="all" @click="focusCheck = null">
          Show all checks
        </button>
      </template>
      <template #footer>
        <Button
          label="Wheel section"
          severity="secondary"
          outlined
          @click="report && onSection(report.code)"
        />
        <Button
          v-if="session.mayChange && report && report.code === match?.chosenKit"
          label="Take the choice back"
          severity="secondary"
          outlined
          @click="onChoose(undefined)"
        />
        <Button
          v-else-if="session.mayChange && report"
          label="Choose this kit"
          @click="onChoose(report.code)"
        />
      </template>
    </Dialog>
  </div>
</template>

<style scoped>
.wide {
  max-width: 1600px;
}

.filters {
  display: flex;
  flex-wrap: wrap;
}

.filters button,
.all {
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

.scroll {
  overflow: auto;
  max-height: calc(100vh - 275px);
}

.empty {
  padding: 1.5rem;
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
  padding: 0.5rem 0.35rem;
  font-size: 0.97rem;
  line-height: 1.15;
  box-shadow: inset 0 -2px 0 var(--ink);
}

td,
tbody th {
  border-bottom: 1px solid var(--line-soft);
  padding: 0;
  vertical-align: top;
}

.kit {
  position: sticky;
  left: 0;
  background: var(--sheet);
  z-index: 2;
  min-width: 14.5rem;
  max-width: 16rem;
  text-align: left;
}

thead .kit {
  z-index: 3;
  padding-left: 0.7rem;
}

.chosen .kit,
.chosen td {
  background: var(--accent-wash);
}

.open {
  display: flex;
  flex-direction: column;
  width: 100%;
  font: inherit;
  text-align: left;
  padding: 0.5rem 0.7rem;
  background: none;
  border: 0;
  color: var(--ink);
  cursor: pointer;
}

.code {
  display: flex;
  align-items: center;
  gap: 0.35rem;
  font-weight: 600;
}

.tag {
  color: var(--accent);
}

.name {
  font-weight: 400;
  font-size: 0.97rem;
  line-height: 1.2;
}

.cell {
  display: flex;
  flex-direction: column;
  gap: 0.1rem;
  align-items: flex-start;
  min-width: 5.1rem;
  min-height: 62px;
  width: 100%;
  text-align: left;
  font: inherit;
  padding: 0.55rem 0.35rem;
  background: none;
  border: 0;
  color: var(--ink);
  cursor: pointer;
}

.first {
  display: flex;
  align-items: center;
  gap: 0.3rem;
  font-size: 1.05rem;
}

.cell .doubt {
  padding-left: 1.3rem;
}

.open:hover,
.cell:hover {
  background: var(--accent-wash);
}

.doubt {
  color: var(--ink-soft);
  font-weight: 400;
  font-size: 0.94rem;
}

.right {
  text-align: right;
}

.price {
  padding: 0.55rem 0.7rem;
}

.head {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  flex-wrap: wrap;
  margin: 0 0 0.4rem;
}
</style>
