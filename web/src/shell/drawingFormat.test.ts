import { describe, expect, it } from "vitest";
import { toDrawingFault, toDrawingFormat } from "./drawingFormat";

describe("the format of a drawing", () => {
  it("is told by the file's ending, whatever its case", () => {
    expect(toDrawingFormat("caliper.DXF")).toBe("DXF");
    expect(toDrawingFormat("my.wheel.svg")).toBe("SVG");
    expect(toDrawingFormat("points.txt")).toBe("CSV");
    expect(toDrawingFormat("caliper.step")).toBeUndefined();
    expect(toDrawingFormat("caliper")).toBeUndefined();
  });

  it("names the file and what would do", () => {
    expect(toDrawingFault("caliper.step")).toContain("“caliper.step” is none of DXF, SVG or CSV");
  });
});
