import type { Schemas } from "../../api/client";
import type { Columns } from "./usePriceList";

/** What one column of a list tells, as it is being chosen: nothing where its field is empty. */
export interface Choice {
  heading: string;
  field: string;
  unit: string;
}

/** A choice for each column of a list, as the form has it. */
export function toChoices(headings: string[], columns: Columns): Choice[] {
  return headings.map((heading) => {
    const use = columns.uses.find((u) => u.heading === heading);
    return { heading, field: use?.field ?? "", unit: use?.unit ?? "" };
  });
}

/** The form as chosen. */
export function toColumns(supplier: string, sort: Columns["sort"] | "", choices: Choice[]): Columns {
  return {
    supplier: supplier.trim(),
    ...(sort ? { sort } : {}),
    uses: choices.filter((c) => c.field).map(({ heading, field, unit }) => ({ heading, field, unit })),
  };
}

/** The unit a column is in when its field is chosen: the one it had if the field has that, else the first. */
export function toUnit(field: string, unit: string, fields: Schemas["FieldView"][]): string {
  const units = fields.find((f) => f.key === field)?.units ?? [];
  return units.includes(unit) ? unit : (units[0] ?? "");
}

/** What a supplier's columns told last time, where this list has them all. */
export function toRemembered(
  supplier: string,
  headings: string[],
  remembered: Columns[],
): Columns | undefined {
  const wanted = supplier.trim().toLowerCase();
  return remembered.find(
    (c) => c.supplier.toLowerCase() === wanted && c.uses.every((u) => headings.includes(u.heading)),
  );
}
