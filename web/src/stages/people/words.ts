import type { Schemas } from "../../api/client";

export type Role = Schemas["PersonView"]["role"];

export const ROLES: { role: Role; word: string; may: string }[] = [
  {
    role: "LEAD",
    word: "lead",
    may: "everything; signs for what is not proven, keeps the catalogue and the people",
  },
  { role: "MECHANIC", word: "mechanic", may: "measures, chooses, orders what is proven, works" },
  { role: "VIEWER", word: "viewer", may: "looks, and asks what if" },
];

export function toRoleWord(role: Role): string {
  return ROLES.find((r) => r.role === role)?.word ?? role;
}

type Kind = Schemas["LogRow"]["kind"];

const KINDS: Record<Kind, string> = {
  SHOP_OPENED: "shop opened",
  SIGNED_IN: "signed in",
  SIGN_IN_REFUSED: "sign-in refused",
  SIGNED_OUT: "signed out",
  SESSION_ENDED: "sign-in ended",
  PERSON_ADDED: "person added",
  PERSON_CHANGED: "person changed",
  PASSWORD_CHANGED: "password changed",
  CATALOGUE_CHANGED: "catalogue or limit changed",
  JOB_ADDED: "job added",
  JOB_CHANGED: "job changed",
  AXLE_ADDED: "axle added",
  AXLE_CHANGED: "axle changed",
  AROUND_CHANGED: "around the wheel changed",
  READINGS_IMPORTED: "readings imported",
  READINGS_COPIED: "readings taken over",
  HAPPENED_ELSEWHERE: "happened elsewhere",
  WHAT_IF_KEPT: "what-if kept",
  WHAT_IF_DROPPED: "what-if dropped",
  KIT_CHOSEN: "kit chosen",
  ORDER_SIGNED: "order signed for",
  ORDER_PLACED: "order placed",
  STEP_TICKED: "step ticked",
  STEP_UNTICKED: "tick taken back",
  BLED: "bleed bay",
  ROAD: "road card",
  CAUTION_READ: "caution read",
  PART_MEASURED: "part measured",
  DEFECT_NOTED: "defect noted",
  PART_TRIED: "part tried by hand",
  RELEASED_ANEW: "released anew",
  SUPPLIER_ORDER: "order to a supplier",
};

export const LOG_KINDS = Object.entries(KINDS) as [Kind, string][];

export function toKindWord(kind: Kind): string {
  return KINDS[kind];
}

const SHELVES: Record<string, string> = {
  KIT: "kit",
  WHEEL: "wheel",
  FAMILY: "family",
  INSTRUMENT: "instrument",
  LIMIT: "limit",
  PART: "part",
  STOCK: "on the shelf",
  PRICE_LIST: "price list",
};

/** Particulars in words, but for what was before and after and what only the program goes by. */
export function toParticulars(particulars: Record<string, string>): string {
  const { shelf, edition, ...rest } = particulars;
  const others = Object.entries(rest)
    .filter(([name]) => !["before", "after", "csv", "covers", "kit", "once"].includes(name))
    .map(([name, value]) => `${name}: ${toCut(value, 160)}`);
  const what = [
    shelf && (SHELVES[shelf] ?? shelf),
    particulars.kit && `kit ${particulars.kit}`,
    edition && edition !== "0" && `edition ${edition}`,
  ].filter(Boolean);
  return [what.join(", "), ...others].filter(Boolean).join("; ");
}

type Json = string | number | boolean | null | Json[] | { [name: string]: Json };

function toFigures(node: Json, path: string, into: Map<string, string>) {
  if (node !== null && typeof node === "object") {
    const parts = Array.isArray(node) ? node.map((v, i) => [`${i + 1}`, v] as const) : Object.entries(node);
    parts.forEach(([name, value]) => toFigures(value, path ? `${path}.${name}` : name, into));
  } else {
    into.set(path, String(node));
  }
  return into;
}

function toParsed(text: string): Map<string, string> | null {
  try {
    const node = JSON.parse(text) as Json;
    return node !== null && typeof node === "object" ? toFigures(node, "", new Map()) : null;
  } catch {
    return null;
  }
}

/** What differs between two texts: figure by figure where both are documents, else the one and the other. */
export function toChanges(before: string | undefined, after: string | undefined, most: number): string[] {
  if (after === undefined) return [];
  const now = toParsed(after);
  if (before === undefined) return now ? ["new"] : [`new: ${toCut(after, 160)}`];
  const then = toParsed(before);
  if (!now || !then) return [`${toCut(before, 160)} → ${toCut(after, 160)}`];
  const paths = [...new Set([...then.keys(), ...now.keys()])].filter((p) => then.get(p) !== now.get(p));
  const lines = paths
    .slice(0, most)
    .map((p) => `${p}: ${toCut(then.get(p) ?? "not there", 40)} → ${toCut(now.get(p) ?? "not there", 40)}`);
  return paths.length > most ? [...lines, `and ${paths.length - most} more figures`] : lines;
}

/** What was changed from and to, cut where it is a whole document. */
export function toCut(text: string | undefined, most: number): string {
  if (!text) return "";
  return text.length > most ? `${text.slice(0, most)} …` : text;
}
