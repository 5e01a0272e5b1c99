package itrova.core.stopping;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A tyre's outside diameter from its marking.
 *
 * @param diameter (mm)
 * @param halfLimit how far it may be off (mm)
 */
public record TyreSize(double diameter, double halfLimit) {
    private static final double INCH = 25.4;
    /** Doubt of a size that says nothing of its height, as a share; common practice. */
    private static final double NUMERIC_DOUBT = 0.04;
    /** Height over width of old cross-ply tyres marked by width alone (common practice: 0.92 to 1.0). */
    private static final double NUMERIC_ASPECT = 0.96;
    /** Doubt of a size that says its height, as a share: makes differ, treads wear; common practice. */
    private static final double STATED_DOUBT = 0.02;

    private static final Pattern METRIC =
            Pattern.compile("(\\d{3})\\s*/\\s*(\\d{2,3})\\s*(?:[A-Z]{0,2})?\\s*-?\\s*R?\\s*(\\d{2}(?:\\.\\d)?).*");
    private static final Pattern METRIC_WITHOUT_HEIGHT = Pattern.compile("(\\d{3})\\s*[A-Z]{0,2}R\\s*(\\d{2}).*");
    private static final Pattern FLOTATION =
            Pattern.compile("(\\d{2}(?:\\.\\d+)?)\\s*[xX]\\s*(\\d{1,2}(?:\\.\\d+)?)\\s*-?\\s*R?\\s*(\\d{2}).*");
    private static final Pattern NUMERIC =
            Pattern.compile("(\\d{1,2}(?:\\.\\d{1,2})?)\\s*-\\s*R?\\s*(\\d{2}(?:\\.\\d)?).*");

    /** Reads a marking: {@code 165/80 R13}, {@code 165 R13}, {@code 6.40-13}, {@code 31x10.5R15}; absent where it is none of these. */
    public static Optional<TyreSize> parse(String marking) {
        String text = marking.strip().toUpperCase(java.util.Locale.ROOT);
        Matcher metric = METRIC.matcher(text);
        if (metric.matches()) {
            double width = Double.parseDouble(metric.group(1));
            return stated(
                    INCH * Double.parseDouble(metric.group(3)) + 2 * width * Double.parseDouble(metric.group(2)) / 100);
        }
        Matcher flotation = FLOTATION.matcher(text);
        if (flotation.matches()) {
            return stated(INCH * Double.parseDouble(flotation.group(1)));
        }
        Matcher plain = METRIC_WITHOUT_HEIGHT.matcher(text);
        if (plain.matches()) { // a metric size without a height is of the 82 % series (common practice)
            return numeric(INCH * Double.parseDouble(plain.group(2)) + 2 * 0.82 * Double.parseDouble(plain.group(1)));
        }
        Matcher numeric = NUMERIC.matcher(text);
        return numeric.matches()
                ? numeric(INCH
                        * (Double.parseDouble(numeric.group(2))
                                + 2 * NUMERIC_ASPECT * Double.parseDouble(numeric.group(1))))
                : Optional.empty();
    }

    private static Optional<TyreSize> stated(double diameter) {
        return Optional.of(new TyreSize(diameter, STATED_DOUBT * diameter));
    }

    private static Optional<TyreSize> numeric(double diameter) {
        return Optional.of(new TyreSize(diameter, NUMERIC_DOUBT * diameter));
    }
}
