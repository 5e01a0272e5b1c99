import { beforeEach, describe, expect, it, vi } from "vitest";
import { halfTyped, keepHalfTyped } from "./halfTyped";

const TAM = { login: "tam", units: "METRIC" };
const TYPED = { side: "LEFT", callout: "REGISTER", place: "", text: "71." } as const;

describe("a reading typed and not sent off", () => {
  beforeEach(() => {
    const store = new Map<string, string>();
    vi.stubGlobal("sessionStorage", {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, value: string) => store.set(key, value),
      removeItem: (key: string) => store.delete(key),
    });
  });

  it("is kept for its axle until it is gone", () => {
    keepHalfTyped(7, TAM, TYPED);
    expect(halfTyped(7, TAM)).toEqual(TYPED);
    expect(halfTyped(8, TAM)).toBeNull();
    expect(halfTyped(7, { ...TAM, login: "jory" })).toBeNull();
    expect(halfTyped(7, { ...TAM, units: "INCH" })).toBeNull();
    keepHalfTyped(7, TAM, { ...TYPED, text: " " });
    expect(halfTyped(7, TAM)).toBeNull();
  });

  it("is nothing where the store holds something else", () => {
    for (const odd of ["{", "3", '{"text":1}', '{"text":"5","place":""}']) {
      sessionStorage.setItem("itrova.half-typed.7.tam.METRIC", odd);
      expect(halfTyped(7, TAM)).toBeNull();
    }
  });
});
