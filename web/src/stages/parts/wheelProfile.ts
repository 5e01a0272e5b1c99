import type { Schemas } from "../../api/client";

interface Place {
  x: number;
  r: number;
}

/** A wheel's inside as two lines in its frame: x from the mounting face, outboard positive; r from the axle line (mm). */
export interface Profile {
  barrel: Place[];
  spokes: Place[];
}

/** The lines of a wheel's profile; between two readings the nearer metal counts, so that they run in steps. */
export function toProfile(wheel: Pick<Schemas["WheelView"], "backspacing" | "barrel" | "spokes">): Profile {
  const barrel = wheel.barrel.map((s) => ({ along: s.place - wheel.backspacing, across: s.size / 2 }));
  const spokes = wheel.spokes.map((s) => ({ along: s.place, across: s.size }));
  return {
    barrel: toSteps(barrel).map((p) => ({ x: p.along, r: p.across })),
    spokes: toSteps(spokes).map((p) => ({ x: p.across, r: p.along })),
  };
}

interface Reading {
  along: number;
  across: number;
}

function toSteps(readings: Reading[]): Reading[] {
  return readings.slice(0, -1).flatMap((a, i) => {
    const b = readings[i + 1] ?? a;
    const across = Math.min(a.across, b.across);
    return [
      { along: a.along, across },
      { along: b.along, across },
    ];
  });
}
