import type { Schemas } from "../../api/client";

export type Line = Schemas["LineForm"];

/** A point lines run between, and where it stands in the drawing. */
export interface Spot {
  key: string;
  x: number;
  y: number;
  /** In words, as the form and the drawing call it. */
  text: string;
}

/** How many points a drawing offers besides outlets and wheels. */
const JUNCTIONS = [
  [235, 112],
  [235, 214],
  [430, 112],
  [410, 154],
  [575, 128],
  [575, 214],
] as const;

/** Points of a drawing: outlets of what presses, a junction at each axle and some between, both ends of each axle. */
export function toSpots(
  axles: { name: string; x: number }[],
  outlets: { x: number; y: number }[],
  ends: { left: number; right: number; middle: number },
): Spot[] {
  return [
    ...outlets.map((o, i) => ({ key: `outlet ${i + 1}`, ...o, text: `outlet ${i + 1}` })),
    ...axles.map((a, i) => ({
      key: `junction ${i + 1}`,
      x: a.x,
      y: ends.middle,
      text: `junction ${i + 1}, ${a.name}`,
    })),
    ...JUNCTIONS.slice(0, 9 - axles.length).map(([x, y], i) => ({
      key: `junction ${axles.length + i + 1}`,
      x,
      y,
      text: `junction ${axles.length + i + 1}`,
    })),
    ...axles.flatMap((a, i) =>
      (["left", "right"] as const).map((side) => ({
        key: `axle ${i + 1} ${side}`,
        x: a.x,
        y: ends[side],
        text: `${a.name}, ${side}`,
      })),
    ),
  ];
}

/** The outlet that feeds each line, by the lines' order; 0 for one that hangs on none. */
export function toCircuits(lines: Line[]): number[] {
  const fed = new Map<string, number>([
    ["outlet 1", 1],
    ["outlet 2", 2],
  ]);
  for (let grows = true; grows;) {
    grows = false;
    for (const { from, to } of lines) {
      for (const [here, there] of [
        [from, to],
        [to, from],
      ] as const) {
        const circuit = fed.get(here);
        if (circuit && !fed.has(there)) {
          fed.set(there, circuit);
          grows = true;
        }
      }
    }
  }
  return lines.map((l) => fed.get(l.from) ?? fed.get(l.to) ?? 0);
}

/** A sentence about lines with their ends as the form calls them. */
export function toNamed(sentence: string, spots: Spot[]): string {
  return spots.reduce((said, s) => said.replaceAll(s.key, s.text), sentence);
}

/** Wheels no line leads to yet. */
export function toUnfed(lines: Line[], axles: number): string[] {
  const circuits = toCircuits(lines);
  const fed = new Set(lines.flatMap((l, i) => (circuits[i] ? [l.from, l.to] : [])));
  return Array.from({ length: axles }, (_, i) => [`axle ${i + 1} left`, `axle ${i + 1} right`])
    .flat()
    .filter((key) => !fed.has(key));
}
