package itrova.core.bench;

import itrova.core.finding.Verdict;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * A reading at a hold, judged.
 *
 * @param wanted what was read, and its limits
 * @param value what comes of the readings, in the kind's unit
 * @param doubt how far it may be off
 * @param verdict whether it is surely within the limits
 */
public record HoldReading(HoldWanted wanted, double value, double doubt, Verdict verdict) {
    /**
     * Judges readings.
     *
     * @param readings in the kind's unit; of bracket angles left, then right; of run-out, thickness and seal round the face
     * @throws IllegalArgumentException naming what is wanted if there are too few, one is no number, or nothing limits them
     */
    public static HoldReading of(HoldWanted wanted, List<Double> readings) {
        HoldKind kind = wanted.kind();
        if (wanted.min().isEmpty() && wanted.max().isEmpty()
                || kind == HoldKind.SEAL_DEPTH
                        && (wanted.min().isEmpty() || wanted.max().isEmpty())) {
            throw new IllegalArgumentException(
                    kind.title() + " is judged by limits, and none are stated. Take them from the kit's papers.");
        }
        if (readings.size() < kind.readings()) {
            throw new IllegalArgumentException(kind.title() + " wants " + kind.readings()
                    + (kind.isRound() ? " or more readings, evenly spaced round the face" : " readings")
                    + "; told were " + readings.size() + ".");
        }
        if (readings.stream().anyMatch(r -> !Double.isFinite(r) || Math.abs(r) > FARTHEST)) {
            throw new IllegalArgumentException(
                    kind.title() + ": a reading is no sensible number. Read it again, and write it with its unit.");
        }
        double value =
                switch (kind) {
                    case RUN_OUT -> total(readings);
                    case THICKNESS_VARIATION, SEAL_TILT -> span(readings);
                    case SEAL_DEPTH -> farthest(readings, middle(wanted));
                    case BRACKET_SQUARE -> farthest(readings, 0);
                    case BRACKET_ANGLES -> readings.get(0) - readings.get(1);
                    case END_PLAY, PUSH_ROD_PLAY, BREAKAWAY_MINUTES -> readings.get(0);
                };
        double doubt = kind.isDifference() ? Math.sqrt(2) * kind.doubt() : kind.doubt();
        return new HoldReading(wanted, value, doubt, verdict(wanted, value, doubt));
    }

    private static final double FARTHEST = 1000;

    /** The reading with its limits, in words. */
    public Phrase said() {
        return Phrase.all(Phrase.of("bench.read", wanted.kind(), amount(value), amount(doubt)), " ", limits());
    }

    /** Said where it is not proven to lie within its limits. */
    public Phrase refusal() {
        return Phrase.all(said(), " ", Phrase.of("bench.rework-or-sign"));
    }

    private Phrase limits() {
        if (wanted.min().isEmpty()) {
            return Phrase.of("bench.at-most", amount(wanted.max().orElseThrow()));
        }
        Object min = amount(wanted.min().getAsDouble());
        return wanted.max().isEmpty()
                ? Phrase.of("bench.at-least", min)
                : Phrase.of("bench.between", min, amount(wanted.max().getAsDouble()));
    }

    private Object amount(double of) {
        HoldKind kind = wanted.kind();
        return kind.dimension().isPresent()
                ? Amount.mm(of, 3)
                : Phrase.given(String.format(Locale.ROOT, "%.2f %s", of, kind.unit()));
    }

    /** Over a turn the dial shows at least what was read, and what the harmonic reaches between the positions. */
    private static double total(List<Double> readings) {
        return Math.max(span(readings), 2 * Harmonic.of(readings).amplitude());
    }

    private static double span(List<Double> readings) {
        return readings.stream().mapToDouble(r -> r).max().orElseThrow()
                - readings.stream().mapToDouble(r -> r).min().orElseThrow();
    }

    /** The reading farthest from where all should be: if it lies within the limits, all do. */
    private static double farthest(List<Double> readings, double from) {
        return readings.stream()
                .max(Comparator.comparingDouble(r -> Math.abs(r - from)))
                .orElseThrow();
    }

    private static double middle(HoldWanted wanted) {
        return (wanted.min().orElseThrow() + wanted.max().orElseThrow()) / 2;
    }

    private static Verdict verdict(HoldWanted wanted, double value, double doubt) {
        double below = margin(wanted.min(), value, 1);
        double above = margin(wanted.max(), value, -1);
        double margin = Math.min(below, above);
        return margin - doubt >= 0 ? Verdict.FITS : margin + doubt < 0 ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN;
    }

    private static double margin(OptionalDouble limit, double value, int sign) {
        return limit.isPresent() ? sign * (value - limit.getAsDouble()) : Double.POSITIVE_INFINITY;
    }
}
