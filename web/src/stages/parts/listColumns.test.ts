import { describe, expect, it } from "vitest";
import { toChoices, toColumns, toRemembered, toUnit } from "./listColumns";

const FIELDS = [
  { key: "code", title: "code", units: [] },
  { key: "bore_mm", title: "bore", units: ["mm", "in"] },
];
const TOLD = {
  supplier: "Fenholt Hydraulics",
  uses: [
    { heading: "No.", field: "code", unit: "" },
    { heading: "Bore", field: "bore_mm", unit: "in" },
  ],
};

describe("columns of a price list", () => {
  it("are chosen one by one, and those that tell nothing are left out", () => {
    const choices = toChoices(["No.", "Colour", "Bore"], TOLD);
    expect(choices.map((c) => c.field)).toEqual(["code", "", "bore_mm"]);
    expect(toColumns(" Fenholt Hydraulics ", "", choices)).toEqual(TOLD);
  });

  it("keep their unit where the field has it", () => {
    expect(toUnit("bore_mm", "in", FIELDS)).toBe("in");
    expect(toUnit("bore_mm", "psi", FIELDS)).toBe("mm");
    expect(toUnit("code", "in", FIELDS)).toBe("");
  });

  it("are remembered of the supplier only where the list has them all", () => {
    expect(toRemembered("fenholt hydraulics", ["No.", "Bore", "More"], [TOLD])).toBe(TOLD);
    expect(toRemembered("Fenholt Hydraulics", ["No."], [TOLD])).toBeUndefined();
    expect(toRemembered("Somebody else", ["No.", "Bore"], [TOLD])).toBeUndefined();
  });
});
