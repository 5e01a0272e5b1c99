const KEY = "itrova.clock.";

/** When a clock was started (ms); 0 while it stands. */
export function readStart(name: string): number {
  try {
    const kept = Number(localStorage.getItem(KEY + name) ?? 0);
    return Number.isFinite(kept) && kept > 0 && kept <= Date.now() ? kept : 0;
  } catch {
    return 0;
  }
}

/** Keeps when a clock was started; 0 forgets it. */
export function writeStart(name: string, start: number) {
  try {
    if (start) localStorage.setItem(KEY + name, String(start));
    else localStorage.removeItem(KEY + name);
  } catch {
    // a full or forbidden store: the clock goes until the page is left
  }
}

/** Minutes and seconds as a clock shows them. */
export function toClock(seconds: number): string {
  const whole = Math.floor(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}
