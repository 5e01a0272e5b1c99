import { describe, expect, it } from "vitest";
import { toSlots, type Point } from "./leaders";

const toSide = (a: Point, b: Point, p: Point) =>
  Math.sign((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x));

function isCrossing(a: [Point, Point], b: [Point, Point]) {
  return toSide(...a, b[0]) * toSide(...a, b[1]) < 0 && toSide(...b, a[0]) * toSide(...b, a[1]) < 0;
}

/** Numbers from a fixed seed (Numerical Recipes' linear congruence). */
function toRandom(seed: number) {
  let state = seed;
  return () => (state = (state * 1664525 + 1013904223) % 4294967296) / 4294967296;
}

const column = (x: number, n: number) => Array.from({ length: n }, (_, i) => ({ x, y: 20 + i * 45 }));

describe("leaders of a drawing", () => {
  it("cross nowhere, whatever the targets", () => {
    for (let seed = 1; seed <= 200; seed++) {
      const random = toRandom(seed);
      const targets = Array.from({ length: 4 + (seed % 15) }, () => ({
        x: 200 + 560 * random(),
        y: 430 * random(),
      }));
      const slots = [...column(180, 10), ...column(780, 10)];
      const taken = toSlots(targets, slots);
      expect(new Set(taken).size).toBe(targets.length);
      const leaders = targets.map((t, i): [Point, Point] => [slots[taken[i] ?? 0] as Point, t]);
      for (const [i, a] of leaders.entries())
        for (const b of leaders.slice(i + 1)) expect(isCrossing(a, b)).toBe(false);
    }
  });

  it("begin on the side nearest to their target while there is room", () => {
    const slots = [...column(180, 4), ...column(780, 4)];
    const taken = toSlots(
      [
        { x: 300, y: 20 },
        { x: 700, y: 20 },
        { x: 310, y: 150 },
      ],
      slots,
    );
    expect(taken).toEqual([0, 4, 3]);
  });
});
