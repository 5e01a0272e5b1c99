import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";

vi.hoisted(() => vi.stubGlobal("location", { origin: "http://shop.test" }));

import { useSession } from "./session";
import { useUndo } from "./useUndo";

let store: Map<string, string>;
let log: string[];
const acts = { undo: (d: string) => log.push(`-${d}`), redo: (d: string) => log.push(`+${d}`) };

beforeEach(() => {
  store = new Map();
  log = [];
  vi.stubGlobal("sessionStorage", {
    getItem: (k: string) => store.get(k) ?? null,
    setItem: (k: string, v: string) => store.set(k, v),
  });
  setActivePinia(createPinia());
  useSession().view = { login: "tam" } as never;
});

describe("undo and redo", () => {
  it("takes back in reverse order and does again in order", async () => {
    const stack = useUndo("view", acts);
    stack.did("a");
    stack.did("b");
    await stack.undo();
    await stack.undo();
    await stack.undo();
    await stack.redo();
    expect(log).toEqual(["-b", "-a", "+a"]);
    expect(stack.canUndo.value).toBe(true);
    expect(stack.canRedo.value).toBe(true);
  });

  it("forgets what could be redone once something new is done", async () => {
    const stack = useUndo("view", acts);
    stack.did("a");
    await stack.undo();
    stack.did("b");
    expect(stack.canRedo.value).toBe(false);
  });

  it("keeps what could not be taken back", async () => {
    const stack = useUndo<string>("view", {
      undo: () => Promise.reject(new Error("no connection")),
      redo: () => undefined,
    });
    stack.did("a");
    await expect(stack.undo()).rejects.toThrow("no connection");
    expect([stack.canUndo.value, stack.canRedo.value]).toEqual([true, false]);
  });

  it("survives a reload, each person's and each view's own", async () => {
    const before = useUndo("view", acts);
    before.did("a");
    before.did("b");
    await before.undo();
    const after = useUndo("view", acts);
    expect(after.canRedo.value).toBe(true);
    await after.undo();
    expect(log).toEqual(["-b", "-a"]);
    expect(useUndo("another", acts).canUndo.value).toBe(false);
    useSession().view = { login: "wilma" } as never;
    expect(useUndo("view", acts).canRedo.value).toBe(false);
  });
});
