import { describe, expect, it } from "vitest";
import { toFrame, toSeenMiddle, toWideFrame } from "./frame";

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

describe("the frame with tyre and chassis", () => {
  const near = { minX: -100, maxX: 60, minR: 40, maxR: 200 };
  const tyre = [
    { x: -140, r: 190 },
    { x: 40, r: 330 },
  ];
  const rail = {
    name: "rail",
    outline: [
      { x: -900, r: 0 },
      { x: -180, r: 0 },
      { x: -180, r: 500 },
    ],
  };

  it("holds the whole tyre and reaches down to the axis", () => {
    const frame = toWideFrame(near, { clock: 90, tyre, fixed: [] });
    expect(frame.maxR).toBeGreaterThan(330);
    expect(frame.minX).toBeLessThan(-140);
    expect(frame.minR).toBe(0);
  });

  it("shows a large thing beside the tyre only as far as it is near", () => {
    const frame = toWideFrame(near, { clock: 90, tyre, fixed: [rail] });
    expect(frame.minX).toBeLessThan(-180);
    expect(frame.minX).toBeGreaterThan(-500);
  });

  it("needs no tyre", () => {
    const frame = toWideFrame(near, { clock: 0, tyre: [], fixed: [] });
    expect(frame.maxR).toBe(200);
    expect(frame.minX).toBeLessThanOrEqual(-100);
  });
});

describe("the middle of what is seen", () => {
  const frame = { minX: 0, maxX: 100, minR: 0, maxR: 100 };

  it("is the polygon's own middle where all of it is seen", () => {
    const square = [
      { x: 10, r: 10 },
      { x: 30, r: 10 },
      { x: 30, r: 30 },
      { x: 10, r: 30 },
    ];
    expect(toSeenMiddle(square, frame)).toEqual({ x: 20, r: 20 });
  });

  it("lies in the frame and on the thing when only a corner of it is seen", () => {
    const large = [
      { x: -500, r: -500 },
      { x: 40, r: -500 },
      { x: 40, r: 60 },
      { x: -500, r: 60 },
    ];
    expect(toSeenMiddle(large, frame)).toEqual({ x: 20, r: 30 });
  });

  it("is nowhere when nothing is seen", () => {
    const away = [
      { x: 200, r: 0 },
      { x: 300, r: 0 },
      { x: 300, r: 50 },
    ];
    expect(toSeenMiddle(away, frame)).toBeNull();
  });
});
