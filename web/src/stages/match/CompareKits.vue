<script setup lang="ts">
import Dialog from "primevue/dialog";
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMargin, toMarginDoubt, toPrice } from "../../units/format";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toSideWord, toVerdictWord } from "../../verdict/words";
import { toRows } from "./compare";

/** Up to four kits side by side; what differs is marked. */
const { reports, checks } = defineProps<{
  reports: Schemas["KitReportView"][];
  checks: Schemas["CheckView"][];
}>();
const visible = defineModel<boolean>("visible", { required: true });
const session = useSession();

const facts = computed(() =>
  toRows(reports, [
    ["Kit price", (r) => toPrice(r.priceCents)],
    ["Full cost", (r) => toPrice(r.fullCents)],
    ["Lead time", (r) => `${r.leadDays} days`],
    ["Work", (r) => (r.workMinutes ? `${r.workMinutes} min` : "none")],
    ["Not in the box", (r) => r.missing.join("; ") || "nothing"],
    ["Drums can go back", (r) => (r.reversible ? "yes" : "no")],
    ["May be sent back", (r) => (r.returnable ? "yes" : "no")],
    ["Parking brake", (r) => r.parkingBrake || "not said"],
    ["Bracket", (r) => r.bracket],
  ]),
);

const judged = computed(() =>
  checks.map((check) => {
    const cells = reports.map((r) => {
      const sides = r.findings.filter((f) => f.check === check.id);
      return sides.map((f) => ({
        verdict: f.verdict,
        side: toSideWord(f.side),
        text:
          f.margin === undefined || f.doubt === undefined
            ? toVerdictWord(f.verdict)
            : `${toMargin(f.margin, f.unit, session.units)} ${toMarginDoubt(f.doubt, f.unit, session.units)}`,
      }));
    });
    const verdicts = new Set(cells.map((sides) => sides.map((s) => s.verdict).join()));
    return { check, cells, differs: verdicts.size > 1 };
  }),
);
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    header="Side by side"
    :style="{ width: 'min(80rem, 97vw)' }"
  >
    <div class="scroll" tabindex="0" role="region" aria-label="Kits side by side">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">What</span></th>
            <th v-for="r in reports" :key="r.code" scope="col">
              <span class="head"><VerdictMark :verdict="r.verdict" :size="18" /> {{ r.code }}</span>
              <span class="soft">{{ r.name }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="f in facts" :key="f.title" :class="{ differs: f.differs }">
            <th scope="row">{{ f.title }}<span v-if="f.differs" class="visually-hidden">, differs</span></th>
            <td v-for="(text, i) in f.texts" :key="i">{{ text }}</td>
          </tr>
          <tr v-for="j in judged" :key="j.check.id" :class="{ differs: j.differs }">
            <th scope="row">
              {{ j.check.title }}<span v-if="j.differs" class="visually-hidden">, differs</span>
            </th>
            <td v-for="(sides, i) in j.cells" :key="i">
              <span v-for="s in sides" :key="s.side" class="side figures">
                <VerdictMark :verdict="s.verdict" :size="15" /> {{ s.text }}
                <span class="soft">{{ s.side }}</span>
              </span>
              <span v-if="!sides.length" class="soft">does not apply</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="small soft">A bar at the left marks the rows that differ.</p>
  </Dialog>
</template>

<style scoped>
.scroll {
  overflow: auto;
  max-height: 70vh;
}

table {
  font-family: var(--narrow);
}

th,
td {
  padding: 0.35rem 0.6rem;
  vertical-align: top;
}

tbody th {
  font-weight: 400;
  color: var(--ink);
  border-left: 5px solid transparent;
}

.differs th {
  border-left-color: var(--accent);
  font-weight: 600;
}

.head {
  display: flex;
  align-items: center;
  gap: 0.4rem;
}

.side {
  display: flex;
  align-items: center;
  gap: 0.35rem;
  white-space: nowrap;
}
</style>
