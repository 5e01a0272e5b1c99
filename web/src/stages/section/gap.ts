/** What a margin with its doubt proves (mm), by the same guard band as everywhere. */
export function toGapVerdict(margin: number, doubt: number): "FITS" | "NOT_PROVEN" | "DOES_NOT_FIT" {
  if (margin - doubt >= 0) return "FITS";
  return margin + doubt < 0 ? "DOES_NOT_FIT" : "NOT_PROVEN";
}
