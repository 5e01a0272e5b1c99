import { expect, test } from "vitest";
import { toQuantile, toShareAbove, toStops } from "./fade";

test("a quantile lies between neighbours by the straight line", () => {
  expect(toQuantile([1, 2, 3, 4], 0.5)).toBe(2.5);
  expect(toQuantile([7], 0.975)).toBe(7);
  expect(toQuantile([], 0.5)).toBeNaN();
});

test("stops are told by their number; a force nobody reaches is endless", () => {
  const samples = [
    { disc: [100, 200], force: [300, null], fluid: 150 },
    { disc: [120, 240], force: [320, 500], fluid: 250 },
  ] as unknown as Parameters<typeof toStops>[0];
  const stops = toStops(samples);
  expect(stops.map((s) => s.number)).toEqual([1, 2]);
  expect(stops[0]?.disc.mid).toBe(110);
  expect(stops[1]?.force.high).toBe(Number.POSITIVE_INFINITY);
  expect(toShareAbove(samples, 205)).toBe(0.5);
});
