/** As much of JSON Schema as the shipped documents use. */
export interface Schema {
  $ref?: string;
  $defs?: Record<string, Schema>;
  type?: string | string[];
  description?: string;
  enum?: string[];
  required?: string[];
  properties?: Record<string, Schema>;
  propertyNames?: Schema;
  items?: Schema;
  oneOf?: Schema[];
  minItems?: number;
  maxItems?: number;
  uniqueItems?: boolean;
  minLength?: number;
  maxLength?: number;
}

export type Json = string | number | boolean | null | Json[] | { [name: string]: Json };
export type JsonObject = { [name: string]: Json };

/** How a place of a document is asked for. */
export type Kind =
  | "figure"
  | "measure"
  | "number"
  | "text"
  | "yes"
  | "choice"
  | "choices"
  | "points"
  | "pair"
  | "counts"
  | "list"
  | "group";

/** The schema a reference stands for. */
export function toResolved(schema: Schema, root: Schema): Schema {
  const name = schema.$ref?.split("/").pop();
  const found = name ? root.$defs?.[name] : undefined;
  return found ? { ...found, description: schema.description ?? found.description } : schema;
}

const has = (schema: Schema, type: string) => [schema.type].flat().includes(type);

/** How what a schema allows is asked for. */
export function toKind(schema: Schema, root: Schema): Kind {
  const s = toResolved(schema, root);
  if (s.oneOf) return "figure"; // a bare value, or one with its tolerance
  if (s.enum) return "choice";
  if (has(s, "boolean")) return "yes";
  if (has(s, "object") && (has(s, "number") || has(s, "string"))) return "figure";
  if (has(s, "object")) return s.propertyNames ? "counts" : "group";
  if (has(s, "array")) {
    const item = toResolved(s.items ?? {}, root);
    if (item.enum) return "choices";
    if (has(item, "array")) return "points";
    if (s.minItems === 2 && s.maxItems === 2) return "pair";
    return "list";
  }
  if (has(s, "number") && has(s, "string")) return "measure";
  return has(s, "number") || has(s, "integer") ? "number" : "text";
}

const UNITS: Record<string, string> = {
  mm: "mm",
  cm3: "cm³",
  MPa: "MPa",
  Nm: "N·m",
  N: "N",
  kg: "kg",
  deg: "°",
  in: "in",
  min: "min",
};

/** A name of a document in words, its unit apart: `hat_inside_mm` is “hat inside” in mm. */
export function toTitle(name: string): { words: string; unit: string } {
  const parts = name.split("_");
  const last = parts.at(-1) ?? "";
  const unit = parts.length > 1 ? UNITS[last] : undefined;
  return { words: (unit ? parts.slice(0, -1) : parts).join(" "), unit: unit ?? "" };
}

/** What a place begins with when it is added. */
export function toEmpty(schema: Schema, root: Schema): Json {
  const s = toResolved(schema, root);
  switch (toKind(s, root)) {
    case "group":
      return Object.fromEntries((s.required ?? []).map((n) => [n, toEmpty(s.properties?.[n] ?? {}, root)]));
    case "list":
    case "points":
      return Array.from({ length: toKind(s, root) === "list" ? (s.minItems ?? 0) : 0 }, () =>
        toEmpty(s.items ?? {}, root),
      );
    case "choices":
      return [];
    case "pair":
      return ["", ""];
    case "counts":
      return {};
    case "yes":
      return false;
    default:
      return "";
  }
}

/** What was typed: a number where it is one, else the text in shop notation. */
export function toTyped(text: string): Json {
  const plain = text.trim().replace(/^(-?\d+),(\d+)$/, "$1.$2");
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : text.trim();
}

/** A figure of a document as its value and tolerance are typed. */
export function toFigure(value: string, tolerance: string): Json {
  if (!value.trim() && !tolerance.trim()) return "";
  return tolerance.trim() ? { value: toTyped(value), tolerance: toTyped(tolerance) } : toTyped(value);
}

/** The document without what nobody filled in. */
export function toFilled(node: Json): Json | undefined {
  if (node === "" || node === null) return undefined;
  if (Array.isArray(node)) return node.map(toFilled).filter((v) => v !== undefined) as Json[];
  if (typeof node === "object") {
    const kept = Object.entries(node)
      .map(([name, value]) => [name, toFilled(value)] as const)
      .filter(([, value]) => value !== undefined);
    return Object.fromEntries(kept) as JsonObject;
  }
  return node;
}

/** Corners typed one a line, as pairs of numbers; undefined where a line is none. */
export function toPoints(text: string): number[][] | undefined {
  const lines = text
    .split("\n")
    .map((l) => l.trim())
    .filter(Boolean);
  const points = lines.map((l) => l.split(/[\s;,]+/).map(Number));
  return points.every((p) => p.length === 2 && p.every(Number.isFinite)) ? points : undefined;
}

/** The place a refusal names, as the form has it: `disc.patterns[1].count` and `disc.patterns.0.count` are one. */
export function toPlaceKey(field: string): string {
  return field
    .replace(/\[(\d+)\]/g, (_, n: string) => `.${Number(n) - 1}`)
    .replace(/\.(value|tolerance)$/, "");
}
