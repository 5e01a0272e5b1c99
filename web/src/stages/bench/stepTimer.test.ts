import { beforeEach, describe, expect, it, vi } from "vitest";
import { readStart, toClock, writeStart } from "./stepTimer";

describe("the clock of a step", () => {
  beforeEach(() => {
    const kept = new Map<string, string>();
    vi.stubGlobal("localStorage", {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => kept.set(k, v),
      removeItem: (k: string) => kept.delete(k),
    });
  });

  it("shows minutes and seconds", () => {
    expect(toClock(0)).toBe("0:00");
    expect(toClock(65.9)).toBe("1:05");
    expect(toClock(3600)).toBe("60:00");
  });

  it("is kept for its own step, and forgotten when stopped", () => {
    writeStart("1/lift", 1000);
    expect(readStart("1/lift")).toBe(1000);
    expect(readStart("1/bleed")).toBe(0);
    writeStart("1/lift", 0);
    expect(readStart("1/lift")).toBe(0);
  });

  it("does not believe a start that lies ahead or is no number", () => {
    localStorage.setItem("itrova.clock.x", String(Date.now() + 60_000));
    expect(readStart("x")).toBe(0);
    localStorage.setItem("itrova.clock.x", "soon");
    expect(readStart("x")).toBe(0);
  });
});
