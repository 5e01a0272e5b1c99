import { describe, expect, it } from "vitest";
import { toCents } from "./budget";

describe("the owner's budget", () => {
  it.each([
    ["1800", 180_000],
    [" 1800.5 ", 180_050],
    ["1800,55", 180_055],
    ["0.29", 29],
    ["", 0],
    ["  ", 0],
  ])("is %j in cents", (text, cents) => {
    expect(toCents(text)).toBe(cents);
  });

  it.each(["abc", "1800 EUR", "-5", "1.800,00", "1e4", "1800.555", "NaN"])(
    "is not guessed from %j",
    (text) => {
      expect(toCents(text)).toBeNull();
    },
  );
});
