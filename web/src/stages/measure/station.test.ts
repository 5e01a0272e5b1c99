import { describe, expect, it } from "vitest";
import { toStation } from "./station";

describe("a station of a profile typed in one", () => {
  it("is taken apart at a colon or between two plain decimals", () => {
    expect(toStation("10: 362.1")).toEqual(["10", "362.1"]);
    expect(toStation("10 362.1")).toEqual(["10", "362.1"]);
    expect(toStation("4 1/8 in: 13 5/8 in")).toEqual(["4 1/8 in", "13 5/8 in"]);
    expect(toStation("72; -4,2")).toEqual(["72", "-4,2"]);
  });

  it("is none where it cannot be told apart", () => {
    expect(toStation("4 1/8")).toBeNull();
    expect(toStation("10")).toBeNull();
    expect(toStation("10:")).toBeNull();
    expect(toStation("4 1/8 13 5/8")).toBeNull();
    expect(toStation("1: 2: 3")).toBeNull();
  });
});
