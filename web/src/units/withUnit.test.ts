import { describe, expect, it } from "vitest";
import { toMarginDoubt, withUnit } from "./format";

describe("withUnit", () => {
  it("gives a bare number the unit its page shows", () => {
    expect(withUnit("2400", "mass", "INCH")).toBe("2400 lb");
    expect(withUnit("2400", "mass", "METRIC")).toBe("2400 kg");
    expect(withUnit(" 96 1/2", "length", "INCH")).toBe("96 1/2 in");
    expect(withUnit("2440,5", "length", "METRIC")).toBe("2440,5 mm");
  });

  it("leaves alone what says its unit itself, and what is no number", () => {
    for (const text of ["1240 kg", '96"', "97 in", "", "  ", "round"]) {
      expect(withUnit(text, "length", "INCH")).toBe(text);
    }
  });
});

describe("toMarginDoubt", () => {
  it("writes the doubt of a share in per cent", () => {
    expect(toMarginDoubt(0.043, "share", "METRIC")).toBe("± 4 %");
    expect(toMarginDoubt(0, "share", "METRIC")).toBe("exact");
  });
});
