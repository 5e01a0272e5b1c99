package itrova.formats;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.BiConsumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Tables as CSV (RFC 4180) with a heading line. */
final class CsvTable {
    private static final int MOST_ROWS = 5000;

    private CsvTable() {}

    /** A table as text. */
    static String write(List<String> header, List<List<String>> rows) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(header.toArray(String[]::new))
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (List<String> row : rows) {
                csv.printRecord(row.stream().map(SpreadsheetText::toCell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * Hands every row to a taker, with its number from 1; a row refused by the taker is a fault of that row.
     *
     * @throws DocumentException naming every fault; nothing is to be taken then
     */
    static void read(String file, String text, List<String> header, BiConsumer<Integer, CSVRecord> taker) {
        Json.Faults faults = new Json.Faults(file);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(withoutMark(text)))) {
            if (!parser.getHeaderNames().containsAll(header)) {
                faults.add(0, "", "The first line must read: " + String.join(",", header) + ".");
                faults.throwIfAny();
            }
            for (CSVRecord row : parser) {
                int number = (int) row.getRecordNumber();
                if (number > MOST_ROWS) {
                    faults.add(0, "", "More than " + MOST_ROWS + " rows. Split the file.");
                    break;
                }
                take(number, row, faults, taker);
            }
        } catch (IOException | IllegalArgumentException e) {
            faults.add(0, "", "This is not a CSV file with commas: " + e.getMessage());
        } catch (UncheckedIOException e) {
            faults.add(
                    0, "", "This is not a CSV file with commas: " + e.getCause().getMessage());
        }
        faults.throwIfAny();
    }

    private static void take(int number, CSVRecord row, Json.Faults faults, BiConsumer<Integer, CSVRecord> taker) {
        if (!row.isConsistent()) {
            faults.add(
                    number,
                    "",
                    "The row has " + row.size()
                            + " columns, not as many as the heading. Keep the commas of empty cells.");
            return;
        }
        try {
            taker.accept(number, row);
        } catch (IllegalArgumentException e) {
            faults.add(number, "", e.getMessage());
        }
    }

    /** The text of a cell, empty where the table has no such column. */
    static String text(CSVRecord row, String column) {
        return row.isMapped(column) ? SpreadsheetText.ofCell(row.get(column)) : "";
    }

    /** A spreadsheet's byte order mark is no part of the first heading. */
    private static String withoutMark(String text) {
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }
}
