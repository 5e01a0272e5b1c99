import type { PriceList } from "./usePriceList";

const PHASES: Record<PriceList["phase"], string> = {
  OPEN: "columns to be told",
  LOOKING: "being looked over",
  LOOKED: "looked over",
  TAKING: "being taken",
  TAKEN: "taken",
  STOPPED: "stopped, nothing taken",
};

/** How far a list is, in words. */
export function toPhaseWord(list: Pick<PriceList, "phase" | "report">): string {
  const refused = list.phase === "LOOKED" ? (list.report?.refused ?? 0) : 0;
  return refused ? `${PHASES.LOOKED}, ${toRows(refused)} refused` : PHASES[list.phase];
}

/** A count of rows in words. */
export function toRows(many: number): string {
  return many === 1 ? "1 row" : `${many} rows`;
}
