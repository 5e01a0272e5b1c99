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
