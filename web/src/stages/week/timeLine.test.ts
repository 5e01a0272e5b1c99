import { describe, expect, it } from "vitest";
import { toRowsByJob, toRowsByPerson, toTimeLine, type WeekTask } from "./timeLine";

const line = toTimeLine([
  { from: "2026-05-04T08:00:00", to: "2026-05-04T12:00:00" },
  { from: "2026-05-04T13:00:00", to: "2026-05-04T17:00:00" },
  { from: "2026-05-05T08:00:00", to: "2026-05-05T12:00:00" },
]);

const task = (id: string, jobId: number, start: string, end: string, who: string[]): WeekTask => ({
  id,
  jobId,
  axleId: 1,
  axle: "front axle",
  step: id,
  title: id,
  start: `2026-05-04T${start}:00`,
  end: `2026-05-04T${end}:00`,
  who,
  outside: who.length ? "" : "a lathe shop",
  waits: "",
  done: false,
});

describe("the time line", () => {
  it("leaves out breaks and nights", () => {
    expect(line.length).toBe(12 * 60);
    expect(line.toMinute("2026-05-04T13:30:00")).toBe(4.5 * 60);
    expect(line.toMinute("2026-05-04T12:30:00")).toBe(4 * 60);
    expect(line.toMinute("2026-05-04T21:00:00")).toBe(8 * 60);
    expect(line.days).toEqual([
      { day: "2026-05-04", from: 0, to: 480 },
      { day: "2026-05-05", from: 480, to: 720 },
    ]);
  });

  it("tells the moment back, without a zone", () => {
    expect(line.toMoment(0)).toBe("2026-05-04T08:00:00");
    expect(line.toMoment(4.5 * 60)).toBe("2026-05-04T13:30:00");
    expect(line.toMoment(500)).toBe("2026-05-05T08:20:00");
    expect(line.toMoment(-20)).toBe("2026-05-04T08:00:00");
    expect(line.toMoment(9999)).toBe("2026-05-05T12:00:00");
  });
});

describe("rows", () => {
  const tasks = [
    task("a", 1, "08:00", "09:00", ["Tam"]),
    task("b", 1, "08:30", "09:30", ["Wilma"]),
    task("c", 1, "09:00", "10:00", ["Tam"]),
    task("d", 2, "10:00", "11:00", []),
  ];

  it("are of people, and of what is away", () => {
    const rows = toRowsByPerson(["Tam", "Wilma"], tasks);
    expect(rows.map((r) => [r.name, r.tasks.map((t) => t.id)])).toEqual([
      ["Tam", ["a", "c"]],
      ["Wilma", ["b"]],
      ["away", ["d"]],
    ]);
  });

  it("are of jobs, a line more where things are done at once", () => {
    const rows = toRowsByJob(
      [
        { jobId: 1, title: "Van" },
        { jobId: 2, title: "Trailer" },
      ],
      tasks,
    );
    expect(rows.map((r) => [r.name, r.tasks.map((t) => t.id)])).toEqual([
      ["Van", ["a", "c"]],
      ["", ["b"]],
      ["Trailer", ["d"]],
    ]);
  });
});
