import { describe, expect, it } from "vitest";
import { toCircuits, toNamed, toSpots, toUnfed, type Line } from "./lines";

const line = (from: string, to: string): Line => ({ from, to, length: "500", bore: "" });

describe("lines as drawn", () => {
  it("are coloured by the outlet that feeds them, in whatever order they were drawn", () => {
    const lines = [
      line("junction 1", "axle 1 left"),
      line("outlet 2", "axle 2 left"),
      line("junction 1", "outlet 1"),
      line("junction 4", "junction 5"),
      line("axle 2 right", "axle 2 left"),
    ];
    expect(toCircuits(lines)).toEqual([1, 2, 1, 0, 2]);
    expect(toUnfed(lines, 2)).toEqual(["axle 1 right"]);
  });

  it("are told of as the form calls their ends", () => {
    const spots = [{ key: "axle 1 left", x: 0, y: 0, text: "front axle, left" }];
    expect(toNamed("The line from axle 1 left to outlet 1 closes a loop.", spots)).toBe(
      "The line from front axle, left to outlet 1 closes a loop.",
    );
  });

  it("run between spots that each stand for themselves", () => {
    const spots = toSpots(
      [
        { name: "front axle", x: 150 },
        { name: "rear axle", x: 600 },
      ],
      [
        { x: 310, y: 188 },
        { x: 350, y: 188 },
      ],
      { left: 285, right: 45, middle: 165 },
    );
    expect(new Set(spots.map((s) => s.key)).size).toBe(spots.length);
    expect(new Set(spots.map((s) => `${s.x} ${s.y}`)).size).toBe(spots.length);
    expect(spots.every((s) => /^(outlet [12]|junction [1-9]|axle [1-4] (left|right))$/.test(s.key))).toBe(
      true,
    );
  });
});
