import type { Schemas } from "../../api/client";

type Form = Schemas["CircuitForm"];
type Planned = Schemas["PlannedForm"];

/** Words for what a circuit is made of. */
export const SPLITS: { value: Form["split"]; label: string }[] = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "SINGLE", label: "one circuit" },
  { value: "FRONT_REAR", label: "front and rear apart" },
  { value: "DIAGONAL", label: "crosswise" },
];
export const PARKINGS: { value: Form["parking"]; label: string }[] = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "NONE", label: "none" },
  { value: "DRUM_SHOES", label: "rear drums by cable" },
  { value: "DRUM_IN_HAT", label: "shoes in the discs' hats" },
  { value: "LEVER_CALIPER", label: "levers at the calipers" },
  { value: "SPOT_CALIPER", label: "calipers of their own on the rear discs" },
  { value: "TRANSMISSION", label: "drum on the transmission" },
];
export const SHOES = [
  { value: "LEADING_TRAILING", label: "drum, one shoe leading" },
  { value: "TWO_LEADING", label: "drum, two shoes leading" },
  { value: "SERVO", label: "drum, servo" },
  { value: "DISC", label: "disc" },
] as const;
export const BOOSTERS: { value: NonNullable<Planned["booster"]>; label: string }[] = [
  { value: "NONE", label: "none" },
  { value: "VACUUM", label: "vacuum" },
  { value: "HYDRAULIC", label: "hydraulic" },
];
export const RESIDUALS: { value: NonNullable<Planned["residual"]>; label: string }[] = [
  { value: "NONE", label: "none" },
  { value: "PRESENT", label: "present" },
];
export const FLUIDS: { value: NonNullable<Planned["fluid"]>; label: string }[] = [
  { value: "DOT_3", label: "DOT 3" },
  { value: "DOT_4", label: "DOT 4" },
  { value: "DOT_5_1", label: "DOT 5.1" },
  { value: "DOT_5_SILICONE", label: "DOT 5, silicone" },
  { value: "MINERAL_OIL", label: "mineral oil" },
];
export const STOP_LAMPS: { value: Form["stopLamp"]; label: string }[] = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "PEDAL", label: "a switch at the pedal" },
  { value: "PRESSURE", label: "a switch in the line" },
  { value: "NONE", label: "nothing" },
];

export const ACTUATORS: { value: Form["actuator"]; label: string }[] = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "SURGE", label: "surge coupler" },
  { value: "ELECTRIC_OVER_HYDRAULIC", label: "electric over hydraulic" },
  { value: "VACUUM", label: "vacuum" },
];

export const SEEN: { value: Form["reverseLockOut"]; label: string }[] = [
  { value: "NOT_LOOKED", label: "not looked at" },
  { value: "YES", label: "yes" },
  { value: "NO", label: "no" },
];

export const LOADS: Record<Schemas["AdhesionCurveView"]["load"], string> = { EMPTY: "empty", LADEN: "laden" };

type Units = "METRIC" | "INCH";

/** Inch units of what is worked out in metric ones (NIST SP 811): symbol, factor, and what is added after. */
const INCH: Record<string, { unit: string; factor: number; offset?: number }> = {
  mm: { unit: "in", factor: 1 / 25.4 },
  MPa: { unit: "psi", factor: 145.0377377 },
  N: { unit: "lbf", factor: 1 / 4.448221615 },
  "N·m": { unit: "lbf·ft", factor: 1 / 1.355817948 },
  "cm³": { unit: "in³", factor: 1 / 16.387064 },
  m: { unit: "ft", factor: 1 / 0.3048 },
  "m/s²": { unit: "ft/s²", factor: 1 / 0.3048 },
};

/** Units of charts besides: speeds, loads and temperatures. */
const INCH_OF_CHARTS: typeof INCH = {
  ...INCH,
  "km/h": { unit: "mph", factor: 1 / 1.609344 },
  kN: { unit: "lbf", factor: 1000 / 4.448221615 },
  "°C": { unit: "°F", factor: 1.8, offset: 32 },
};

/** A chart's unit in the reader's units, and how its values are told in it. */
export function toScale(unit: string, units: Units): { unit: string; of: (value: number) => number } {
  const other = units === "INCH" ? INCH_OF_CHARTS[unit] : undefined;
  return other
    ? { unit: other.unit, of: (value) => value * other.factor + (other.offset ?? 0) }
    : { unit, of: (value) => value };
}

/** A figure in the reader's units, as finely as three digits tell it. */
export function toFigure(value: number | undefined, unit: string, units: Units = "METRIC"): string {
  if (value === undefined) return "not known";
  const other = units === "INCH" ? INCH[unit] : undefined;
  const shown = other ? value * other.factor : value;
  const size = Math.abs(shown);
  const text = shown.toFixed(size >= 100 ? 0 : size >= 1 ? 1 : 2).replace("-", "−");
  const symbol = other?.unit ?? unit;
  return symbol ? `${text} ${symbol}` : text;
}

function bare(text: string) {
  return text.split(" ")[0];
}

/** A figure with its doubt. */
export function toDoubtful(
  value: number | undefined,
  doubt: number | undefined,
  unit: string,
  units: Units = "METRIC",
): string {
  if (value === undefined) return "not known";
  return doubt === undefined
    ? `${toFigure(value, unit, units)}, doubt without bound`
    : `${bare(toFigure(value, unit, units))} ± ${toFigure(doubt, unit, units)}`;
}
