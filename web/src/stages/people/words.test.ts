import { describe, expect, it } from "vitest";
import { LOG_KINDS, ROLES, toCut, toKindWord, toRoleWord } from "./words";

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

  it("cuts documents, not figures", () => {
    expect(toCut("3.0 mm", 40)).toBe("3.0 mm");
    expect(toCut("x".repeat(50), 40)).toBe(`${"x".repeat(40)} …`);
    expect(toCut(undefined, 40)).toBe("");
  });
});
