import type { UnitSystem } from "../../units/format";

/** Figures of the road in the reader's units, as finely as they are read. */
const MILE = 1.609344;
const FOOT = 0.3048;

export function toSpeed(kmh: number, units: UnitSystem): string {
  return units === "METRIC" ? `${Math.round(kmh)} km/h` : `${Math.round(kmh / MILE)} mph`;
}

export function toRoad(m: number, units: UnitSystem): string {
  return units === "METRIC" ? `${m.toFixed(1)} m` : `${(m / FOOT).toFixed(0)} ft`;
}

export function toOdometer(km: number, units: UnitSystem): string {
  return units === "METRIC" ? `${Math.round(km)} km` : `${Math.round(km / MILE)} mi`;
}

export function toDeceleration(value: number, doubt: number, units: UnitSystem): string {
  const [by, unit, digits] = units === "METRIC" ? ([1, "m/s²", 1] as const) : ([FOOT, "ft/s²", 0] as const);
  return `${(value / by).toFixed(digits)} ± ${(doubt / by).toFixed(digits)} ${unit}`;
}

export function toHeat(celsius: number, units: UnitSystem): string {
  return units === "METRIC" ? `${Math.round(celsius)} °C` : `${Math.round(celsius * 1.8 + 32)} °F`;
}

/** What a difference of temperatures is. */
export function toHeatDoubt(kelvin: number, units: UnitSystem): string {
  return units === "METRIC" ? `${Math.round(kelvin)} °C` : `${Math.round(kelvin * 1.8)} °F`;
}

/** Seconds as minutes and seconds. */
export function toClock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}
