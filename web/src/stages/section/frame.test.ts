import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { toFrame } from "./frame";

const section = {
  midPlane: -48,
  discOuter: 140,
  hatInside: 154,
  barrel: [{ from: -80, to: -40, level: 171, doubt: 0.3 }],
  spokes: [{ from: 75, to: 120, level: 6, doubt: 0.3 }],
  outline: [
    { x: -96, r: 84 },
    { x: -8, r: 84 },
    { x: -8, r: 155 },
  ],
} as unknown as Schemas["SectionView"];

describe("the frame of a section", () => {
  it("holds everything drawn with room around", () => {
    const frame = toFrame(section);
    expect(frame.minX).toBeLessThan(-96);
    expect(frame.maxX).toBeGreaterThan(6);
    expect(frame.maxR).toBeGreaterThan(171);
    expect(frame.minR).toBeLessThan(75);
  });

  it("never goes below the axis", () => {
    expect(toFrame({ ...section, hatInside: 10 }).minR).toBe(0);
  });
});
