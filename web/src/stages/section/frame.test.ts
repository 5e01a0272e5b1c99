import { describe, expect, it } from "vitest";
import { toFrame } from "./frame";

const empty = {
  barrel: [],
  spokes: [],
  outlines: [],
  midPlane: -48.5,
  discOuter: 140,
  hatInside: 154,
  obstacles: [],
};

describe("the frame of the section", () => {
  it("holds every step of the wheel and every part of the caliper", () => {
    const frame = toFrame({
      ...empty,
      barrel: [{ from: -80, to: -30, level: 172, doubt: 0.3 }],
      spokes: [{ from: 70, to: 160, level: 24, doubt: 0.2 }],
      outlines: [
        [
          { x: -96, r: 84 },
          { x: -8, r: 155 },
        ],
        [{ x: -110, r: 60 }],
      ],
    });
    expect(frame.minX).toBeLessThan(-110);
    expect(frame.maxX).toBeGreaterThan(24);
    expect(frame.minR).toBeLessThan(60);
    expect(frame.maxR).toBeGreaterThan(172);
  });

  it("stays above the axis when nothing was read", () => {
    const frame = toFrame(empty);
    expect(frame.minR).toBeGreaterThanOrEqual(0);
    expect(frame.maxX).toBeGreaterThan(frame.minX);
  });

  it("does not grow with an obstacle that stands far inboard", () => {
    const far = { name: "arm", xFrom: -400, xTo: -300, rFrom: 60, rTo: 90 };
    expect(toFrame({ ...empty, obstacles: [far] })).toEqual(toFrame(empty));
  });
});
