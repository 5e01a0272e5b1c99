import type { Schemas } from "../../api/client";

type Form = Schemas["CircuitForm"];
export type Quantity = Schemas["BrakeQuantityView"];
type Id = Quantity["id"];

/** What is touched in the drawing of a circuit: a part of the vehicle, or the wheel ends of one axle. */
export type PartKey =
  "pedal" | "booster" | "master" | "valve" | "lines" | "parking" | "vehicle" | "actuator" | `axle-${number}`;

/** Which quantities are told where. */
const QUANTITIES: Record<string, Id[]> = {
  pedal: ["PEDAL_RATIO", "PEDAL_PLAY", "PEDAL_ROOM", "PEDAL_EFFICIENCY", "PUSH_ROD_PLAY"],
  booster: ["BOOST_RATIO", "BOOST_KNEE"],
  master: ["MASTER_BORE", "MASTER_STROKE", "RESERVOIR", "RESERVOIR_HEIGHT", "RESIDUAL_PRESSURE"],
  valve: ["VALVE_KNEE", "VALVE_SLOPE", "METERING_HOLD", "METERING_FULL"],
  lines: ["AIR_LEFT", "HYDRAULIC_EFFICIENCY"],
  parking: [
    "PARKING_GRADE",
    "GRADE_HELD",
    "PARKING_GAIN",
    "HAND_LEVER",
    "CABLE_EFFICIENCY",
    "CALIPER_LEVER_GAIN",
    "HAT_DRUM_DIAMETER",
  ],
  vehicle: [
    "MASS_EMPTY",
    "MASS_LADEN",
    "FRONT_EMPTY",
    "FRONT_LADEN",
    "WHEELBASE",
    "CENTRE_HEIGHT",
    "CENTRE_HEIGHT_LADEN",
    "TYRE_DIAMETER",
    "ROLLING_SHARE",
    "SPECIFIC_HEAT",
    "FLUID_SHARE",
  ],
  actuator: [
    "ACTUATOR_PRESSURE",
    "ACTUATOR_VOLUME",
    "BREAKAWAY_HOLD",
    "UNEVEN_LOAD",
    "TOW_MASS",
    "TOW_DECELERATION",
    "AIR_LEFT",
  ],
};

/** Quantities a plan may set otherwise than found. */
export const PLANNED: Id[] = [
  "MASTER_BORE",
  "MASTER_STROKE",
  "RESERVOIR",
  "BOOST_RATIO",
  "BOOST_KNEE",
  "VALVE_KNEE",
  "VALVE_SLOPE",
  "METERING_HOLD",
  "METERING_FULL",
  "HAT_DRUM_DIAMETER",
  "PARKING_GAIN",
  "GRADE_HELD",
];

export const TITLES: Record<string, string> = {
  pedal: "Pedal",
  booster: "Booster",
  master: "Master",
  valve: "Valves",
  lines: "Lines and fluid",
  parking: "Parking brake",
  vehicle: "Vehicle",
  actuator: "Actuator",
};

/** The axle a key names, or −1. */
export function toAxle(key: PartKey): number {
  return key.startsWith("axle-") ? Number(key.slice(5)) : -1;
}

/** Quantities told of a part, those that must be told first. */
export function toQuantities(key: PartKey, form: Form, all: Quantity[]): Quantity[] {
  const axle = toAxle(key);
  const places: Quantity["where"][] = form.axles[axle]?.shoes ? ["DRUM", "AXLE"] : ["DISC", "AXLE"];
  const chosen =
    axle >= 0
      ? all.filter(
          (q) =>
            places.includes(q.where) ||
            (q.id === "RESIDUAL_PRESSURE" && form.axles[axle]?.outlet === "PRESENT"),
        )
      : (QUANTITIES[key] ?? []).flatMap((id) => all.filter((q) => q.id === id));
  return [
    ...chosen.filter((q) => q.defaultValue === undefined),
    ...chosen.filter((q) => q.defaultValue !== undefined),
  ];
}

/** Parts of a circuit in the order the fluid takes. */
export function toKeys(isTrailer: boolean, axles: number): PartKey[] {
  const ends = Array.from({ length: axles }, (_, i): PartKey => `axle-${i}`);
  return isTrailer
    ? ["actuator", "lines", ...ends, "vehicle"]
    : ["pedal", "booster", "master", "valve", "lines", ...ends, "parking", "vehicle"];
}

/** Which cut a touched line stands for, by how the circuits are split. */
export function toCut(split: Form["split"], line: "front" | "rear"): Schemas["TriedForm"]["cut"] {
  if (split === "DIAGONAL") return "ONE_OF_DIAGONAL";
  if (split === "FRONT_REAR") return line === "front" ? "FRONT" : "REAR";
  return "ALL";
}
