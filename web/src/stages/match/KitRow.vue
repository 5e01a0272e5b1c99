<script setup lang="ts">
import { computed } from "vue";
import type { Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMargin, toMarginDoubt, toPrice, toUnitName } from "../../units/format";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toSideWord, toVerdictWord } from "../../verdict/words";
import type { CheckId } from "./useMatch";

/** One kit against the checks. */
const {
  row,
  checks,
  chosen,
  liked,
  marked,
  brakes = undefined,
} = defineProps<{
  row: Schemas["RowView"];
  checks: Schemas["CheckView"][];
  chosen: boolean;
  liked: boolean;
  marked: boolean;
  brakes?: Schemas["BrakesWithKit"];
}>();
defineEmits<{ open: [check: CheckId | null]; like: []; mark: [] }>();
const session = useSession();

const cells = computed(() =>
  checks.map((check) => {
    const c = row.cells.find((one) => one.check === check.id);
    if (!c) return { check, cell: undefined, margin: "", doubt: "", label: "", isAwaited: isAwaited(check) };
    const isKnown = c.margin !== undefined && c.doubt !== undefined;
    const margin = isKnown ? toMargin(c.margin ?? 0, c.unit, session.units) : "";
    const doubt = isKnown ? toMarginDoubt(c.doubt ?? 0, c.unit, session.units) : "";
    const said = isKnown
      ? `margin ${margin} ${doubt} ${toUnitName(c.unit, session.units)}`
      : "margin unknown";
    return {
      check,
      cell: c,
      isAwaited: false,
      margin,
      doubt,
      label: `${row.code}, ${check.title}: ${toVerdictWord(c.verdict)}, ${said}, ${toSideWord(c.side)} side. Why?`,
    };
  }),
);

const JUDGED_LAST: CheckId[] = ["SPARE", "SWEEP", "HOSE"];

/** Whether a check is still to be worked out for this kit. */
function isAwaited(check: Schemas["CheckView"]) {
  return row.awaitsSweep && JUDGED_LAST.includes(check.id);
}

const heldBy = computed(() => {
  if (row.awaitsSweep && row.heldBy === "SWEEP") return "lock and travel not judged yet";
  const title = checks.find((c) => c.id === row.heldBy)?.title;
  return title ? `held up by ${title.toLowerCase()}` : "";
});

/** Arrow keys go from cell to cell, so that Tab need not pass through all of them. */
function onKey(event: KeyboardEvent) {
  const tr = event.currentTarget as HTMLTableRowElement;
  const here = (event.target as HTMLElement).closest("button");
  if (!here) return;
  const buttons = [...tr.querySelectorAll("button")];
  const column = [...tr.children].findIndex((cell) => cell.contains(here));
  const beside: Record<string, Element | null | undefined> = {
    ArrowRight: buttons[buttons.indexOf(here) + 1],
    ArrowLeft: buttons[buttons.indexOf(here) - 1],
    ArrowDown: tr.nextElementSibling?.children[column]?.querySelector("button"),
    ArrowUp: tr.previousElementSibling?.children[column]?.querySelector("button"),
  };
  const next = beside[event.key];
  if (!(next instanceof HTMLElement)) return;
  event.preventDefault();
  next.focus();
}

/** A cell without a margin says its verdict in a word. */
const SHORT = {
  FITS: "correct",
  FITS_WITH_WORK: "with work",
  NOT_PROVEN: "unknown",
  DOES_NOT_FIT: "wrong",
} as const;
</script>

<template>
  <tr :class="{ chosen }" @keydown="onKey">
    <th scope="row" class="kit">
      <div class="two">
        <button type="button" class="open" @click="$emit('open', null)">
          <span class="code">
            {{ row.code }} <VerdictMark :verdict="row.verdict" /> {{ toVerdictWord(row.verdict) }}
            <span v-if="chosen" class="tag">chosen</span>
          </span>
          <span class="name">{{ row.name }}</span>
          <span v-if="heldBy" class="held">{{ heldBy }}</span>
          <span v-if="brakes" class="held brakes"
            ><VerdictMark :verdict="brakes.verdict" :size="14" /> brakes with it:
            {{ toVerdictWord(brakes.verdict) }}</span
          >
        </button>
        <span class="marks">
          <button
            type="button"
            :aria-pressed="liked"
            :aria-label="`${row.code}, favourite`"
            title="Favourite"
            @click="$emit('like')"
          >
            {{ liked ? "★" : "☆" }}
          </button>
          <button
            type="button"
            :aria-pressed="marked"
            :aria-label="`${row.code}, compare`"
            title="Compare"
            @click="$emit('mark')"
          >
            {{ marked ? "☑" : "☐" }}
          </button>
        </span>
      </div>
    </th>
    <td class="right figures price">
      {{ toPrice(row.fullCents) }}<br /><span class="doubt">{{ row.leadDays }} days</span>
    </td>
    <td v-for="c in cells" :key="c.check.id">
      <button
        v-if="c.cell"
        type="button"
        class="cell"
        tabindex="-1"
        :aria-label="c.label"
        @click="$emit('open', c.check.id)"
      >
        <span class="first figures">
          <VerdictMark :verdict="c.cell.verdict" :size="16" />
          <strong v-if="c.margin">{{ c.margin }}</strong>
          <span v-else>{{ SHORT[c.cell.verdict] }}</span>
        </span>
        <span class="doubt figures"
          >{{ c.doubt }}<template v-if="c.cell.sidesDiffer"> {{ toSideWord(c.cell.side) }}</template></span
        >
      </button>
      <span v-else-if="c.isAwaited" class="cell soft">not yet</span>
    </td>
  </tr>
</template>

<style scoped>
td,
th {
  border-bottom: 1px solid var(--line-soft);
  padding: 0;
  vertical-align: top;
}

.kit {
  position: sticky;
  left: 0;
  /* a collapsed border would stay behind when the cell sticks */
  border-bottom: 0;
  box-shadow: inset 0 -1px 0 var(--line-soft);
  background: var(--sheet);
  z-index: 2;
  min-width: 15.5rem;
  max-width: 17rem;
  text-align: left;
}

.chosen .kit,
.chosen td {
  background: var(--accent-wash);
}

.two {
  display: flex;
}

.open {
  display: flex;
  flex-direction: column;
  flex: 1;
  font: inherit;
  text-align: left;
  padding: 0.5rem 0.4rem 0.5rem 0.7rem;
  background: none;
  border: 0;
  color: var(--ink);
  cursor: pointer;
}

.marks {
  display: flex;
  flex-direction: column;
}

.marks button {
  font-size: 1.15rem;
  line-height: 1;
  width: 44px;
  min-height: 34px;
  background: none;
  border: 0;
  color: var(--ink-soft);
  cursor: pointer;
}

.marks button[aria-pressed="true"] {
  color: var(--accent);
}

.code {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  white-space: nowrap;
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

.held {
  font-weight: 400;
  font-size: 0.94rem;
  color: var(--ink-soft);
}

.brakes {
  display: flex;
  align-items: center;
  gap: 0.3rem;
}

.cell {
  display: flex;
  flex-direction: column;
  gap: 0.1rem;
  align-items: flex-start;
  min-width: 4.9rem;
  min-height: 62px;
  width: 100%;
  text-align: left;
  font: inherit;
  padding: 0.55rem 0.3rem;
  background: none;
  border: 0;
  color: var(--ink);
  cursor: pointer;
}

.cell.soft {
  cursor: default;
  color: var(--ink-soft);
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
  padding: 0.55rem 0.5rem;
}
</style>
