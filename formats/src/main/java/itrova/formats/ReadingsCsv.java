package itrova.formats;

import itrova.core.measure.Instrument;
import itrova.core.measure.Origin;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingKey;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;

/**
 * Readings as CSV (RFC 4180): columns side, what, at, reading, with, and, written out but not wanted, by and taken (ISO 8601, UTC).
 * Readings are in shop notation; a figure without a unit is metric. A row that says nothing new, not even who and when, is one and
 * the same reading: written out again, it is no repeat.
 */
public final class ReadingsCsv {
    private static final List<String> WANTED = List.of("side", "what", "at", "reading", "with");
    private static final List<String> HEADER =
            Stream.concat(WANTED.stream(), Stream.of("by", "taken")).toList();

    private ReadingsCsv() {}

    /** The readings as text with a heading line. */
    public static String write(List<Reading> readings) {
        return CsvTable.write(
                HEADER,
                readings.stream()
                        .map(r -> List.of(
                                r.side().word(),
                                r.callout().name().toLowerCase(Locale.ROOT),
                                r.placeText(),
                                r.textWithUnit(),
                                r.instrument().name().toLowerCase(Locale.ROOT),
                                r.origin().map(Origin::by).orElse(""),
                                r.origin().map(o -> o.at().toString()).orElse("")))
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
        CsvTable.read(file, text, WANTED, (number, row) -> readings.add(reading(row)));
        return ReadingKey.once(readings);
    }

    private static Reading reading(CSVRecord row) {
        Callout what = choice(Callout.class, row.get("what"), "what");
        String with = row.get("with");
        Reading taken = Reading.take(
                choice(Side.class, row.get("side"), "side"),
                what,
                row.get("at"),
                CsvTable.text(row, "reading"),
                with.isBlank() ? ReadingSpec.of(what).preferred() : choice(Instrument.class, with, "with"),
                UnitSystem.METRIC);
        String at = CsvTable.text(row, "taken");
        return at.isBlank() ? taken : taken.from(new Origin(CsvTable.text(row, "by"), instant(at), false));
    }

    private static Instant instant(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException("“" + Json.shortened(text)
                    + "” in column taken is no time. Write it like 2026-03-01T09:30:00Z, or leave it empty.");
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
