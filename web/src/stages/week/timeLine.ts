import type { Schemas } from "../../api/client";

export type WeekTask = Schemas["WeekTask"];
export type WorkingSpan = Schemas["WorkingSpan"];

const MINUTE = 60_000;

/** Where working moments lie on a line from which nights and weekends are left out. */
export interface TimeLine {
  /** Minutes of work from the first span to a moment; moments of free time lie at the span that follows. */
  toMinute(moment: string): number;
  /** The moment at a working minute, as the shop's clock shows it: `2026-05-04T08:15:00`. */
  toMoment(minute: number): string;
  length: number;
  /** First minute of each day. */
  days: { day: string; from: number; to: number }[];
}

const toTime = (local: string) => Date.parse(`${local.length === 16 ? `${local}:00` : local}Z`);

/** Lays spans of working time one after the other. Moments are of one clock: they are never shifted by a zone. */
export function toTimeLine(spans: WorkingSpan[]): TimeLine {
  const laid: { from: number; to: number; at: number }[] = [];
  const days: TimeLine["days"] = [];
  let length = 0;
  for (const s of spans) {
    const from = toTime(s.from);
    const to = toTime(s.to);
    const minutes = (to - from) / MINUTE;
    laid.push({ from, to, at: length });
    const day = s.from.slice(0, 10);
    const last = days.at(-1);
    if (last?.day === day) last.to = length + minutes;
    else days.push({ day, from: length, to: length + minutes });
    length += minutes;
  }
  return {
    toMinute(moment) {
      const at = toTime(moment);
      for (const s of laid) {
        if (at <= s.from) return s.at;
        if (at <= s.to) return s.at + (at - s.from) / MINUTE;
      }
      return length;
    },
    toMoment(minute) {
      const span = laid.findLast((s) => s.at <= minute) ?? laid[0];
      const time = span ? Math.min(span.to, span.from + Math.max(0, minute - span.at) * MINUTE) : 0;
      return new Date(time).toISOString().slice(0, 19);
    },
    length,
    days,
  };
}

/** A row of the time line. */
export interface Row {
  name: string;
  tasks: WeekTask[];
}

/** As many lines as tasks are done at once, none over another. */
function toLines(tasks: WeekTask[]): WeekTask[][] {
  const lines: WeekTask[][] = [];
  for (const t of [...tasks].sort((a, b) => a.start.localeCompare(b.start))) {
    const line = lines.find((l) => (l.at(-1)?.end ?? "") <= t.start);
    if (line) line.push(t);
    else lines.push([t]);
  }
  return lines;
}

/** Lines under one name, which stands at the first. */
const toRows = (name: string, tasks: WeekTask[]): Row[] =>
  toLines(tasks).map((l, i) => ({ name: i ? "" : name, tasks: l }));

/** A row for each pair of hands, and as many as it takes for what is away. */
export function toRowsByPerson(people: string[], tasks: WeekTask[]): Row[] {
  return [
    ...people.map((name) => ({ name, tasks: tasks.filter((t) => t.who.includes(name)) })),
    ...toRows(
      "away",
      tasks.filter((t) => t.outside !== ""),
    ),
  ];
}

/** A row for each job, as many lines as are done at once. */
export function toRowsByJob(jobs: { jobId: number; title: string }[], tasks: WeekTask[]): Row[] {
  return jobs.flatMap((j) =>
    toRows(
      j.title,
      tasks.filter((t) => t.jobId === j.jobId),
    ),
  );
}
