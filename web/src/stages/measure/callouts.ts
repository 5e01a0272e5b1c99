import type { Schemas } from "../../api/client";
import { toDoubt, toLength, type UnitSystem } from "../../units/format";

export type CalloutId = Schemas["CalloutView"]["callout"];
export type CalloutView = Schemas["CalloutView"];
export type SideView = Schemas["SideView"];
export type SheetView = Schemas["Sheet"];
export type ViewId = SheetView["view"];

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

/** Short titles where the full one is too long for a label. */
const SHORT: Partial<Record<CalloutId, string>> = {
  STUD_OVER_SKIP_ONE: "Bolt circle",
  STUD_PITCH: "Over ten threads",
  STUD_FROM_DRUM: "Stud beyond drum",
  REGISTER_STEP: "Register, outer step",
  REGISTER_STEP_HEIGHT: "Outer step height",
  FLANGE: "Axle flange outside",
  FLANGE_THICKNESS: "Flange thickness",
  HOLE_EDGE: "Hole to edge",
  BRACKET_COUNT: "Bracket bolts",
  BRACKET_ACROSS: "Bolts across",
  BRACKET_UP: "Bolts up and down",
  BRACKET_HOLE: "Bracket hole",
  BACKING_PLATE: "Backing plate",
  RETAINER: "Retainer",
  BEARING_NUMBER: "Bearing number",
  BEARING_OUTSIDE: "Bearing outside",
  BEARING_BORE: "Bearing bore",
  BEARING_WIDTH: "Bearing width",
  SHOULDER: "Face to shoulder",
  SEAL_START: "Face to seal journal",
  SEAL_JOURNAL: "Seal journal",
  INNER_JOURNAL: "Inner journal",
  OUTER_JOURNAL: "Outer journal",
  INNER_NUMBER: "Inner bearing no.",
  OUTER_NUMBER: "Outer bearing no.",
  KNUCKLE_RIB: "Knuckle rib height",
  KNUCKLE_RIB_RADIUS: "Rib, radius",
  SWIVEL_BALL: "Swivel ball",
  UPRIGHT_HEIGHT: "Face to caliper ear",
  EAR_THICKNESS: "Ear thickness",
  AXLE_WIDTH: "Hub face to hub face",
  LINE_LENGTH: "Line from actuator",
  WHEEL_BACKSPACING: "Backspacing",
  WHEEL_OVERALL: "Width over flanges",
  WHEEL_OFFSET: "Offset, as marked",
  WHEEL_MARKING: "Size, as marked",
  WHEEL_FLANGE: "Rim flange outside",
  WHEEL_BARREL: "Barrel inside",
  WHEEL_SPOKE: "Spoke backs",
  WHEEL_PAD: "Wheel under the nut",
  WHEEL_NUT_SEAT: "Nut seat",
  WHEEL_WEIGHTS: "Weights, height",
};

export function toTitle(c: CalloutView): string {
  return SHORT[c.callout] ?? c.title;
}

/** What a label says of its dimension; a question mark while nothing was read. */
export function toValue(id: CalloutId, side: SideView, units: UnitSystem): string {
  if (id === "STUD_OVER_SKIP_ONE" && side.boltCircle !== undefined) {
    return `${toLength(side.boltCircle, units)} ${toDoubt(side.boltCircleDoubt ?? 0, units)}`;
  }
  const c = side.callouts.find((one) => one.callout === id);
  if (!c) return "";
  if (c.kind === "THREAD" || c.kind === "WORD") return c.text ?? "?";
  if (c.kind === "COUNT") return c.value === undefined ? "?" : String(c.value);
  if (c.hasPlaces) {
    const n = id === "WHEEL_BARREL" ? side.barrel.length : side.spokes.length;
    return n === 0 ? "?" : n === 1 ? "1 place" : `${n} places`;
  }
  return c.value === undefined ? "?" : `${toLength(c.value, units)} ${toDoubt(c.doubt ?? 0, units)}`;
}

/** A place of the sheet that has a label, in mm of the sheet. */
export interface Place {
  id: CalloutId;
  callout: CalloutView;
  x: number;
  y: number;
}

/** What of a sheet has a label at this end: ways to one thing share theirs. */
export function toPlaces(sheet: SheetView, side: SideView): Place[] {
  const byId = new Map(side.callouts.map((c) => [c.callout, c]));
  const seen = new Set<CalloutId>();
  return sheet.anchors.flatMap((a) => {
    const id = toLabelId(a.callout);
    const callout = byId.get(id);
    if (!callout || seen.has(id)) return [];
    seen.add(id);
    return [{ id, callout, x: a.x, y: a.y }];
  });
}
