import { describe, expect, it } from "vitest";
import { toChart, toRange } from "./front";

describe("round ranges", () => {
  it("hold both ends and few marks", () => {
    for (const [least, most] of [
      [0, 14],
      [61200, 98000],
      [5, 5],
      [0.2, 0.9],
    ] as const) {
      const range = toRange(least, most);
      expect(range.from).toBeLessThanOrEqual(least);
      expect(range.to).toBeGreaterThanOrEqual(most);
      expect(range.marks.length).toBeGreaterThanOrEqual(2);
      expect(range.marks.length).toBeLessThanOrEqual(8);
    }
  });
});

describe("the chart of the front", () => {
  it("puts dearer further right and later further up", () => {
    const chart = toChart(
      [
        { key: "a", cents: 60000, days: 6 },
        { key: "b", cents: 90000, days: 12 },
      ],
      300,
      200,
    );
    const [a, b] = chart.spots;
    expect(a && b && a.x < b.x && a.y > b.y).toBe(true);
    for (const s of chart.spots) {
      expect(s.x).toBeGreaterThanOrEqual(0);
      expect(s.x).toBeLessThanOrEqual(300);
      expect(s.y).toBeGreaterThanOrEqual(0);
    }
  });

  it("draws one alone without dividing by nothing", () => {
    const spot = toChart([{ key: "a", cents: 60000, days: 0 }], 300, 200).spots[0];
    expect(Number.isFinite(spot?.x)).toBe(true);
    expect(Number.isFinite(spot?.y)).toBe(true);
  });
});
