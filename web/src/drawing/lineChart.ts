/** Lines of a chart, as data; the chart draws them and tells them as a table and as CSV. */
export interface Point {
  x: number;
  y: number;
  /** How far y may be off. */
  doubt?: number;
}

export interface Line {
  name: string;
  colour: "front" | "rear" | "ink" | "soft";
  dash?: number[];
  width?: number;
  points: Point[];
}

/** A range of y that is wanted. */
export interface Window {
  name: string;
  from: number;
  to: number;
}

/** A cell of CSV: what a spreadsheet would take for a formula or a second column is quoted. */
export function toCell(text: string): string {
  return /[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text;
}

/** Every line's points in rows of x. */
export function toRows(lines: Line[]): { x: number; cells: (Point | undefined)[] }[] {
  const xs = [...new Set(lines.flatMap((l) => l.points.map((p) => p.x)))].sort((a, b) => a - b);
  return xs.map((x) => ({ x, cells: lines.map((l) => l.points.find((p) => p.x === x)) }));
}

/** The points as CSV with CRLF line ends. */
export function toCsv(xTitle: string, lines: Line[]): string {
  const withDoubt = lines.map((l) => l.points.some((p) => p.doubt !== undefined));
  const head = [
    toCell(xTitle),
    ...lines.flatMap((l, i) => (withDoubt[i] ? [toCell(l.name), toCell(`${l.name}, ±`)] : [toCell(l.name)])),
  ];
  const rows = toRows(lines).map((row) =>
    [
      row.x.toFixed(4),
      ...row.cells.flatMap((p, i) => {
        const value = p ? p.y.toFixed(4) : "";
        return withDoubt[i] ? [value, p?.doubt?.toFixed(4) ?? ""] : [value];
      }),
    ].join(","),
  );
  return [head.join(","), ...rows].join("\r\n");
}
