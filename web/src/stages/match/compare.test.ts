import { describe, expect, it } from "vitest";
import { toRows } from "./compare";

describe("things side by side", () => {
  const kits = [
    { price: 10, days: 5 },
    { price: 12, days: 5 },
  ];

  it("marks what differs and only that", () => {
    const rows = toRows(kits, [
      ["Price", (k) => String(k.price)],
      ["Days", (k) => String(k.days)],
    ]);
    expect(rows).toEqual([
      { title: "Price", texts: ["10", "12"], differs: true },
      { title: "Days", texts: ["5", "5"], differs: false },
    ]);
  });

  it("finds no difference in one thing alone", () => {
    expect(toRows(kits.slice(0, 1), [["Price", (k) => String(k.price)]])[0]?.differs).toBe(false);
  });
});
