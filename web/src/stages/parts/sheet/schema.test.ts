import { describe, expect, it } from "vitest";
import {
  toEmpty,
  toFigure,
  toFilled,
  toKind,
  toPlaceKey,
  toPoints,
  toTitle,
  toTyped,
  type Schema,
} from "./schema";

const ROOT: Schema = {
  $defs: {
    figure: { type: ["number", "string", "object"], required: ["value", "tolerance"] },
    plain: { oneOf: [{ type: "number" }, { type: "object" }] },
    outline: { type: "array", minItems: 3, items: { type: "array", minItems: 2, items: { type: "number" } } },
    pattern: {
      type: "object",
      required: ["count", "circle_mm"],
      properties: {
        count: { type: "integer" },
        circle_mm: { $ref: "#/$defs/figure" },
        note: { type: "string" },
      },
    },
  },
};

describe("a document's form", () => {
  it("asks for each place as its schema has it", () => {
    const kinds = (s: Schema) => toKind(s, ROOT);
    expect(kinds({ $ref: "#/$defs/figure" })).toBe("figure");
    expect(kinds({ $ref: "#/$defs/plain" })).toBe("figure");
    expect(kinds({ $ref: "#/$defs/outline" })).toBe("points");
    expect(kinds({ $ref: "#/$defs/pattern" })).toBe("group");
    expect(kinds({ type: ["number", "string"] })).toBe("measure");
    expect(kinds({ type: "array", items: { enum: ["a"] } })).toBe("choices");
    expect(kinds({ type: "array", minItems: 2, maxItems: 2, items: { type: "number" } })).toBe("pair");
    expect(kinds({ type: "object", propertyNames: { enum: ["hose"] } })).toBe("counts");
    expect(kinds({ type: "integer" })).toBe("number");
  });

  it("begins with what is needed and nothing else", () => {
    expect(toEmpty({ $ref: "#/$defs/pattern" }, ROOT)).toEqual({ count: "", circle_mm: "" });
    expect(toEmpty({ type: "array", minItems: 1, items: { $ref: "#/$defs/pattern" } }, ROOT)).toHaveLength(1);
  });

  it("keeps what is typed in shop notation, and numbers as numbers", () => {
    expect(toTyped("12,5")).toBe(12.5);
    expect(toTyped(" 2 13/16 in ")).toBe("2 13/16 in");
    expect(toFigure("70.9", "0.03")).toEqual({ value: 70.9, tolerance: 0.03 });
    expect(toFigure("70.9", "")).toBe(70.9);
    expect(toFigure("", "")).toBe("");
  });

  it("leaves out what nobody filled in, but never a zero or a no", () => {
    expect(toFilled({ a: "", b: { c: "" }, d: 0, e: false, f: ["", 2] })).toEqual({
      b: {},
      d: 0,
      e: false,
      f: [2],
    });
  });

  it("reads corners, and says when a line is none", () => {
    expect(toPoints("-48 94\n-40; 84\n")).toEqual([
      [-48, 94],
      [-40, 84],
    ]);
    expect(toPoints("12")).toBeUndefined();
    expect(toPoints("a b")).toBeUndefined();
  });

  it("tells names and places in words", () => {
    expect(toTitle("hat_inside_mm")).toEqual({ words: "hat inside", unit: "mm" });
    expect(toTitle("two_piece")).toEqual({ words: "two piece", unit: "" });
    expect(toPlaceKey("disc.patterns[1].circle_mm.value")).toBe("disc.patterns.0.circle_mm");
  });
});
