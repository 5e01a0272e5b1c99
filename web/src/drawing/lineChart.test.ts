import { expect, test } from "vitest";
import { toCell, toCsv, toRows, type Line } from "./lineChart";

const LINES: Line[] = [
  {
    name: "front",
    colour: "front",
    points: [
      { x: 0.2, y: 0.3, doubt: 0.01 },
      { x: 0.1, y: 0.2, doubt: 0.02 },
    ],
  },
  { name: "limit, published", colour: "ink", points: [{ x: 0.2, y: 0.5 }] },
];

test("rows go by x and leave a hole where a line has no point", () => {
  const rows = toRows(LINES);
  expect(rows.map((r) => r.x)).toEqual([0.1, 0.2]);
  expect(rows[0]?.cells[1]).toBeUndefined();
  expect(rows[1]?.cells.map((c) => c?.y)).toEqual([0.3, 0.5]);
});

test("doubts have a column of their own, and names with commas are quoted", () => {
  expect(toCsv("g", LINES).split("\r\n")).toEqual([
    'g,front,"front, ±","limit, published"',
    "0.1000,0.2000,0.0200,",
    "0.2000,0.3000,0.0100,0.5000",
  ]);
});

test("quotes are doubled", () => {
  expect(toCell('7/8" bore')).toBe('"7/8"" bore"');
});
