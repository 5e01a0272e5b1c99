import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { effectScope, nextTick, ref } from "vue";

vi.hoisted(() => vi.stubGlobal("location", { origin: "http://shop.test" }));

import { useSession } from "./session";
import { useKept } from "./useKept";

let store: Map<string, string>;

beforeEach(() => {
  store = new Map();
  vi.stubGlobal("localStorage", {
    getItem: (k: string) => store.get(k) ?? null,
    setItem: (k: string, v: string) => store.set(k, v),
    removeItem: (k: string) => store.delete(k),
  });
  setActivePinia(createPinia());
  useSession().view = { login: "tam", units: "METRIC" } as never;
});

function form() {
  const note = ref("");
  const list = ref<string[]>([]);
  const kept = effectScope().run(() => useKept("note.7", { note, list }));
  if (!kept) throw new Error("no form");
  return { note, list, ...kept };
}

describe("what is typed and not sent", () => {
  it("is there again, each person's own", async () => {
    const { note, list, isRestored } = form();
    expect(isRestored.value).toBe(false);
    note.value = "rattles";
    list.value.push("0.02");
    await nextTick();
    const again = form();
    expect([again.note.value, again.list.value, again.isRestored.value]).toEqual(["rattles", ["0.02"], true]);
    useSession().view = { login: "wilma", units: "METRIC" } as never;
    expect(form().note.value).toBe("");
  });

  it("is gone once it was sent, emptied or dropped", async () => {
    const { note, sent } = form();
    note.value = "rattles";
    await nextTick();
    sent();
    expect(form().note.value).toBe("");
    const second = form();
    second.note.value = "x";
    await nextTick();
    second.note.value = "";
    await nextTick();
    expect(store.size).toBe(0);
    second.note.value = "y";
    await nextTick();
    const third = form();
    third.drop();
    expect([third.note.value, third.list.value]).toEqual(["", []]);
  });

  it("of another sort than the field begins with is left alone", () => {
    store.set("itrova.kept.tam.note.7.METRIC", JSON.stringify({ note: ["no text"], list: "no list" }));
    const { note, list } = form();
    expect([note.value, list.value]).toEqual(["", []]);
  });
});
