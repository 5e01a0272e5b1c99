package itrova.core.measure;

import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Readings that are words: a bearing's number, a form of seat. */
public final class Words {
    /** Seats of wheel nuts that are told apart. */
    public static final List<String> NUT_SEATS = List.of("60 deg cone", "ball", "flat");

    /** What closes and drives the hub of a driven, steered axle. */
    public static final List<String> DRIVE_STYLES =
            List.of("drive flange", "locking hub, snap ring", "locking hub, one piece");

    private static final Pattern NUMBER = Pattern.compile("[A-Z0-9][A-Z0-9 ./-]{1,19}");

    private Words() {}

    /** What may be written for a word; empty where any designation may be. */
    public static List<String> choices(Callout callout) {
        return switch (callout) {
            case WHEEL_NUT_SEAT -> NUT_SEATS;
            case DRIVE_STYLE -> DRIVE_STYLES;
            default -> List.of();
        };
    }

    /**
     * The word as it is kept.
     *
     * @throws IllegalArgumentException naming the text and what may be written
     */
    static String normal(Callout callout, String text) {
        String word = text.strip();
        List<String> choices = choices(callout);
        if (!choices.isEmpty()) {
            return choices.stream()
                    .filter(s ->
                            s.toLowerCase(Locale.ROOT).startsWith(word.toLowerCase(Locale.ROOT)) && !word.isEmpty())
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("“" + word + "” is not one of the kinds of “"
                            + callout.title() + "”. Write one of: " + String.join("; ", choices) + "."));
        }
        String number = word.toUpperCase(Locale.ROOT);
        if (!NUMBER.matcher(number).matches()) {
            throw new IllegalArgumentException("“" + word
                    + "” is not a bearing number. Write what stands on the inner ring, such as L45449 or 30206.");
        }
        return number;
    }
}
