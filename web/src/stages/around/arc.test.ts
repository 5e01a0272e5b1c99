import { describe, expect, it } from "vitest";
import { toSector } from "./arc";

describe("a ring sector", () => {
  it("begins up at clock 0 and runs to the front", () => {
    expect(toSector(0, 90, 50, 100)).toBe(
      "M0.00 -100.00 A100 100 0 0 1 100.00 -0.00 L50.00 -0.00 A50 50 0 0 0 0.00 -50.00 Z",
    );
  });

  it("takes the long way round past half a turn", () => {
    expect(toSector(0, 270, 50, 100)).toContain("A100 100 0 1 1");
  });

  it("does not vanish when it goes all the way round", () => {
    expect(toSector(0, 360, 50, 100)).not.toContain("NaN");
    expect(toSector(0, 360, 50, 100).split("A")[1]).not.toContain("1 0.00 -100.00");
  });
});
