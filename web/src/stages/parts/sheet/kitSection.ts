import type { Json, JsonObject } from "./schema";

/** A point of a kit's section: x from the disc's mid-plane, outboard positive; r from the axle line (mm). */
export type Point = [x: number, r: number];

/** What of a kit's section can be drawn; lines are closed. */
export interface KitSection {
  /** Upper half of disc and hat; absent where a figure of it is not yet a number. */
  disc?: Point[];
  /** Outlines of the caliper. */
  calipers: Point[][];
}

function toObject(node: Json | undefined): JsonObject {
  return node !== null && typeof node === "object" && !Array.isArray(node) ? node : {};
}

/** The bare number of a figure; undefined where it is not one, such as a text in inches before it is saved. */
function toNumber(node: Json | undefined): number | undefined {
  const bare = toObject(node).value ?? node;
  return typeof bare === "number" ? bare : undefined;
}

/**
 * The section of a kit's document to scale. The hat stands inboard or outboard of the disc as its depth says: positive puts the disc
 * inboard of the face that touches the hub.
 */
export function toKitSection(kit: JsonObject): KitSection {
  const disc = toObject(kit.disc);
  const caliper = toObject(kit.caliper);
  const outlines = [
    caliper.outline_mm,
    ...(Array.isArray(caliper.sectors) ? caliper.sectors.map((s) => toObject(s).outline_mm) : []),
  ];
  return {
    disc: toDisc(disc),
    calipers: outlines.filter((o): o is Json[] => Array.isArray(o) && o.length > 2) as Point[][],
  };
}

function toDisc(disc: JsonObject): Point[] | undefined {
  const [diameter, thickness, bore, inside, hat, depth] = [
    disc.diameter_mm,
    disc.thickness_mm,
    disc.bore_mm,
    disc.hat_inside_mm,
    disc.hat_thickness_mm,
    disc.hat_depth_mm,
  ].map(toNumber);
  if (
    diameter === undefined ||
    thickness === undefined ||
    bore === undefined ||
    inside === undefined ||
    hat === undefined ||
    depth === undefined
  ) {
    return undefined;
  }
  const half = thickness / 2;
  const hub = depth; // the face that touches the hub, seen from the disc's mid-plane
  const wheel = hub + hat;
  const wall = inside / 2 + hat;
  return [
    [-half, diameter / 2],
    [half, diameter / 2],
    [half, wall],
    [wheel, wall],
    [wheel, bore / 2],
    [hub, bore / 2],
    [hub, inside / 2],
    [-half, inside / 2],
  ];
}

/** What of a wheel's document can be drawn; absent while its backspacing is not a number. */
export function toWheelDrawn(wheel: JsonObject) {
  const backspacing = toNumber(wheel.backspacing_mm);
  const stations = (node: Json | undefined) =>
    (Array.isArray(node) ? (node as Point[]) : []).map(([place, size]) => ({ place, size }));
  return backspacing === undefined
    ? undefined
    : {
        code: String(wheel.code ?? ""),
        backspacing,
        barrel: stations(wheel.barrel_mm),
        spokes: stations(wheel.spokes_mm),
      };
}
