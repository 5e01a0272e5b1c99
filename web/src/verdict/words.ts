import type { Schemas } from "../api/client";

export type Verdict = Schemas["CellView"]["verdict"];

const WORDS: Record<Verdict, string> = {
  FITS: "fits",
  FITS_WITH_WORK: "fits with work",
  NOT_PROVEN: "not proven",
  DOES_NOT_FIT: "does not fit",
};

export function toVerdictWord(verdict: Verdict): string {
  return WORDS[verdict];
}

export function toSideWord(side: "LEFT" | "RIGHT"): string {
  return side === "LEFT" ? "left" : "right";
}
