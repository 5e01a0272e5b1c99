import { describe, expect, it } from "vitest";
import { toClock, toThing, type Kind } from "./thing";

const ARM: Kind = { kind: "STEERING_ARM", word: "Steering arm", beside: true };
const SHOCK: Kind = { kind: "SHOCK", word: "Shock absorber", beside: false };
const OTHER: Kind = { kind: "OTHER", word: "Something else", beside: true };

describe("a thing touched in a view", () => {
  it("has its direction from where it was touched", () => {
    expect(toClock(0, 100)).toBe(0);
    expect(toClock(100, 0)).toBe(90);
    expect(toClock(0, -100)).toBe(180);
    expect(toClock(-100, 0)).toBe(270);
    expect(toClock(-1, 100)).toBe(0);
    expect(toThing(ARM, { view: "outboard", forward: -80, up: -60 }).clock).toBe("235");
  });

  it("stands where its kind usually stands, and something else where it was touched", () => {
    expect(toThing(SHOCK, { view: "outboard", forward: 10, up: 10 }).beside).toBe(false);
    expect(toThing(ARM, { view: "above", x: 0, forward: 0 })).toMatchObject({ beside: true, clock: "" });
    expect(toThing(OTHER, { view: "behind", x: -200, up: 0 }).beside).toBe(false);
    expect(toThing(OTHER, { view: "outboard", forward: 10, up: 10 }).beside).toBe(true);
  });

  it("has no figure nobody read", () => {
    const { in: outboard, near, across, low } = toThing(ARM, null);
    expect([outboard, near, across, low]).toEqual(["", "", "", ""]);
  });
});
