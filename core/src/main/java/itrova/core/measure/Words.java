package itrova.core.measure;

import itrova.core.vehicle.Callout;
import itrova.core.vehicle.RimSize;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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

    /** What may be written for a word, or what a count usually is; empty where any designation may be. */
    public static List<String> choices(Callout callout) {
        return switch (callout) {
            case WHEEL_NUT_SEAT -> NUT_SEATS;
            case DRIVE_STYLE -> DRIVE_STYLES;
            case LUG_COUNT -> List.of("4", "5", "6", "8");
            case BRACKET_COUNT -> List.of("3", "4", "6");
            default -> List.of();
        };
    }

    /** The choice a word begins, or else the only one it stands in. */
    private static Optional<String> oneOf(List<String> choices, String word) {
        if (word.isEmpty()) {
            return Optional.empty();
        }
        List<String> holding = choices.stream()
                .filter(c -> c.toLowerCase(Locale.ROOT).contains(word))
                .toList();
        return choices.stream()
                .filter(c -> c.toLowerCase(Locale.ROOT).startsWith(word))
                .findFirst()
                .or(() -> holding.size() == 1 ? Optional.of(holding.get(0)) : Optional.empty());
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
            return oneOf(choices, word.toLowerCase(Locale.ROOT))
                    .orElseThrow(() -> new IllegalArgumentException("“" + word + "” is not one of the kinds of “"
                            + callout.title() + "”. Write one of: " + String.join("; ", choices) + "."));
        }
        if (callout == Callout.WHEEL_MARKING) {
            return RimSize.parse(word)
                    .map(RimSize::text)
                    .orElseThrow(
                            () -> new IllegalArgumentException(
                                    "“" + word
                                            + "” is no wheel size. Write width, flange letters and diameter as marked, such as 5J x 14 or 15 x 6."));
        }
        String number = word.toUpperCase(Locale.ROOT);
        if (!NUMBER.matcher(number).matches()) {
            throw new IllegalArgumentException("“" + word
                    + "” is not a bearing number. Write what stands on the inner ring, such as L45449 or 30206.");
        }
        return number;
    }
}
