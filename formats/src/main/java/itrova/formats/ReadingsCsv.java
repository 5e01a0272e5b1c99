package itrova.formats;

import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Readings as CSV (RFC 4180): columns side, what, at, reading, with. Readings are in shop notation; a figure without a unit is
 * metric.
 */
public final class ReadingsCsv {
    private static final List<String> HEADER = List.of("side", "what", "at", "reading", "with");
    private static final int MOST_ROWS = 5000;

    private ReadingsCsv() {}

    /** The readings as text with a heading line. */
    public static String write(List<Reading> readings) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(HEADER.toArray(String[]::new))
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (Reading r : readings) {
                csv.printRecord(
                        r.side().word(),
                        r.callout().name().toLowerCase(Locale.ROOT),
                        r.place().isPresent() ? r.place().getAsDouble() + " mm" : "",
                        r.textWithUnit(),
                        r.instrument().name().toLowerCase(Locale.ROOT));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * Reads readings.
     *
     * @param file name used in reports
     * @throws DocumentException naming every row that cannot be taken; nothing is taken then
     */
    public static List<Reading> read(String file, String text) {
        Json.Faults faults = new Json.Faults(file);
        List<Reading> readings = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(withoutMark(text)))) {
            List<String> missing = HEADER.subList(0, 4).stream()
                    .filter(h -> !parser.getHeaderNames().contains(h))
                    .toList();
            if (!missing.isEmpty()) {
                faults.add(
                        0,
                        "",
                        "The heading line lacks " + String.join(", ", missing) + ". The first line must read: "
                                + String.join(",", HEADER) + ".");
                faults.throwIfAny();
            }
            for (CSVRecord row : parser) {
                if (row.getRecordNumber() > MOST_ROWS) {
                    faults.add(0, "", "More than " + MOST_ROWS + " rows. Split the file.");
                    break;
                }
                take(row, faults, readings);
            }
        } catch (IOException | IllegalArgumentException e) {
            faults.add(0, "", "This is not a CSV file with commas: " + e.getMessage());
        } catch (UncheckedIOException e) {
            faults.add(
                    0, "", "This is not a CSV file with commas: " + e.getCause().getMessage());
        }
        faults.throwIfAny();
        return readings;
    }

    private static String withoutMark(String text) {
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    private static void take(CSVRecord row, Json.Faults faults, List<Reading> readings) {
        int number = (int) row.getRecordNumber();
        if (row.size() < 4) {
            faults.add(number, "", "The row has " + row.size() + " columns, not 5. Keep the commas of empty cells.");
            return;
        }
        try {
            Side side = choice(Side.class, row.get("side"), "side");
            Callout what = choice(Callout.class, row.get("what"), "what");
            String with = row.isMapped("with") && row.isSet("with") ? row.get("with") : "";
            Instrument instrument =
                    with.isBlank() ? ReadingSpec.of(what).usual() : choice(Instrument.class, with, "with");
            readings.add(Reading.take(side, what, row.get("at"), row.get("reading"), instrument, UnitSystem.METRIC));
        } catch (IllegalArgumentException e) {
            faults.add(number, "", e.getMessage());
        }
    }

    private static <E extends Enum<E>> E choice(Class<E> type, String word, String column) {
        try {
            return Enum.valueOf(type, word.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("“" + Json.shortened(word) + "” is not known in column " + column
                    + ". Export the readings once to see the words used.");
        }
    }
}
