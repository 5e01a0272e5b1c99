import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { toGlyphs } from "./shaftOrder";

const PIECES: Schemas["ShaftPieceView"]["piece"][] = [
  "SPINDLE",
  "SEAL",
  "INNER_BEARING",
  "CUPS",
  "HUB",
  "OUTER_BEARING",
  "WASHER",
  "NUT",
  "LOCK",
  "SECOND_NUT",
  "DRIVE",
];
const PLACES = PIECES.map((piece) => ({
  piece,
  title: piece,
  now: piece === "NUT",
}));

describe("the order of parts on a shaft", () => {
  it("runs outboard to the left on the left side and to the right on the right", () => {
    const left = toGlyphs(PLACES, "LEFT").map((g) => g.x);
    const right = toGlyphs(PLACES, "RIGHT").map((g) => g.x);
    expect(left).toEqual([...left].sort((a, b) => b - a));
    expect(right).toEqual([...right].sort((a, b) => a - b));
  });

  it("keeps numbers apart and everything inside, also for the longest order", () => {
    const all = toGlyphs(PLACES, "RIGHT");
    const middles = all.map((g) => g.x + g.width / 2);
    middles.slice(1).forEach((m, i) => expect(m - (middles[i] ?? 0)).toBeGreaterThanOrEqual(27));
    expect(Math.min(...all.map((g) => g.x))).toBeGreaterThan(0);
    expect(Math.max(...all.map((g) => g.x + g.width))).toBeLessThan(420);
  });

  it("numbers from inboard, and marks what the step puts there", () => {
    const all = toGlyphs(PLACES, "LEFT");
    expect(all.map((g) => g.number)).toEqual(PIECES.map((_, i) => i + 1));
    expect(all.filter((g) => g.now).map((g) => g.number)).toEqual([8]);
    expect(all[2]?.rolls).toContain("M");
    expect(all[4]?.rolls).toBe("");
  });

  it("draws what was read in one scale", () => {
    const read = [
      { piece: "BEARING" as const, title: "Bearing", now: false, across: 70, along: 20 },
      { piece: "SHAFT_FLANGE" as const, title: "Flange", now: false, across: 140 },
    ];
    const [bearing, flange] = toGlyphs(read, "RIGHT");
    expect(bearing?.height).toBeCloseTo((flange?.height ?? 0) / 2);
    expect(bearing?.width).toBeCloseTo(20);
  });
});
