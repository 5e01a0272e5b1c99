/**
 * Place and reading of a profile typed in one: `10: 362.1`, `4 1/8 in: 13 5/8 in`, or two plain decimals `10 362.1`. Two numbers with a
 * space between where either has a fraction cannot be told apart and are none.
 */
export function toStation(typed: string): [string, string] | null {
  const apart = typed.split(/[:;]/).map((t) => t.trim());
  if (apart.length === 2 && apart[0] && apart[1]) return [apart[0], apart[1]];
  const plain = typed.trim().match(/^(-?\d+(?:[.,]\d+)?)\s+(-?\d+(?:[.,]\d+)?)$/);
  return plain?.[1] && plain[2] ? [plain[1], plain[2]] : null;
}
