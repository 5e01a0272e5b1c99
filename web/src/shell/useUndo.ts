import { computed, ref, type Ref } from "vue";
import { useSession } from "./session";

/** How what was done is taken back and done again. A deed is plain data: it is kept over a reload, as JSON. */
export interface Acts<D> {
  undo: (deed: D) => Promise<unknown> | unknown;
  redo: (deed: D) => Promise<unknown> | unknown;
}

/** More than this many deeds are not kept. */
const MOST = 50;

/**
 * A stack of deeds with undo and redo; a new deed ends what could be redone. Kept for the browser's tab and the person, over reload and
 * leaving.
 *
 * @param name of the view and what it is of
 */
export function useUndo<D>(name: string, { undo: takeBack, redo: doAgain }: Acts<D>) {
  const session = useSession();
  const key = () => `itrova.undo.${session.view?.login ?? ""}.${name}`;
  const kept = restore();
  const done = ref(kept.done) as Ref<D[]>;
  const undone = ref(kept.undone) as Ref<D[]>;

  function restore(): { done: D[]; undone: D[] } {
    try {
      return (
        (JSON.parse(sessionStorage.getItem(key()) ?? "null") as { done: D[]; undone: D[] } | null) ?? {
          done: [],
          undone: [],
        }
      );
    } catch {
      return { done: [], undone: [] };
    }
  }

  function keep() {
    try {
      sessionStorage.setItem(key(), JSON.stringify({ done: done.value.slice(-MOST), undone: undone.value }));
    } catch {
      // a full or forbidden store keeps nothing: undo ends with the page
    }
  }

  /** What became known of deeds after they were done. */
  function change(by: (deed: D) => void) {
    for (const deed of [...done.value, ...undone.value]) by(deed);
    keep();
  }

  function did(deed: D) {
    done.value.push(deed);
    undone.value = [];
    keep();
  }

  // One after the other, however fast the keys are pressed.
  let last: Promise<void> = Promise.resolve();
  function inTurn(step: () => Promise<void>): Promise<void> {
    const turn = last.then(step);
    last = turn.catch(() => undefined);
    return turn;
  }

  const undo = () =>
    inTurn(async () => {
      const deed = done.value.at(-1);
      if (deed === undefined) return;
      await takeBack(deed); // refused: it stays to be tried again
      done.value.pop();
      undone.value.push(deed);
      keep();
    });

  const redo = () =>
    inTurn(async () => {
      const deed = undone.value.at(-1);
      if (deed === undefined) return;
      await doAgain(deed);
      undone.value.pop();
      done.value.push(deed);
      keep();
    });

  return {
    did,
    change,
    undo,
    redo,
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
  };
}
