import { describe, expect, it } from "vitest";
import { toDoubt, toLength, toMargin, toMass, toTorque } from "./format";

describe("values in a person's units", () => {
  it("writes lengths in both systems", () => {
    expect(toLength(71.4375, "METRIC")).toBe("71.44 mm");
    expect(toLength(71.4375, "INCH")).toBe("2.813 in");
  });

  it("never writes a negative zero", () => {
    expect(toLength(-0.001, "METRIC")).toBe("0.00 mm");
    expect(toMargin(-0.001, "mm", "METRIC")).toBe("0.00");
  });

  it("signs margins with a real minus", () => {
    expect(toMargin(-2.2, "mm", "METRIC")).toBe("−2.20");
    expect(toMargin(2.2, "mm", "INCH")).toBe("+0.087");
    expect(toMargin(-1, "studs", "INCH")).toBe("−1");
  });

  it("converts masses and torques by the published factors", () => {
    expect(toMass(1000, "INCH")).toBe("2205 lb"); // 1 lb = 0.453 592 37 kg, NIST SP 811
    expect(toTorque(100, "INCH")).toBe("74 lbf·ft"); // 1 lbf·ft = 1.355 817 948 N·m, NIST SP 811
    expect(toDoubt(0.254, "INCH")).toBe("± 0.010");
  });
});
