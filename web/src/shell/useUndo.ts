import { computed, ref } from "vue";

/** Something that was done and can be taken back and done again. */
export interface UndoableAction {
  undo: () => Promise<unknown> | unknown;
  redo: () => Promise<unknown> | unknown;
}

/** A stack of deeds with undo and redo; a new deed ends what could be redone. */
export function useUndo() {
  const done = ref<UndoableAction[]>([]);
  const undone = ref<UndoableAction[]>([]);

  function did(deed: UndoableAction) {
    done.value.push(deed);
    undone.value = [];
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
      const deed = done.value.pop();
      if (!deed) return;
      await deed.undo();
      undone.value.push(deed);
    });

  const redo = () =>
    inTurn(async () => {
      const deed = undone.value.pop();
      if (!deed) return;
      await deed.redo();
      done.value.push(deed);
    });

  return {
    did,
    undo,
    redo,
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
  };
}
