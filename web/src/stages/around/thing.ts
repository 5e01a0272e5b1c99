import type { Schemas } from "../../api/client";

export type Taped = Schemas["TapedText"];
export type Kind = Schemas["KindChoice"];

/** Where somebody touched a view of the wheel (mm and degrees, in the frame of the axle end). */
export type Spot =
  | { view: "outboard"; forward: number; up: number }
  | { view: "above"; x: number; forward: number }
  | { view: "behind"; x: number; up: number };

/** Direction of a place seen from outboard: 0 up, 90 to the front (degrees, to the next five). */
export function toClock(forward: number, up: number): number {
  const degrees = (Math.atan2(forward, up) * 180) / Math.PI;
  return (((Math.round(degrees / 5) * 5) % 360) + 360) % 360;
}

/** A thing of a kind touched at a place: what the touch tells is filled in, nothing else. */
export function toThing(kind: Kind, spot: Spot | null): Taped {
  const isBeside = kind.kind === "OTHER" && spot ? spot.view === "outboard" : kind.beside;
  return {
    kind: kind.kind,
    name: kind.word.toLowerCase(),
    beside: isBeside,
    from: "HUB",
    clock: isBeside && spot?.view === "outboard" ? String(toClock(spot.forward, spot.up)) : "",
    across: "",
    near: "",
    far: "",
    in: "",
    inFar: "",
    mayBeGround: "",
    rear: "",
    front: "",
    low: "",
    high: "",
  };
}

/** A reading taken of a thing by tape. */
export type ReadingKey =
  "in" | "inFar" | "clock" | "near" | "far" | "across" | "rear" | "front" | "low" | "high";

interface Told {
  key: ReadingKey;
  label: string;
  how: string;
}

/** What is read of a thing beside the caliper, in the order it is reached. */
export const BESIDE: Told[] = [
  {
    key: "clock",
    label: "Direction, °",
    how: "As touched: 0 is up, 90 to the front. Turn it here to make it finer.",
  },
  {
    key: "in",
    label: "In, to its outboard side",
    how: "Straight edge across the hub face, tape straight in.",
  },
  {
    key: "inFar",
    label: "In, to its inboard side",
    how: "Empty where it cannot be reached: it is taken to run on.",
  },
  { key: "near", label: "Axis to its near edge", how: "Tape from the middle of the spindle or shaft." },
  {
    key: "far",
    label: "Axis to its far edge",
    how: "Empty where it cannot be reached: it is taken to run on.",
  },
  { key: "across", label: "Across", how: "Its width where it is nearest to the axis." },
];

/** What is read of a thing on the vehicle. */
export const ON_VEHICLE: Told[] = [
  { key: "in", label: "In, to its outboard side", how: "Straight edge across the face, tape straight in." },
  {
    key: "inFar",
    label: "In, to its inboard side",
    how: "Empty where it cannot be reached: it is taken to run on.",
  },
  {
    key: "low",
    label: "Lower edge above the axis",
    how: "Square on the floor: the axis' height less. Below is minus; empty runs past.",
  },
  { key: "high", label: "Upper edge above the axis", how: "Below is minus; empty runs past." },
  {
    key: "rear",
    label: "Rear end ahead of the axis",
    how: "Plumb line and tape on the floor. Behind is minus; empty runs past.",
  },
  { key: "front", label: "Front end ahead of the axis", how: "Behind is minus; empty runs past." },
];
