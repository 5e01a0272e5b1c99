import { useToast } from "primevue/usetoast";
import { computed, onBeforeUnmount, ref, watch, type Ref } from "vue";
import { client, Refusal, toData, type Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { toNewest } from "../../shell/newest";
import { useDraft } from "../../shell/useDraft";
import { toMessage } from "../../shell/useLoad";
import { useUndo } from "../../shell/useUndo";

export type SideText = Schemas["SideText"];
export type Side = "LEFT" | "RIGHT";

interface Typed {
  left: SideText;
  right: SideText;
}

/** How long typing rests before it is drawn (ms). */
const REST = 250;

/** What stands around both wheels of an axle: fetched, typed, drawn while it is typed, kept and taken back. */
export function useAround(side: Ref<Side>) {
  const axle = useAxle();
  const toast = useToast();
  const around = ref<Schemas["AroundView"] | null>(null);
  const typed = ref<Typed | null>(null);
  const keeper = useDraft(`around-wheel.${axle.axleId}`, typed);
  const undo = useUndo<{ before: Typed; after: Typed }>(`around.${axle.axleId}`, {
    undo: ({ before }) => put(before.left, before.right),
    redo: ({ after }) => put(after.left, after.right),
  });
  const failure = ref("");
  const fault = ref("");
  const notes = ref<string[]>([]);
  const isBusy = ref(false);
  const sketches = ref<Schemas["SideSketch"][]>([]);
  /** How the kits are judged by what was kept last. */
  const tally = ref<Schemas["AdviceView"] | null>(null);
  const judging = toNewest();

  const text = computed(() => typed.value?.[side.value === "LEFT" ? "left" : "right"] ?? null);
  const sketch = computed(() => sketches.value.find((s) => s.side === side.value));
  const isChanged = computed(() => keeper.isChanged());

  function take(view: Schemas["AroundView"]): Typed {
    around.value = view;
    sketches.value = view.sketch;
    axle.set(view);
    return { left: view.left, right: view.right };
  }

  async function load() {
    try {
      const theirs = take(
        await toData(client.GET("/api/axles/{axleId}/around", { params: { path: { axleId: axle.axleId } } })),
      );
      if (typed.value) keeper.bringTogether(theirs);
      else keeper.open(theirs);
      failure.value = "";
    } catch (e) {
      failure.value = toMessage(e);
    }
  }

  async function put(left: SideText, right: SideText) {
    const view = around.value;
    if (!view) return;
    const kept = await toData(
      client.PUT("/api/axles/{axleId}/around", {
        params: { path: { axleId: axle.axleId } },
        body: { version: view.version, left, right },
      }),
    );
    notes.value = kept.notes;
    keeper.done(take(kept));
    void judge();
  }

  async function judge() {
    tally.value = null;
    const isNewest = judging.ask();
    try {
      const fresh = await toData(
        client.GET("/api/axles/{axleId}/advice", { params: { path: { axleId: axle.axleId } } }),
      );
      if (isNewest()) tally.value = fresh;
    } catch {
      // the measuring view tells it too
    }
  }

  /** Whether somebody else had changed it: theirs is fetched and brought together with what is typed. */
  async function isBroughtTogether(e: unknown) {
    if (!(e instanceof Refusal) || e.status !== 409) return false;
    const version = around.value?.version;
    await load();
    if (failure.value || around.value?.version === version) return false;
    if (!keeper.conflicts.value.length)
      fault.value =
        "Somebody else changed other things meanwhile: both are brought together. Look, and keep it.";
    return true;
  }

  async function save() {
    const base = keeper.base.value;
    if (!typed.value || !base) return;
    isBusy.value = true;
    fault.value = "";
    const { left, right } = typed.value;
    const before = { left: base.left, right: base.right };
    try {
      await put(left, right);
      undo.did({ before, after: { left, right } });
      toast.add({
        severity: "success",
        summary: "Kept",
        detail: "The kits are judged by it from now on.",
        life: 4000,
      });
    } catch (e) {
      if (!(await isBroughtTogether(e))) fault.value = toMessage(e);
    } finally {
      isBusy.value = false;
    }
  }

  /** Another wheel's surroundings in place of these; nobody has looked here by that. */
  function copy(from: SideText, into: Side) {
    if (!typed.value) return;
    const made = JSON.parse(JSON.stringify(from)) as SideText;
    made.lookedInboard = false;
    made.lookedAround = false;
    typed.value[into === "LEFT" ? "left" : "right"] = made;
  }

  /** Nothing stands round either wheel, and tyre and wheel are the same on both: said by whoever went round them. */
  function clearBoth() {
    if (!typed.value) return;
    const { left, right } = typed.value;
    for (const t of [left, right]) t.lookedInboard = t.lookedAround = true;
    const [from, into] = side.value === "LEFT" ? [left, right] : [right, left];
    if (!Object.values(into.tyre).some(Boolean)) into.tyre = { ...from.tyre };
    if (!into.details.wheelRated) into.details.wheelRated = from.details.wheelRated;
  }
  const mayClearBoth = computed(() => {
    const sides = typed.value ? [typed.value.left, typed.value.right] : [];
    return (
      sides.length > 0 &&
      sides.every((t) => countBeside(t) + countOnVehicle(t) === 0) &&
      !sides.every((t) => t.lookedInboard && t.lookedAround)
    );
  });

  // what is typed is drawn as far as it can be understood; what cannot is told when it is kept
  let timer: ReturnType<typeof setTimeout> | undefined;
  let turn = 0;
  watch(
    typed,
    (now) => {
      clearTimeout(timer);
      if (!now || !around.value || !isChanged.value) return;
      const mine = ++turn;
      timer = setTimeout(async () => {
        try {
          const drawn = await toData(
            client.POST("/api/axles/{axleId}/around/sketch", {
              params: { path: { axleId: axle.axleId } },
              body: { version: around.value?.version ?? 0, left: now.left, right: now.right },
            }),
          );
          if (mine === turn) sketches.value = drawn;
        } catch {
          // half a figure is no figure yet
        }
      }, REST);
    },
    { deep: true },
  );
  onBeforeUnmount(() => clearTimeout(timer));

  // what was said of "all" holds no longer once something is added or taken out
  const countBeside = (t: SideText) => t.inboard.length + t.taped.filter((x) => x.beside).length;
  const countOnVehicle = (t: SideText) => t.chassis.length + t.taped.filter((x) => !x.beside).length;
  watch([text, () => text.value && countBeside(text.value)], ([now, n], [before, m]) => {
    if (now && now === before && n !== m) now.lookedInboard = false;
  });
  watch([text, () => text.value && countOnVehicle(text.value)], ([now, n], [before, m]) => {
    if (now && now === before && n !== m) now.lookedAround = false;
  });

  return {
    around,
    text,
    sketch,
    keeper,
    undo,
    failure,
    fault,
    notes,
    tally,
    isBusy,
    isChanged,
    load,
    save,
    copy,
    clearBoth,
    mayClearBoth,
    countBeside,
    countOnVehicle,
  };
}
