import type { Schemas } from "../../api/client";

type Section = Pick<
  Schemas["SectionView"],
  "barrel" | "spokes" | "outlines" | "midPlane" | "discOuter" | "hatInside" | "obstacles"
>;

/** The part of the half-plane that is drawn, in mm of the wheel's frame. */
export interface Frame {
  minX: number;
  maxX: number;
  minR: number;
  maxR: number;
}

const ROOM = 18;

/** How thick the wheel's metal is drawn (mm): only its inner face is measured. */
export const METAL = 7;

/** What else is drawn when the wheel is moved by hand: the tyre, and what of the vehicle the section meets. */
export type Around = Schemas["CutsView"];

/** What is fixed to the vehicle is drawn as far as this beyond the tyre and the caliper (mm). */
const BESIDE = 260;

/** The frame made wide enough for the tyre and what stands beside it; large things are drawn as far as they are near. */
export function toWideFrame(frame: Frame, around: Around): Frame {
  const xs = around.tyre.map((p) => p.x);
  const rs = around.tyre.map((p) => p.r);
  const minX = Math.min(frame.minX, ...xs);
  const near = around.fixed.flatMap((f) => f.outline.map((p) => p.x)).filter((x) => x < minX);
  return {
    minX: near.length ? Math.max(minX - BESIDE, Math.min(...near) - ROOM) : minX - ROOM,
    maxX: Math.max(frame.maxX, ...xs.map((x) => x + ROOM)),
    minR: 0,
    maxR: Math.max(frame.maxR, ...rs.map((r) => r + ROOM)),
  };
}

interface Place {
  x: number;
  r: number;
}

/** The middle of the corners of what of a convex polygon is seen in the frame; null if nothing is. */
export function toSeenMiddle(polygon: Place[], frame: Frame): Place | null {
  const sides: ((p: Place) => number)[] = [
    (p) => p.x - frame.minX,
    (p) => frame.maxX - p.x,
    (p) => p.r - frame.minR,
    (p) => frame.maxR - p.r,
  ];
  const seen = sides.reduce((kept, inside) => clip(kept, inside), polygon);
  if (!seen.length) return null;
  const mean = (of: (p: Place) => number) => seen.reduce((sum, p) => sum + of(p), 0) / seen.length;
  return { x: mean((p) => p.x), r: mean((p) => p.r) };
}

/** The part of a polygon on the inner side of a line (Sutherland and Hodgman 1974). */
function clip(polygon: Place[], inside: (p: Place) => number): Place[] {
  return polygon.flatMap((a, i) => {
    const b = polygon[(i + 1) % polygon.length] ?? a;
    const [da, db] = [inside(a), inside(b)];
    const kept = da >= 0 ? [a] : [];
    if (da * db >= 0) return kept;
    const t = da / (da - db);
    return [...kept, { x: a.x + t * (b.x - a.x), r: a.r + t * (b.r - a.r) }];
  });
}

/** A frame that holds wheel, caliper and disc with some room around; obstacles only as far as they come near. */
export function toFrame(section: Section): Frame {
  const xs = [0, section.midPlane];
  const rs = [section.discOuter, section.hatInside / 2];
  for (const s of section.barrel) {
    xs.push(s.from, s.to);
    rs.push(s.level);
  }
  for (const s of section.spokes) {
    xs.push(s.level);
    rs.push(s.from, s.to);
  }
  for (const p of section.outlines.flat()) {
    xs.push(p.x);
    rs.push(p.r);
  }
  return {
    minX: Math.min(...xs) - ROOM,
    maxX: Math.max(...xs) + ROOM * 2.2,
    minR: Math.max(0, Math.min(...rs) - ROOM * 1.4),
    maxR: Math.max(...rs) + ROOM,
  };
}
