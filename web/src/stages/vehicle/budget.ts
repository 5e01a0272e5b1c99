/** Cents of an amount typed in the shop's currency; 0 where nothing is said; null where it is no amount. */
export function toCents(text: string): number | null {
  const plain = text.trim().replace(",", ".");
  if (plain === "") return 0;
  return /^\d{1,7}(\.\d{1,2})?$/.test(plain) ? Math.round(Number(plain) * 100) : null;
}
