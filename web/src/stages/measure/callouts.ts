import type { Schemas } from "../../api/client";

export type CalloutId = Schemas["CalloutView"]["callout"];
export type SideView = Schemas["SideView"];

/** Ways to measure one thing share one place on the drawing. */
export const CIRCLE_WAYS: CalloutId[] = [
  "STUD_OVER_SKIP_ONE",
  "STUD_SKIP_ONE",
  "STUD_NEIGHBOUR",
  "STUD_OVER_NEIGHBOUR",
];

/** Which label stands for a dimension. */
export function toLabelId(id: CalloutId): CalloutId {
  return CIRCLE_WAYS.includes(id) ? "STUD_OVER_SKIP_ONE" : id;
}

/** Values for what was not read yet, so that something can be drawn, dashed. Millimetres. */
const NOMINAL: Partial<Record<CalloutId, number>> = {
  LUG_COUNT: 5,
  STUD_MAJOR: 12.7,
  STUD_SHOULDER: 13.5,
  STUD_STICK_OUT: 36,
  REGISTER: 68,
  FLANGE: 146,
  BRACKET_COUNT: 4,
  BRACKET_ACROSS: 90,
  BRACKET_UP: 60,
  BRACKET_CIRCLE: 100,
  BRACKET_HOLE: 11,
  AXLE_OFFSET: 62,
  WHEEL_BACKSPACING: 85,
  WHEEL_PAD: 5,
  WHEEL_BORE: 74,
};
const NOMINAL_CIRCLE = 115;
const NOMINAL_BARREL = [
  [8, 356],
  [34, 352],
  [48, 336],
  [76, 336],
  [98, 344],
] as const;
const NOMINAL_SPOKES = [
  [74, 5],
  [110, 16],
  [150, 27],
] as const;

/** A value for drawing, and whether it was read. */
export interface Drawn {
  value: number;
  isRead: boolean;
}

/** What to draw of one side: read values solid, the rest nominal and dashed. */
export function toDrawing(side: SideView) {
  const byId = new Map(side.callouts.map((c) => [c.callout, c]));
  const at = (id: CalloutId): Drawn => {
    const read = byId.get(id)?.value;
    return { value: read ?? NOMINAL[id] ?? 10, isRead: read !== undefined };
  };
  const circle: Drawn = { value: side.boltCircle ?? NOMINAL_CIRCLE, isRead: side.boltCircle !== undefined };
  const barrel = side.barrel.length > 1 ? side.barrel.map((s) => [s.place, s.size] as const) : NOMINAL_BARREL;
  const spokes = side.spokes.length > 1 ? side.spokes.map((s) => [s.place, s.size] as const) : NOMINAL_SPOKES;
  return {
    at,
    circle,
    barrel: { points: [...barrel], isRead: side.barrel.length > 1 },
    spokes: { points: [...spokes], isRead: side.spokes.length > 1 },
  };
}

export type Drawing = ReturnType<typeof toDrawing>;
