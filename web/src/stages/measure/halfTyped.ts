import type { Schemas } from "../../api/client";
import type { CalloutId } from "./callouts";

/** A reading typed and not sent off: kept in the browser's tab over leaving, back and reload. */
export interface HalfTyped {
  side: Schemas["SideView"]["side"];
  callout: CalloutId;
  place: string;
  text: string;
}

const toKey = (axleId: number) => `itrova.half-typed.${axleId}`;

export function keepHalfTyped(axleId: number, typed: HalfTyped) {
  try {
    if (typed.text.trim()) sessionStorage.setItem(toKey(axleId), JSON.stringify(typed));
    else sessionStorage.removeItem(toKey(axleId));
  } catch {
    // a full or forbidden store keeps nothing; what is on the page stays
  }
}

/** What was typed at an axle and not sent off; null where nothing was, or what is kept cannot be read. */
export function halfTyped(axleId: number): HalfTyped | null {
  try {
    const kept = JSON.parse(sessionStorage.getItem(toKey(axleId)) ?? "null") as Partial<HalfTyped> | null;
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
