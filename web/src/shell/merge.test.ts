import { describe, expect, it } from "vitest";
import { merge, toPlace, toShown, withValue } from "./merge";

const base = {
  title: "Van",
  brakes: { bore: "3/4 in", ratio: "5" },
  axles: [{ name: "front" }, { name: "rear" }],
};
const changed = (change: (d: typeof base) => void) => {
  const copy = structuredClone(base);
  change(copy);
  return copy;
};

describe("two people at one document", () => {
  it("both keep what only one of them changed", () => {
    const mine = changed((d) => (d.brakes.bore = "7/8 in"));
    const theirs = changed((d) => {
      d.brakes.ratio = "6";
      d.axles = [{ name: "front" }, { name: "rear axle" }];
    });
    const { merged, conflicts } = merge(base, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(merged).toEqual({
      title: "Van",
      brakes: { bore: "7/8 in", ratio: "6" },
      axles: [{ name: "front" }, { name: "rear axle" }],
    });
  });

  it("are told where they differ, and mine stays until somebody says otherwise", () => {
    const mine = changed((d) => (d.brakes.bore = "7/8 in"));
    const theirs = changed((d) => (d.brakes.bore = "1 in"));
    const { merged, conflicts } = merge(base, mine, theirs);
    expect(conflicts).toEqual([{ path: ["brakes", "bore"], mine: "7/8 in", theirs: "1 in" }]);
    expect(merged.brakes.bore).toBe("7/8 in");
    expect(withValue(merged, ["brakes", "bore"], "1 in").brakes).toEqual({ bore: "1 in", ratio: "5" });
    expect(merged.brakes.bore).toBe("7/8 in");
  });

  it("agree where both did the same, and lists of other lengths are told whole", () => {
    const same = changed((d) => (d.title = "Truck"));
    expect(merge(base, same, structuredClone(same)).conflicts).toEqual([]);
    const mine = changed((d) => d.axles.push({ name: "tag" }));
    const theirs = changed((d) => (d.axles = []));
    expect(merge(base, mine, theirs).conflicts).toEqual([{ path: ["axles"], mine: mine.axles, theirs: [] }]);
  });

  it("what they took out stays out unless I changed it", () => {
    const of = (figures: Record<string, string>) => ({ figures });
    expect(merge(of({ a: "1", b: "2" }), of({ a: "1", b: "2" }), of({ b: "2" })).merged).toEqual(
      of({ b: "2" }),
    );
    const { conflicts } = merge(of({ a: "1" }), of({ a: "3" }), of({}));
    expect(conflicts).toEqual([{ path: ["figures", "a"], mine: "3", theirs: undefined }]);
    expect(withValue(of({ a: "3" }), ["figures", "a"], undefined)).toEqual(of({}));
  });

  it("are shown places and values in words", () => {
    expect(toPlace(["planned", "figures", "MASTER_BORE"])).toBe("planned, figures, master bore");
    expect(toPlace(["axles", 1, "halfLimit"])).toBe("axles, 2, half limit");
    expect(toShown([{ name: "arm", clockFrom: "" }, { name: "stop" }])).toBe("name arm; name stop");
    expect(toShown(undefined)).toBe("empty");
  });
});
