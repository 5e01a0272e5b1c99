import { describe, expect, it } from "vitest";
import { toKitSection, toWheelDrawn } from "./kitSection";

const KIT = {
  disc: {
    diameter_mm: { value: 280, tolerance: 0.3 },
    thickness_mm: 20,
    bore_mm: 70.9,
    hat_inside_mm: 154,
    hat_thickness_mm: 6.5,
    hat_depth_mm: 42,
  },
  caliper: {
    outline_mm: [
      [-48, 94],
      [-40, 84],
      [32, 84],
    ],
  },
};

describe("a kit's section", () => {
  it("is to scale: the face that touches the hub lies outboard of the disc by the hat's depth", () => {
    const { disc, calipers } = toKitSection(KIT);
    expect(disc).toContainEqual([-10, 140]);
    expect(disc).toContainEqual([42, 35.45]);
    expect(disc).toContainEqual([48.5, 83.5]);
    expect(calipers).toHaveLength(1);
  });

  it("leaves the disc out while a figure of it is not a number", () => {
    const half = { ...KIT, disc: { ...KIT.disc, bore_mm: "2 13/16 in" } };
    expect(toKitSection(half).disc).toBeUndefined();
    expect(toKitSection({}).calipers).toEqual([]);
  });
});

describe("a wheel's drawing", () => {
  it("is made of its stations, once the backspacing is a number", () => {
    const wheel = { code: "W-1", backspacing_mm: 82, barrel_mm: [[10, 362]], spokes_mm: [[60, 6]] };
    expect(toWheelDrawn(wheel)?.barrel).toEqual([{ place: 10, size: 362 }]);
    expect(toWheelDrawn({ ...wheel, backspacing_mm: "3 1/4 in" })).toBeUndefined();
  });
});
