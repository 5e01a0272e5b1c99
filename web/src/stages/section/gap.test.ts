import { describe, expect, it } from "vitest";
import { toGapVerdict } from "./gap";

describe("a gap at one place of the slider", () => {
  it("is proven, open or proven not, by the guard band", () => {
    expect(toGapVerdict(5.7, 0.6)).toBe("FITS");
    expect(toGapVerdict(0.6, 0.6)).toBe("FITS");
    expect(toGapVerdict(0.5, 0.6)).toBe("NOT_PROVEN");
    expect(toGapVerdict(-0.6, 0.6)).toBe("NOT_PROVEN");
    expect(toGapVerdict(-1.5, 0.6)).toBe("DOES_NOT_FIT");
  });
});
