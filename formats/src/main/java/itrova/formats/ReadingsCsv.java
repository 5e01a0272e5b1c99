package itrova.formats;

import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVRecord;

/**
 * Readings as CSV (RFC 4180): columns side, what, at, reading, with. Readings are in shop notation; a figure without a unit is
 * metric.
 */
public final class ReadingsCsv {
    private static final List<String> HEADER = List.of("side", "what", "at", "reading", "with");

    private ReadingsCsv() {}

    /** The readings as text with a heading line. */
    public static String write(List<Reading> readings) {
        return CsvTable.write(
                HEADER,
                readings.stream()
                        .map(r -> List.of(
                                r.side().word(),
                                r.callout().name().toLowerCase(Locale.ROOT),
                                r.place().isPresent() ? r.place().getAsDouble() + " mm" : "",
                                r.textWithUnit(),
                                r.instrument().name().toLowerCase(Locale.ROOT)))
                        .toList());
    }

    /**
     * Reads readings.
     *
     * @param file name used in reports
     * @throws DocumentException naming every row that cannot be taken; nothing is taken then
     */
    public static List<Reading> read(String file, String text) {
        List<Reading> readings = new ArrayList<>();
        CsvTable.read(file, text, HEADER, (number, row) -> readings.add(reading(row)));
        return readings;
    }

    private static Reading reading(CSVRecord row) {
        Callout what = choice(Callout.class, row.get("what"), "what");
        String with = row.get("with");
        return Reading.take(
                choice(Side.class, row.get("side"), "side"),
                what,
                row.get("at"),
                row.get("reading"),
                with.isBlank() ? ReadingSpec.of(what).usual() : choice(Instrument.class, with, "with"),
                UnitSystem.METRIC);
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
