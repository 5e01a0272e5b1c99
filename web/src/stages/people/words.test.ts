import { describe, expect, it } from "vitest";
import { LOG_KINDS, ROLES, toChanges, toCut, toKindWord, toParticulars, toRoleWord } from "./words";

describe("words of people and log", () => {
  it("names every role and says what it may", () => {
    expect(ROLES.map((r) => toRoleWord(r.role))).toEqual(["lead", "mechanic", "viewer"]);
    expect(ROLES.every((r) => r.may.length > 10)).toBe(true);
  });

  it("has a word for every kind of event, each its own", () => {
    const words = LOG_KINDS.map(([kind]) => toKindWord(kind));
    expect(new Set(words).size).toBe(words.length);
    expect(words.every((w) => w === w.toLowerCase())).toBe(true);
  });

  it("tells what of a document was changed, figure by figure", () => {
    const before = JSON.stringify({ kits: [{ code: "A-1", disc: { diameter_mm: 280 }, price: "612.00" }] });
    const after = JSON.stringify({ kits: [{ code: "A-1", disc: { diameter_mm: 290, bore_mm: 70 } }] });
    expect(toChanges(before, after, 5)).toEqual([
      "kits.1.disc.diameter_mm: 280 → 290",
      "kits.1.price: 612.00 → not there",
      "kits.1.disc.bore_mm: not there → 70",
    ]);
    expect(toChanges(before, after, 1)).toEqual(["kits.1.disc.diameter_mm: 280 → 290", "and 2 more figures"]);
    expect(toChanges(undefined, after, 5)).toEqual(["new"]);
    expect(toChanges("3.0 mm", "3.5 mm", 5)).toEqual(["3.0 mm → 3.5 mm"]);
    expect(toChanges(undefined, undefined, 5)).toEqual([]);
  });

  it("puts particulars in words and keeps to itself what only the program goes by", () => {
    expect(toParticulars({ shelf: "KIT", edition: "2", before: "a", after: "b" })).toBe("kit, edition 2");
    expect(toParticulars({ kit: "QF-101", title: "Left bracket", setValue: "75" })).toBe(
      "kit QF-101; title: Left bracket; setValue: 75",
    );
    expect(toParticulars({ covers: "0a1b", csv: "kind,supplier", reason: "by hand" })).toBe(
      "reason: by hand",
    );
    expect(toParticulars({})).toBe("");
  });

  it("cuts documents, not figures", () => {
    expect(toCut("3.0 mm", 40)).toBe("3.0 mm");
    expect(toCut("x".repeat(50), 40)).toBe(`${"x".repeat(40)} …`);
    expect(toCut(undefined, 40)).toBe("");
  });
});
