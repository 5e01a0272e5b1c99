import { describe, expect, it } from "vitest";
import { toProfile } from "./wheelProfile";

describe("a wheel's profile", () => {
  const wheel = {
    backspacing: 80,
    barrel: [
      { place: 10, size: 362 },
      { place: 40, size: 346 },
      { place: 90, size: 350 },
    ],
    spokes: [
      { place: 90, size: 8 },
      { place: 140, size: 20 },
    ],
  };

  it("takes the barrel's depths from the mounting face and halves its diameters", () => {
    const { barrel } = toProfile(wheel);
    expect(barrel[0]).toEqual({ x: -70, r: 173 });
    expect(barrel.at(-1)).toEqual({ x: 10, r: 173 });
  });

  it("lets the metal that is nearer to the caliper count between two readings", () => {
    const { barrel, spokes } = toProfile(wheel);
    expect(Math.max(...barrel.map((p) => p.r))).toBe(173);
    expect(spokes).toEqual([
      { x: 8, r: 90 },
      { x: 8, r: 140 },
    ]);
  });

  it("draws nothing from a single reading", () => {
    expect(toProfile({ ...wheel, barrel: [{ place: 10, size: 362 }] }).barrel).toEqual([]);
  });
});
