import { describe, expect, it } from "vitest";
import { SimulatedGauge } from "./simulatedGauge";

function readings(gauge: SimulatedGauge, truth: number, n: number): number[] {
  return Array.from({ length: n }, () => Number(gauge.press(truth).text ?? Number.NaN));
}

describe("the simulated gauge", () => {
  it("gives the same readings for the same seed", () => {
    expect(readings(new SimulatedGauge("caliper", 7), 70.81, 5)).toEqual(
      readings(new SimulatedGauge("caliper", 7), 70.81, 5),
    );
  });

  it("scatters about the truth by its noise", () => {
    const all = readings(new SimulatedGauge("caliper", 3), 70.81, 200);
    const mean = all.reduce((a, b) => a + b, 0) / all.length;
    const spread = Math.sqrt(all.reduce((s, v) => s + (v - mean) ** 2, 0) / (all.length - 1));
    expect(Math.abs(mean - 70.81)).toBeLessThan(0.03);
    expect(spread).toBeGreaterThan(0.006);
    expect(spread).toBeLessThan(0.03);
  });

  it("drifts until it is set to zero", () => {
    const gauge = new SimulatedGauge("dial indicator", 5);
    for (let i = 0; i < 400; i++) gauge.press(0);
    gauge.battery = 100;
    const drifted = readings(gauge, 0, 20).reduce((a, b) => a + b, 0) / 20;
    gauge.setZero();
    const mended = readings(gauge, 0, 20).reduce((a, b) => a + b, 0) / 20;
    expect(Math.abs(mended)).toBeLessThan(Math.abs(drifted));
  });

  it("shows inches with four decimals, and a minus sign below zero", () => {
    const gauge = new SimulatedGauge("caliper", 1);
    gauge.mode = "in";
    expect(gauge.press(70.81).text).toMatch(/^2\.78\d\d$/);
    expect(new SimulatedGauge("dial indicator", 1).press(-0.2).text).toMatch(/^-0\.(19|20|21)$/);
  });

  it("reads angles and torques in their own units", () => {
    expect(new SimulatedGauge("angle finder", 4).press(88.4).text).toMatch(/^88\.(3[05]|4[05])$/);
    const wrench = new SimulatedGauge("torque wrench", 4);
    expect(wrench.modes).toEqual(["N·m", "lbf·ft"]);
    expect(Math.abs(Number(wrench.press(75).text) - 75)).toBeLessThan(3);
    wrench.mode = "lbf·ft";
    expect(Math.abs(Number(wrench.press(75).text) - 55.3)).toBeLessThan(2);
  });

  it("jumps and drops readings on a low battery, and is silent on an empty one", () => {
    const gauge = new SimulatedGauge("caliper", 2);
    gauge.battery = 12;
    const presses = Array.from({ length: 60 }, () => gauge.press(70.81));
    expect(presses.some((p) => p.text === null)).toBe(true);
    expect(presses.every((p) => p.warning.includes("battery"))).toBe(true);
    gauge.battery = 2;
    expect(gauge.press(70.81).text).toBeNull();
  });
});
