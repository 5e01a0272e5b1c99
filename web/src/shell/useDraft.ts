import { onBeforeUnmount, ref, watch, type Ref } from "vue";
import { merge, withValue, type Conflict } from "./merge";
import { useSession } from "./session";

interface Stored<T> {
  base: T;
  draft: T;
}

/** How long typing rests before it is kept (ms). */
const REST = 300;

/**
 * A form's draft: kept in the browser over leaving and reload until it is saved or dropped, each person's own; brought together with what
 * somebody else saved meanwhile.
 *
 * @param name of the form and what it is of
 * @param draft what is typed
 */
export function useDraft<T>(name: string, draft: Ref<T | null>) {
  const session = useSession();
  // bare figures are meant in the units shown: a draft in others waits until they are shown again
  const key = () => `itrova.draft.${session.view?.login ?? ""}.${name}.${session.units}`;
  /** As it was saved last, by whomever. */
  const base = ref<T | null>(null) as Ref<T | null>;
  const conflicts = ref<Conflict[]>([]);
  /** Whether what is shown was typed before and never saved. */
  const isRestored = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;

  const copy = (value: T) => JSON.parse(JSON.stringify(value)) as T;
  const isChanged = () => JSON.stringify(draft.value) !== JSON.stringify(base.value);

  function keep() {
    clearTimeout(timer);
    if (draft.value === null || base.value === null) return;
    try {
      if (isChanged()) localStorage.setItem(key(), JSON.stringify({ base: base.value, draft: draft.value }));
      else localStorage.removeItem(key());
    } catch {
      // a full or forbidden store keeps nothing; what is on the page stays
    }
  }

  function stored(): Stored<T> | undefined {
    try {
      return (JSON.parse(localStorage.getItem(key()) ?? "null") as Stored<T> | null) ?? undefined;
    } catch {
      return undefined;
    }
  }

  /** What the server has, when the form is opened: a draft left behind is brought together with it. */
  function open(saved: T) {
    const left = stored();
    base.value = copy(saved);
    draft.value = copy(saved);
    conflicts.value = [];
    isRestored.value = false;
    if (left) {
      bring(left.base, left.draft, saved);
      isRestored.value = isChanged();
    }
  }

  /** What was saved just now: nothing is left to keep. */
  function done(saved: T) {
    base.value = copy(saved);
    draft.value = copy(saved);
    conflicts.value = [];
    isRestored.value = false;
    keep();
  }

  /** What somebody else saved meanwhile, brought together with what is typed. */
  function bringTogether(theirs: T) {
    if (base.value !== null && draft.value !== null) bring(base.value, draft.value, theirs);
  }

  function bring(before: T, mine: T, theirs: T) {
    const made = merge(before, mine, theirs);
    base.value = copy(theirs);
    draft.value = made.merged;
    conflicts.value = made.conflicts;
  }

  /** Takes theirs, or mine, at one place. */
  function settle(conflict: Conflict, whose: "mine" | "theirs") {
    if (draft.value !== null) draft.value = withValue(draft.value, conflict.path, conflict[whose]);
  }

  /** Drops what is typed. */
  function drop() {
    if (base.value !== null) done(base.value);
  }

  watch(
    draft,
    () => {
      clearTimeout(timer);
      timer = setTimeout(keep, REST);
    },
    { deep: true },
  );
  window.addEventListener("pagehide", keep);
  onBeforeUnmount(() => {
    window.removeEventListener("pagehide", keep);
    keep();
  });

  return { base, conflicts, isRestored, isChanged, open, done, bringTogether, settle, drop };
}
