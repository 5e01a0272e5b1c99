package itrova.core.stopping;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A tyre's size from its marking.
 *
 * @param width over its sides (mm)
 * @param diameter outside (mm)
 * @param halfLimit how far the diameter may be off (mm)
 * @param ratedKg load one tyre is rated for by its load index (kg), where the marking has one
 */
public record TyreSize(double width, double diameter, double halfLimit, OptionalDouble ratedKg) {
    /** How much wider than its marking a tyre may be on another rim and by another maker, as a share; common practice. */
    private static final double WIDTH_DOUBT = 0.04;
    /** Loads of one tyre (kg) from index 60 on (ISO 4000-1, from memory). */
    private static final int FIRST_INDEX = 60;

    private static final int[] LOADS = {
        250, 257, 265, 272, 280, 290, 300, 307, 315, 325, 335, 345, 355, 365, 375, 387, 400, 412, 425, 437, 450, 462,
                475,
        487, 500, 515, 530, 545, 560, 580, 600, 615, 630, 650, 670, 690, 710, 730, 750, 775, 800, 825, 850, 875, 900,
                925,
        950, 975, 1000, 1030, 1060, 1090, 1120, 1150, 1180, 1215, 1250, 1285, 1320, 1360, 1400
    };

    /** Load index, mostly with a speed letter, at the end of a marking: {@code 86 T}. A rim's code is lower than any index. */
    private static final Pattern LOAD_INDEX = Pattern.compile(".*\\s(\\d{2,3})\\s*[A-Z]?$");

    /** Width it may have at most (mm): for judging what it may touch. */
    public double widest() {
        return width * (1 + WIDTH_DOUBT);
    }

    /** Outside diameter it may have at most (mm). */
    public double largest() {
        return diameter + halfLimit;
    }

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
                    text,
                    width,
                    INCH * Double.parseDouble(metric.group(3)) + 2 * width * Double.parseDouble(metric.group(2)) / 100);
        }
        Matcher flotation = FLOTATION.matcher(text);
        if (flotation.matches()) {
            return stated(
                    text, INCH * Double.parseDouble(flotation.group(2)), INCH * Double.parseDouble(flotation.group(1)));
        }
        Matcher plain = METRIC_WITHOUT_HEIGHT.matcher(text);
        if (plain.matches()) { // a metric size without a height is of the 82 % series (common practice)
            double width = Double.parseDouble(plain.group(1));
            return numeric(text, width, INCH * Double.parseDouble(plain.group(2)) + 2 * 0.82 * width);
        }
        Matcher numeric = NUMERIC.matcher(text);
        return numeric.matches()
                ? numeric(
                        text,
                        INCH * Double.parseDouble(numeric.group(1)),
                        INCH
                                * (Double.parseDouble(numeric.group(2))
                                        + 2 * NUMERIC_ASPECT * Double.parseDouble(numeric.group(1))))
                : Optional.empty();
    }

    private static Optional<TyreSize> stated(String marking, double width, double diameter) {
        return Optional.of(new TyreSize(width, diameter, STATED_DOUBT * diameter, rated(marking)));
    }

    private static Optional<TyreSize> numeric(String marking, double width, double diameter) {
        return Optional.of(new TyreSize(width, diameter, NUMERIC_DOUBT * diameter, rated(marking)));
    }

    private static OptionalDouble rated(String marking) {
        Matcher index = LOAD_INDEX.matcher(marking);
        if (!index.matches()) {
            return OptionalDouble.empty();
        }
        int at = Integer.parseInt(index.group(1)) - FIRST_INDEX;
        return at >= 0 && at < LOADS.length ? OptionalDouble.of(LOADS[at]) : OptionalDouble.empty();
    }
}
