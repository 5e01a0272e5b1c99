import { expect, test } from "vitest";
import { toCut, toKeys, toQuantities, type Quantity } from "./circuitParts";
import type { Schemas } from "../../api/client";

const quantity = (id: Quantity["id"], where: Quantity["where"], defaultValue?: number) =>
  ({
    id,
    where,
    defaultValue,
    title: id,
    unit: "mm",
    defaultHalfLimit: 0,
    source: "",
    howTo: "",
  }) as Quantity;

const form = {
  axles: [
    { name: "front axle", shoes: "TWO_LEADING", figures: {} },
    { name: "rear", figures: {} },
  ],
};

test("a drum is asked for its drum, a disc for its pistons; what must be told comes first", () => {
  const all = [
    quantity("SHOE_CLEARANCE", "DRUM", 0.3),
    quantity("DRUM_DIAMETER", "DRUM"),
    quantity("PISTON_AREA", "DISC"),
    quantity("HOSE_LENGTH", "AXLE", 350),
  ];
  const ids = (key: "axle-0" | "axle-1") =>
    toQuantities(key, form as unknown as Schemas["CircuitForm"], all).map((q) => q.id);
  expect(ids("axle-0")).toEqual(["DRUM_DIAMETER", "SHOE_CLEARANCE", "HOSE_LENGTH"]);
  expect(ids("axle-1")).toEqual(["PISTON_AREA", "HOSE_LENGTH"]);
});

test("a trailer has an actuator and no pedal", () => {
  expect(toKeys(true, 2)).toEqual(["actuator", "lines", "axle-0", "axle-1", "vehicle"]);
  expect(toKeys(false, 2)).toContain("pedal");
});

test("a cut line takes away what its circuit feeds", () => {
  expect(toCut("SINGLE", "front")).toBe("ALL");
  expect(toCut("NOT_LOOKED", "rear")).toBe("ALL");
  expect(toCut("FRONT_REAR", "rear")).toBe("REAR");
  expect(toCut("DIAGONAL", "front")).toBe("ONE_OF_DIAGONAL");
});
