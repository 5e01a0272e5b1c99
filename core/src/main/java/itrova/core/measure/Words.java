package itrova.core.measure;

import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Readings that are words: a bearing's number, a form of seat. */
public final class Words {
    /** Seats of wheel nuts that are told apart. */
    public static final List<String> NUT_SEATS = List.of("60 deg cone", "ball", "flat");

    private static final Pattern NUMBER = Pattern.compile("[A-Z0-9][A-Z0-9 ./-]{1,19}");

    private Words() {}

    /** What may be written for a word; empty where any designation may be. */
    public static List<String> choices(Callout callout) {
        return callout == Callout.WHEEL_NUT_SEAT ? NUT_SEATS : List.of();
    }

    /**
     * The word as it is kept.
     *
     * @throws IllegalArgumentException naming the text and what may be written
     */
    static String normal(Callout callout, String text) {
        String word = text.strip();
        if (callout == Callout.WHEEL_NUT_SEAT) {
            return NUT_SEATS.stream()
                    .filter(s ->
                            s.toLowerCase(Locale.ROOT).startsWith(word.toLowerCase(Locale.ROOT)) && !word.isEmpty())
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "“" + word + "” is not a nut seat. Write one of: " + String.join(", ", NUT_SEATS) + "."));
        }
        String number = word.toUpperCase(Locale.ROOT);
        if (!NUMBER.matcher(number).matches()) {
            throw new IllegalArgumentException("“" + word
                    + "” is not a bearing number. Write what stands on the inner ring, such as L45449 or 30206.");
        }
        return number;
    }
}
