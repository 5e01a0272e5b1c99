import type { Schemas } from "../../api/client";

type Piece = Schemas["ShaftPieceView"]["piece"];

/** Width along the shaft and height across it (mm) where neither was read, for the eye. */
const SIZES: Record<Piece, [number, number]> = {
  SPINDLE: [40, 64],
  SEAL: [10, 76],
  INNER_BEARING: [24, 68],
  CUPS: [12, 76],
  HUB: [60, 120],
  OUTER_BEARING: [20, 52],
  WASHER: [6, 44],
  NUT: [18, 46],
  LOCK: [5, 56],
  SECOND_NUT: [18, 46],
  CAP: [22, 50],
  DRIVE: [20, 104],
  PRESS_RING: [14, 56],
  BEARING: [26, 78],
  SPACER_RING: [10, 72],
  BRACKET: [12, 136],
  RETAINER: [10, 100],
  SHAFT_FLANGE: [14, 124],
  CLIP: [7, 44],
  HOUSING_SEAL: [10, 72],
  PORTAL: [34, 116],
  PORTAL_SPACER: [14, 116],
};

const BEARINGS: ReadonlySet<Piece> = new Set(["INNER_BEARING", "OUTER_BEARING", "BEARING"]);
const WIDTH = 420;
const EDGE = 20;
const AXIS = 85;
/** Least room between the middles of two numbers, so that they can be told apart. */
const LEAST_PITCH = 30;

/** The tallest a part is drawn. */
const MOST_HEIGHT = 140;
const LEAST_WIDTH = 6;
const MOST_WIDTH = 70;

/** Size a part is drawn in: what was read of it in one scale for all, of what was not read a guess in the same scale. */
function toSizes(places: Schemas["ShaftPieceView"][]): [number, number][] {
  const largest = Math.max(0, ...places.map((p) => p.across ?? 0));
  const scale = largest ? Math.min(1, MOST_HEIGHT / largest) : 1;
  return places.map((p) => {
    const [width, height] = SIZES[p.piece];
    return [
      p.along ? Math.min(MOST_WIDTH, Math.max(LEAST_WIDTH, p.along * scale)) : width,
      (p.across ?? height) * scale,
    ];
  });
}

export interface Glyph {
  number: number;
  x: number;
  width: number;
  height: number;
  now: boolean;
  /** The cross a drawing marks a rolling bearing with (ISO 8826-1). */
  rolls: string;
}

/** Where each part is drawn, evenly apart over the width; outboard lies left on the left side of the vehicle. */
export function toGlyphs(
  places: Schemas["ShaftPieceView"][],
  side: Schemas["ShaftOrderView"]["side"],
): Glyph[] {
  const sizes = toSizes(places);
  const widths = sizes.map(([width]) => Math.max(width, LEAST_PITCH));
  const total = widths.reduce((a, b) => a + b, 0);
  const gap = places.length > 1 ? (WIDTH - 2 * EDGE - total) / (places.length - 1) : 0;
  let at = EDGE;
  return places.map((p, i) => {
    const [width, height] = sizes[i] ?? SIZES[p.piece];
    const slot = widths[i] ?? LEAST_PITCH;
    const middle = side === "LEFT" ? WIDTH - at - slot / 2 : at + slot / 2;
    at += slot + gap;
    const x = middle - width / 2;
    return { number: i + 1, x, width, height, now: p.now, rolls: toCross(p.piece, x, width, height) };
  });
}

function toCross(piece: Piece, x: number, width: number, height: number): string {
  if (!BEARINGS.has(piece)) return "";
  const third = height / 3;
  return [AXIS - height / 2, AXIS + height / 2 - third]
    .map((y) => `M${x} ${y} l${width} ${third} M${x + width} ${y} l${-width} ${third}`)
    .join(" ");
}
