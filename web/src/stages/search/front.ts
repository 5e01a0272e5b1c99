/** A combination as a place on the chart: money across, days up. */
export interface Spot {
  key: string;
  cents: number;
  days: number;
}

/** Where spots lie in a picture of a given size, with round marks on both axes. */
export function toChart(spots: Spot[], width: number, height: number) {
  const most = (pick: (s: Spot) => number) => Math.max(1, ...spots.map(pick));
  const least = (pick: (s: Spot) => number) => Math.min(...spots.map(pick), most(pick));
  const xs = toRange(
    least((s) => s.cents),
    most((s) => s.cents),
  );
  const ys = toRange(
    0,
    most((s) => s.days),
  );
  const x = (cents: number) => ((cents - xs.from) / (xs.to - xs.from)) * width;
  const y = (days: number) => height - ((days - ys.from) / (ys.to - ys.from)) * height;
  return {
    spots: spots.map((s) => ({ ...s, x: x(s.cents), y: y(s.days) })),
    xMarks: xs.marks.map((cents) => ({ value: cents, at: x(cents) })),
    yMarks: ys.marks.map((days) => ({ value: days, at: y(days) })),
  };
}

/** A range with round ends that holds both values, and three to seven round marks in it. */
export function toRange(least: number, most: number) {
  const span = Math.max(most - least, Math.abs(most) * 0.1, 1);
  const rough = span / 4;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((n) => n * power).find((n) => n >= rough) ?? 10 * power;
  const from = Math.floor(least / step) * step;
  const to = Math.max(Math.ceil(most / step) * step, from + step);
  const marks: number[] = [];
  for (let m = from; m <= to + step / 1000; m += step) marks.push(m);
  return { from, to, marks };
}
