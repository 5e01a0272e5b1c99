/** A point of the picture. */
export interface Point {
  x: number;
  y: number;
}

const toLength = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);
/** A swap that gains less than this is none. */
const LEAST_GAIN = 1e-6;

/**
 * Gives each target a slot of its own so that the leaders together are as short as no exchange of two can make them. Of two straight
 * leaders that cross, exchanging their slots shortens both together: so none cross.
 *
 * @param targets where leaders end
 * @param slots where they may begin; at least as many as targets
 * @returns for each target the index of its slot
 */
export function toSlots(targets: readonly Point[], slots: readonly Point[]): number[] {
  const free = new Set(slots.keys());
  const taken = targets.map((t) => {
    let best = -1;
    for (const i of free) {
      const slot = slots[i];
      if (slot && (best < 0 || toLength(t, slot) < toLength(t, slots[best] ?? slot))) best = i;
    }
    free.delete(best);
    return best;
  });
  const at = (target: number, slot: number) => toLength(targets[target] as Point, slots[slot] as Point);
  let isBetter = true;
  while (isBetter) {
    isBetter = false;
    for (let a = 0; a < taken.length; a++) {
      const mine = taken[a] as number;
      for (const other of free) {
        if (at(a, other) < at(a, taken[a] as number) - LEAST_GAIN) {
          free.add(taken[a] as number);
          free.delete(other);
          taken[a] = other;
          isBetter = true;
        }
      }
      if (taken[a] !== mine) continue;
      for (let b = a + 1; b < taken.length; b++) {
        const [i, j] = [taken[a] as number, taken[b] as number];
        if (at(a, j) + at(b, i) < at(a, i) + at(b, j) - LEAST_GAIN) {
          [taken[a], taken[b]] = [j, i];
          isBetter = true;
        }
      }
    }
  }
  return taken;
}
