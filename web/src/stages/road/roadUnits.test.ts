import { describe, expect, it } from "vitest";
import { toClock, toDeceleration, toHeat, toHeatDoubt, toOdometer, toRoad, toSpeed } from "./roadUnits";

describe("figures of the road", () => {
  it("are in the reader's units (NIST SP 811: mile 1.609344 km, foot 0.3048 m)", () => {
    expect(toSpeed(80.4672, "INCH")).toBe("50 mph");
    expect(toSpeed(80.4672, "METRIC")).toBe("80 km/h");
    expect(toRoad(16.4592, "INCH")).toBe("54 ft");
    expect(toOdometer(1609.344, "INCH")).toBe("1000 mi");
    expect(toDeceleration(6.096, 0.61, "INCH")).toBe("20 ± 2 ft/s²");
    expect(toDeceleration(6.096, 0.61, "METRIC")).toBe("6.1 ± 0.6 m/s²");
  });

  it("tell a temperature with its zero and a difference without", () => {
    expect(toHeat(100, "INCH")).toBe("212 °F");
    expect(toHeatDoubt(100, "INCH")).toBe("180 °F");
  });

  it("count down to nothing and never below", () => {
    expect(toClock(75)).toBe("1:15");
    expect(toClock(0.2)).toBe("0:01");
    expect(toClock(-3)).toBe("0:00");
  });
});
