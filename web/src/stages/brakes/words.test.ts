import { describe, expect, it } from "vitest";
import { toDoubtful, toFigure, toScale } from "./words";

describe("figures of the brakes", () => {
  it("are told as finely as three digits", () => {
    expect(toFigure(434.4, "N")).toBe("434 N");
    expect(toFigure(-1.24, "")).toBe("−1.2");
    expect(toFigure(0.034, "MPa")).toBe("0.03 MPa");
  });
  it("are told in the reader's units", () => {
    expect(toFigure(50.8, "mm", "INCH")).toBe("2.0 in");
    expect(toDoubtful(8.9, 0.9, "N", "INCH")).toBe("2.0 ± 0.20 lbf");
    expect(toFigure(230, "°C", "INCH")).toBe("230 °C");
  });
  it("are drawn in the reader's units", () => {
    const heat = toScale("°C", "INCH");
    expect([heat.unit, heat.of(100)]).toEqual(["°F", 212]);
    expect(Math.round(toScale("kN", "INCH").of(10))).toBe(2248);
    expect(Math.round(toScale("km/h", "INCH").of(100))).toBe(62);
    expect(toScale("°C", "METRIC").of(100)).toBe(100);
    expect(toScale("", "INCH").of(0.3)).toBe(0.3);
  });
  it("say what is not known, and never nought for it", () => {
    expect(toFigure(undefined, "N")).toBe("not known");
    expect(toDoubtful(undefined, undefined, "N")).toBe("not known");
    expect(toDoubtful(12, undefined, "mm")).toContain("without bound");
    expect(toDoubtful(12.34, 1.5, "mm")).toBe("12.3 ± 1.5 mm");
  });
});
