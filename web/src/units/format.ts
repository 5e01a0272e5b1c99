/** Writing SI values in a person's units. Lengths come in mm, masses in kg, torques in N·m. */
export type UnitSystem = "METRIC" | "INCH";

const MM_PER_INCH = 25.4;
const KG_PER_POUND = 0.45359237;
const NM_PER_POUND_FOOT = 1.355817948;

const MINUS = "−";

function fixed(value: number, decimals: number): string {
  const text = value.toFixed(decimals);
  return Number(text) === 0 ? text.replace("-", "") : text.replace("-", MINUS);
}

/** A length with two decimals in mm or three in inches. */
export function toLength(mm: number, units: UnitSystem): string {
  return units === "METRIC" ? `${fixed(mm, 2)} mm` : `${fixed(mm / MM_PER_INCH, 3)} in`;
}

/** Half-width of a doubt in the same unit, without it. */
export function toDoubt(mm: number, units: UnitSystem): string {
  return units === "METRIC" ? `± ${fixed(mm, 2)}` : `± ${fixed(mm / MM_PER_INCH, 3)}`;
}

/** A margin with sign, and its doubt, for a unit of the server's. */
export function toMargin(value: number, unit: string, units: UnitSystem): string {
  const sign = value >= 0 ? "+" : "";
  if (unit === "mm") return sign + (units === "METRIC" ? fixed(value, 2) : fixed(value / MM_PER_INCH, 3));
  if (unit === "kg") return sign + fixed(units === "METRIC" ? value : value / KG_PER_POUND, 0);
  if (unit === "share") return `${sign}${fixed(100 * value, 0)} %`;
  return sign + fixed(value, 0);
}

export function toMarginDoubt(value: number, unit: string, units: UnitSystem): string {
  if (unit === "mm") return toDoubt(value, units);
  if (unit === "kg") return `± ${fixed(units === "METRIC" ? value : value / KG_PER_POUND, 0)}`;
  if (unit === "share" && value > 0) return `± ${fixed(100 * value, 0)} %`;
  return value > 0 ? `± ${fixed(value, 0)}` : "exact";
}

/** The unit margins are written in. */
export function toUnitName(unit: string, units: UnitSystem): string {
  if (units === "METRIC") return unit;
  return { mm: "in", kg: "lb" }[unit] ?? unit;
}

/** A bare number with the unit this page shows it in; anything that says its unit itself, or is no number, stays as it is. */
export function withUnit(text: string, kind: "mass" | "length", units: UnitSystem): string {
  const bare = /^[\d\s./,-]+$/.test(text.trim());
  if (!bare || text.trim() === "") return text;
  const metric = kind === "mass" ? "kg" : "mm";
  const inch = kind === "mass" ? "lb" : "in";
  return `${text.trim()} ${units === "METRIC" ? metric : inch}`;
}

export function toMass(kg: number, units: UnitSystem): string {
  return units === "METRIC" ? `${fixed(kg, 0)} kg` : `${fixed(kg / KG_PER_POUND, 0)} lb`;
}

export function toTorque(nm: number, units: UnitSystem): string {
  return units === "METRIC" ? `${fixed(nm, 0)} N·m` : `${fixed(nm / NM_PER_POUND_FOOT, 0)} lbf·ft`;
}

let shopCurrency = "EUR";

/** The currency the shop reckons in. */
export function setCurrency(currency: string) {
  shopCurrency = currency;
}

export function toPrice(cents: number, currency = shopCurrency): string {
  return `${(cents / 100).toFixed(2)} ${currency}`;
}

export function toDate(iso: string): string {
  return new Date(iso).toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric" });
}

export function toTime(iso: string): string {
  return new Date(iso).toLocaleString("en-GB", {
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
  });
}
