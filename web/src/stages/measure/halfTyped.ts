import type { Schemas } from "../../api/client";
import type { CalloutId } from "./callouts";

/**
 * A reading typed and not sent off: kept in the browser's tab over leaving, back and reload, for who typed it and in the units it was meant
 * in.
 */
export interface HalfTyped {
  side: Schemas["SideView"]["side"];
  callout: CalloutId;
  place: string;
  text: string;
}

/** Whose it is, and in which units. */
export interface Typist {
  login: string;
  units: string;
}

const toKey = (axleId: number, by: Typist) => `itrova.half-typed.${axleId}.${by.login}.${by.units}`;

export function keepHalfTyped(axleId: number, by: Typist, typed: HalfTyped) {
  try {
    if (typed.text.trim()) sessionStorage.setItem(toKey(axleId, by), JSON.stringify(typed));
    else sessionStorage.removeItem(toKey(axleId, by));
  } catch {
    // a full or forbidden store keeps nothing; what is on the page stays
  }
}

/** What was typed at an axle and not sent off; null where nothing was, or what is kept cannot be read. */
export function halfTyped(axleId: number, by: Typist): HalfTyped | null {
  try {
    const kept = JSON.parse(sessionStorage.getItem(toKey(axleId, by)) ?? "null") as Partial<HalfTyped> | null;
    return kept &&
      typeof kept.text === "string" &&
      typeof kept.place === "string" &&
      kept.side &&
      kept.callout
      ? (kept as HalfTyped)
      : null;
  } catch {
    return null;
  }
}
