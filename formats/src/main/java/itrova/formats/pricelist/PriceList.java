package itrova.formats.pricelist;

import itrova.formats.DocumentException;
import itrova.formats.DocumentProblem;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** A supplier's price list: a heading, then a row for each part. */
public final class PriceList {
    /** Longest list taken (rows). */
    public static final int MOST_ROWS = 200_000;

    private static final int MOST_COLUMNS = 100;
    private static final int LONGEST_HEADING = 80;
    private static final int LONGEST_CELL = 2000;
    private static final int SAMPLES = 3;

    private final String file;
    private final Table table;

    private PriceList(String file, Table table) {
        this.file = file;
        this.table = table;
    }

    /** How a kind of file gives its rows, the heading first. */
    @FunctionalInterface
    interface Table {
        /** Hands over row by row until one is refused. */
        void read(Predicate<SheetRow> taker);
    }

    /**
     * What stands in a list.
     *
     * @param headings of its columns
     * @param samples for each column the first few of its cells that say anything
     * @param rows how many there are below the heading
     */
    public record Contents(List<String> headings, List<List<String>> samples, int rows) {
        public Contents {
            headings = List.copyOf(headings);
            samples = samples.stream().map(List::copyOf).toList();
        }
    }

    /** A list of that name: a workbook (ISO/IEC 29500) by its first bytes, otherwise text with separators. */
    public static PriceList of(String file, byte[] bytes) {
        boolean isWorkbook = bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K';
        return new PriceList(file, isWorkbook ? new WorkbookTable(file, bytes) : new TextTable(file, bytes));
    }

    public String file() {
        return file;
    }

    /**
     * Reads the list once to tell what stands in it.
     *
     * @throws DocumentException if it is no table with a heading and rows
     */
    public Contents contents() {
        List<String> headings = new ArrayList<>();
        List<List<String>> samples = new ArrayList<>();
        int[] rows = {0};
        table.read(row -> {
            if (headings.isEmpty()) {
                row.cells().forEach(c -> headings.add(shortened(c.text(), LONGEST_HEADING)));
                headings.forEach(h -> samples.add(new ArrayList<>()));
                return true;
            }
            check(row);
            for (int c = 0; c < headings.size(); c++) {
                String text = row.cell(c).text();
                if (!text.isEmpty() && samples.get(c).size() < SAMPLES) {
                    samples.get(c).add(shortened(text, LONGEST_HEADING));
                }
            }
            rows[0]++;
            return true;
        });
        if (headings.stream().allMatch(String::isEmpty) || rows[0] == 0) {
            throw refused(0, "This list has no heading with rows below it. Its first line names the columns.");
        }
        if (headings.size() > MOST_COLUMNS) {
            throw refused(0, "More than " + MOST_COLUMNS + " columns. Take out those nobody needs.");
        }
        return new Contents(headings, samples, rows[0]);
    }

    /** Hands over the rows below the heading until one is refused; empty ones are passed over. */
    void rows(Predicate<SheetRow> taker) {
        boolean[] isBelow = {false};
        table.read(row -> {
            if (!isBelow[0]) {
                isBelow[0] = true;
                return true;
            }
            check(row);
            return taker.test(row);
        });
    }

    private void check(SheetRow row) {
        if (row.number() > MOST_ROWS + 1) {
            throw refused(0, "More than " + MOST_ROWS + " rows. Split the list.");
        }
        if (row.cells().stream().anyMatch(c -> c.text().length() > LONGEST_CELL)) {
            throw refused(row.number(), "A cell of more than " + LONGEST_CELL + " characters. Shorten it.");
        }
    }

    private DocumentException refused(int row, String why) {
        return new DocumentException(List.of(new DocumentProblem(file, row, "", why)));
    }

    private static String shortened(String text, int max) {
        return text.length() > max ? text.substring(0, max - 1) + "…" : text;
    }
}
