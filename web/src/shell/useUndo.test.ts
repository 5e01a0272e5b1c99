import { describe, expect, it } from "vitest";
import { useUndo } from "./useUndo";

describe("undo and redo", () => {
  it("takes back in reverse order and does again in order", async () => {
    const log: string[] = [];
    const stack = useUndo();
    for (const name of ["a", "b"]) {
      stack.did({ undo: () => log.push(`-${name}`), redo: () => log.push(`+${name}`) });
    }
    await stack.undo();
    await stack.undo();
    await stack.undo();
    await stack.redo();
    expect(log).toEqual(["-b", "-a", "+a"]);
    expect(stack.canUndo.value).toBe(true);
    expect(stack.canRedo.value).toBe(true);
  });

  it("forgets what could be redone once something new is done", async () => {
    const stack = useUndo();
    stack.did({ undo: () => 0, redo: () => 0 });
    await stack.undo();
    stack.did({ undo: () => 0, redo: () => 0 });
    expect(stack.canRedo.value).toBe(false);
  });
});
