import { computed, ref, type Ref } from "vue";
import type { Schemas } from "../../api/client";
import { toLabelId, type CalloutId, type ViewId } from "./callouts";
import { useOutbox } from "./outbox";

type Side = Schemas["SideView"]["side"];

/** A profile read at fewer places tells too little of what lies between. */
const STATIONS_WANTED = 3;

/**
 * Which dimension the strip asks for. What is asked for changes only when a reading was entered or the person picks: never by
 * itself, so that nothing typed lands on another dimension.
 */
export function useReadingOrder(
  axleId: number,
  end: Ref<Schemas["AxleEndView"] | null>,
  advice: Ref<Schemas["AdviceView"] | null>,
) {
  const outbox = useOutbox();
  const sideId = ref<Side>("LEFT");
  const picked = ref<CalloutId | null>(null);
  /** Keeps to one dimension, for repeats. */
  const isHeldOn = ref(false);
  /** Typing in from paper: the order is the sheet's, every number of it. */
  const isFromSheet = ref(false);
  /** Entered since the last advice, by side and dimension. */
  const entered = ref(new Set<string>());

  const side = computed(() => end.value?.sides.find((s) => s.side === sideId.value) ?? null);
  /** Profiles somebody said are done: asked for again only when picked. */
  const done = ref(new Set<string>());
  const toKey = (id: CalloutId) => `${sideId.value}:${id}`;
  const isEntered = (id: CalloutId) => entered.value.has(toKey(id)) || done.value.has(toKey(id));
  const suggested = computed(() =>
    advice.value?.ranked.find((s) => s.side === sideId.value && s.forVerdict && !isEntered(s.callout)),
  );
  const sheetOrder = computed(() =>
    (side.value?.callouts ?? []).filter((c) => toLabelId(c.callout) === c.callout).map((c) => c.callout),
  );
  const nextWanted = computed<CalloutId>(() => {
    if (isFromSheet.value) {
      const here = picked.value === null ? -1 : sheetOrder.value.indexOf(toLabelId(picked.value));
      return sheetOrder.value[here + 1] ?? sheetOrder.value[0] ?? "LUG_COUNT";
    }
    if (suggested.value) return suggested.value.callout;
    const left = (side.value?.callouts ?? []).filter((c) => !isEntered(c.callout));
    return (left.find((c) => c.wanted) ?? left.find((c) => c.open))?.callout ?? "LUG_COUNT";
  });
  const selected = computed<CalloutId>(() => picked.value ?? nextWanted.value);
  const callout = computed(() => side.value?.callouts.find((c) => c.callout === selected.value) ?? null);
  const sheet = computed(() => side.value?.sheets.find((s) => s.view === callout.value?.view) ?? null);
  const sheetNumber = computed(() =>
    isFromSheet.value ? sheetOrder.value.indexOf(toLabelId(selected.value)) + 1 : 0,
  );

  function pick(id: CalloutId | null) {
    picked.value = id;
  }

  /** Goes to the next wanted reading by what is known now. */
  function pickNext() {
    if (!isFromSheet.value) picked.value = null;
    picked.value = nextWanted.value;
  }

  /** Starts with the next wanted reading, unless the person picked one while the advice was fetched. */
  function pickFirst() {
    if (picked.value === null) pickNext();
  }

  function pickSide(next: Side) {
    sideId.value = next;
    picked.value = null;
    pickNext();
  }

  function pickView(view: ViewId) {
    const here = side.value?.callouts.filter((c) => c.view === view) ?? [];
    pick((here.find((c) => c.wanted) ?? here.find((c) => c.open) ?? here[0])?.callout ?? null);
  }

  function toggleFromSheet() {
    isFromSheet.value = !isFromSheet.value;
    picked.value = null;
    pickNext();
  }

  /** Goes on after a reading at once, so that what a gauge sends next lands on the next dimension. */
  function advance(current: Schemas["CalloutView"]) {
    // a profile stays open until it is said to be done
    if (isHeldOn.value || current.hasPlaces) pick(current.callout);
    else goOn(current.callout);
  }

  function goOn(id: CalloutId) {
    entered.value.add(toKey(id));
    pickNext();
  }

  /** No more stations of a profile; one read at too few places is asked for again in its turn. */
  function finish(id: CalloutId) {
    if (toStations(id) >= STATIONS_WANTED) done.value.add(toKey(id));
    goOn(id);
  }

  function toStations(id: CalloutId): number {
    const read = side.value?.callouts.find((c) => c.callout === id)?.readings.length ?? 0;
    const onTheWay = outbox.waiting.filter(
      (e) => e.axleId === axleId && e.side === sideId.value && e.callout === id,
    );
    return read + onTheWay.length;
  }

  /** Forgets what was entered, but for what is still on its way: fresh advice knows the rest. */
  function catchUp() {
    entered.value = new Set(
      outbox.waiting.filter((e) => e.axleId === axleId).map((e) => `${e.side}:${e.callout}`),
    );
  }

  return {
    sideId,
    side,
    suggested,
    selected,
    callout,
    sheet,
    sheetNumber,
    isHeldOn,
    isFromSheet,
    entered,
    pick,
    pickNext,
    pickFirst,
    pickSide,
    pickView,
    toggleFromSheet,
    advance,
    finish,
    catchUp,
  };
}
