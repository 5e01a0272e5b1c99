/** What a drawing is written in. */
export type DrawingFormat = "DXF" | "SVG" | "CSV";

const BY_ENDING: Record<string, DrawingFormat> = { dxf: "DXF", svg: "SVG", csv: "CSV", txt: "CSV" };

/** The format a file's name tells; nothing if it is none that can be read. */
export function toDrawingFormat(fileName: string): DrawingFormat | undefined {
  return BY_ENDING[fileName.split(".").pop()?.toLowerCase() ?? ""];
}

/** What to say of a file that is no drawing. */
export function toDrawingFault(fileName: string): string {
  return `“${fileName}” is none of DXF, SVG or CSV. Save the drawing in one of these.`;
}
