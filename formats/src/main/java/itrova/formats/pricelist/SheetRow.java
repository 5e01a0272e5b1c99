package itrova.formats.pricelist;

import java.util.List;

/**
 * A row of a table.
 *
 * @param number as a spreadsheet counts it: the heading is row 1
 * @param cells from the left; a row may be shorter than the heading
 */
record SheetRow(int number, List<Cell> cells) {
    SheetRow {
        cells = List.copyOf(cells);
    }

    /** What a cell says; one a spreadsheet took for a date does not say any more what was written into it. */
    record Cell(String text, boolean isDate) {
        static Cell of(String text) {
            return new Cell(text, false);
        }
    }

    Cell cell(int column) {
        return column < cells.size() ? cells.get(column) : Cell.of("");
    }

    boolean isEmpty() {
        return cells.stream().allMatch(c -> c.text().isEmpty());
    }
}
