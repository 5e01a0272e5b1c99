/** Something two people changed differently: where, and what each made of it. */
export interface Conflict {
  path: (string | number)[];
  mine: unknown;
  theirs: unknown;
}

type Plain = Record<string, unknown>;

function isPlain(value: unknown): value is Plain {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function isAlike(a: unknown, b: unknown) {
  return JSON.stringify(a) === JSON.stringify(b);
}

/**
 * What became of a document that two people changed at once. What only one changed is taken; what both changed alike is no conflict; what
 * both changed differently stays mine and is told.
 */
export function merge<T>(base: T, mine: T, theirs: T): { merged: T; conflicts: Conflict[] } {
  const conflicts: Conflict[] = [];
  return { merged: step(base, mine, theirs, [], conflicts) as T, conflicts };
}

function step(
  base: unknown,
  mine: unknown,
  theirs: unknown,
  path: Conflict["path"],
  conflicts: Conflict[],
): unknown {
  if (isAlike(mine, theirs) || isAlike(base, theirs)) return mine;
  if (isAlike(base, mine)) return theirs;
  if (isPlain(base) && isPlain(mine) && isPlain(theirs)) {
    const merged: Plain = {};
    for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
      const value = step(base[key], mine[key], theirs[key], [...path, key], conflicts);
      if (value !== undefined) merged[key] = value;
    }
    return merged;
  }
  if (
    Array.isArray(base) &&
    Array.isArray(mine) &&
    Array.isArray(theirs) &&
    base.length === mine.length &&
    base.length === theirs.length
  )
    return mine.map((m, i) => step(base[i], m, theirs[i], [...path, i], conflicts));
  conflicts.push({ path, mine, theirs });
  return mine;
}

/** The same document with one place set; absent where the value is undefined. */
export function withValue<T>(document: T, path: Conflict["path"], value: unknown): T {
  const [key, ...rest] = path;
  if (key === undefined) return value as T;
  if (Array.isArray(document))
    return document.map((d: unknown, i) => (i === key ? withValue(d, rest, value) : d)) as T;
  const owner = document as Plain;
  const inner = withValue(owner[key], rest, value);
  const others = Object.fromEntries(Object.entries(owner).filter(([k]) => k !== key));
  return (inner === undefined ? others : { ...others, [key]: inner }) as T;
}

/** A place in words: `planned, master bore`; what stands in a list is counted from 1. */
export function toPlace(path: Conflict["path"]): string {
  return path
    .map((key) =>
      typeof key === "number"
        ? String(key + 1)
        : key
            .replace(/([a-z])([A-Z])/g, "$1 $2")
            .replaceAll("_", " ")
            .toLowerCase(),
    )
    .join(", ");
}

/** A value as it is shown beside another. */
export function toShown(value: unknown): string {
  if (value === undefined || value === "" || value === null) return "empty";
  if (typeof value === "string") return value;
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "number") return String(value);
  if (Array.isArray(value)) return value.length ? value.map(toShown).join("; ") : "none";
  return Object.entries(value as Plain)
    .filter(([, v]) => v !== "" && v !== undefined && v !== null)
    .map(([key, v]) => `${toPlace([key])} ${toShown(v)}`)
    .join(", ");
}
