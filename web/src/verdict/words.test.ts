import { describe, expect, it } from "vitest";
import { toSideWord, toVerdictWord } from "./words";

describe("verdicts in words", () => {
  it("are four and no two alike", () => {
    const words = (["FITS", "FITS_WITH_WORK", "NOT_PROVEN", "DOES_NOT_FIT"] as const).map(toVerdictWord);
    expect(new Set(words).size).toBe(4);
    expect(toVerdictWord("NOT_PROVEN")).toBe("not proven");
  });

  it("name the side in lower case", () => {
    expect(toSideWord("LEFT")).toBe("left");
    expect(toSideWord("RIGHT")).toBe("right");
  });
});
