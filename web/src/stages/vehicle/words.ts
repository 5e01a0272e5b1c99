import type { Schemas } from "../../api/client";
import type { Choices } from "../../fields/choices";

type Sheet = Schemas["VehicleSheet"];
type Form = Schemas["AxleForm"];

export const USES: Choices<Sheet["use"]> = [
  { value: "ROAD", label: "Road" },
  { value: "TOW", label: "Tow" },
  { value: "TRACK", label: "Track" },
  { value: "OFF_ROAD", label: "Off-road" },
];
export const SOURCES: Choices<Sheet["massFrom"]> = [
  { value: "PLATE", label: "from its plate" },
  { value: "WEIGHBRIDGE", label: "weighed" },
  { value: "ESTIMATE", label: "estimated" },
];
export const SEEN: Choices<Sheet["brakes"]["residualValve"]> = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "YES", label: "yes" },
  { value: "NO", label: "no" },
];
export const BOOSTERS: Choices<Sheet["brakes"]["booster"]> = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "NONE", label: "none" },
  { value: "VACUUM", label: "vacuum" },
  { value: "HYDRAULIC", label: "hydraulic" },
];
export const VALVES: Choices<Sheet["brakes"]["valve"]> = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "NONE", label: "none" },
  { value: "PROPORTIONING", label: "proportioning" },
  { value: "COMBINATION", label: "combination" },
  { value: "METERING", label: "metering" },
];
export const FLUIDS: Choices<Sheet["brakes"]["fluid"]> = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "DOT_3", label: "DOT 3" },
  { value: "DOT_4", label: "DOT 4" },
  { value: "DOT_5_SILICONE", label: "DOT 5, silicone" },
  { value: "DOT_5_1", label: "DOT 5.1" },
  { value: "MINERAL_OIL", label: "mineral oil" },
];
export const STATES: Choices<Sheet["conditions"][number]["state"]> = [
  { value: "GOOD", label: "good" },
  { value: "WORN", label: "worn" },
  { value: "REPLACE", label: "replace" },
];
export const ENDS: Choices<Form["kind"]> = [
  { value: "FRONT_SPINDLE", label: "Front spindle" },
  { value: "REAR_LIVE_AXLE", label: "Rear live axle" },
  { value: "CLOSED_KNUCKLE", label: "Closed knuckle, 4x4" },
  { value: "PORTAL_HUB", label: "Portal hub" },
  { value: "REAR_UPRIGHT", label: "Independent rear upright" },
  { value: "TRAILER_SPINDLE", label: "Trailer spindle" },
];
export const SHAPES: Choices<Form["bracketShape"]> = [
  { value: "CIRCLE", label: "on a circle" },
  { value: "RECTANGLE", label: "at a rectangle's corners" },
];
export const NUTS: Choices<Form["nut"]> = [
  { value: "CASTLE", label: "castle nut and cotter" },
  { value: "TANGED_WASHER", label: "tanged washer, two nuts" },
  { value: "PIN_AND_RING", label: "pin and lock ring" },
];
export const RETENTIONS: Choices<Form["retention"]> = [
  { value: "PRESSED_BEARING", label: "pressed bearing, retainer" },
  { value: "C_CLIP", label: "C-clip" },
];

const ON_A_RECTANGLE: Form["kind"][] = ["REAR_LIVE_AXLE", "REAR_UPRIGHT"];

/** How backing-plate bolts usually lie at a kind of axle end. */
export function toUsualShape(kind: Form["kind"]): Form["bracketShape"] {
  return ON_A_RECTANGLE.includes(kind) ? "RECTANGLE" : "CIRCLE";
}

/** The word of a choice. */
export function toWord<T extends string>(choices: Choices<T>, value: T): string {
  return choices.find((c) => c.value === value)?.label ?? value;
}

/** What is looked at while looking over. */
export const LOOKED_AT = [
  "wheel bearings",
  "ball joints",
  "steering tapers",
  "knuckle seals",
  "axle shaft seals",
  "lines and hoses",
  "rust at the spring mounts",
];
