package itrova.core.bench;

import itrova.core.finding.Verdict;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * A reading at a hold, judged.
 *
 * @param kind what was read
 * @param value what comes of the readings, in the kind's unit
 * @param doubt how far it may be off
 * @param verdict whether it is surely within the limits
 */
public record HoldReading(HoldKind kind, double value, double doubt, Verdict verdict) {
    /**
     * Judges readings.
     *
     * @param readings in the kind's unit; of bracket angles left, then right; of run-out round the face
     * @throws IllegalArgumentException naming what is wanted if there are too few, or one is no number
     */
    public static HoldReading of(HoldKind kind, List<Double> readings) {
        if (readings.size() < kind.readings()) {
            throw new IllegalArgumentException(kind.title() + " wants " + kind.readings()
                    + (kind == HoldKind.RUN_OUT ? " or more readings, evenly spaced round the face" : " readings")
                    + "; told were " + readings.size() + ".");
        }
        if (readings.stream().anyMatch(r -> !Double.isFinite(r) || Math.abs(r) > FARTHEST)) {
            throw new IllegalArgumentException(
                    kind.title() + ": a reading is no sensible number. Read it again, and write it with its unit.");
        }
        double value =
                switch (kind) {
                    case RUN_OUT -> total(readings);
                    case BRACKET_ANGLES -> readings.get(0) - readings.get(1);
                    case END_PLAY, PUSH_ROD_PLAY, BREAKAWAY_MINUTES -> readings.get(0);
                };
        double doubt = kind == HoldKind.BRACKET_ANGLES ? Math.sqrt(2) * kind.doubt() : kind.doubt();
        return new HoldReading(kind, value, doubt, verdict(kind, value, doubt));
    }

    private static final double FARTHEST = 1000;

    /** The reading with its limits, in words. */
    public Phrase said() {
        return Phrase.all(Phrase.of("bench.read", kind.title(), amount(value), amount(doubt)), " ", limits());
    }

    /** Said where it is not proven to lie within its limits. */
    public Phrase refusal() {
        return Phrase.all(said(), " ", Phrase.of("bench.rework-or-sign"));
    }

    private Phrase limits() {
        if (kind.least().isEmpty()) {
            return Phrase.of("bench.at-most", amount(kind.most().orElseThrow()));
        }
        Object least = amount(kind.least().getAsDouble());
        return kind.most().isEmpty()
                ? Phrase.of("bench.at-least", least)
                : Phrase.of("bench.between", least, amount(kind.most().getAsDouble()));
    }

    private Object amount(double of) {
        return kind.dimension().isPresent()
                ? Amount.mm(of, 3)
                : Phrase.given(String.format(Locale.ROOT, "%.2f %s", of, kind.unit()));
    }

    /** Over a turn the dial shows at least what was read, and what the harmonic reaches between the positions. */
    private static double total(List<Double> readings) {
        double span = readings.stream().mapToDouble(r -> r).max().orElseThrow()
                - readings.stream().mapToDouble(r -> r).min().orElseThrow();
        return Math.max(span, 2 * Harmonic.of(readings).amplitude());
    }

    private static Verdict verdict(HoldKind kind, double value, double doubt) {
        double below = margin(kind.least(), value, 1);
        double above = margin(kind.most(), value, -1);
        double margin = Math.min(below, above);
        return margin - doubt >= 0 ? Verdict.FITS : margin + doubt < 0 ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN;
    }

    private static double margin(OptionalDouble limit, double value, int sign) {
        return limit.isPresent() ? sign * (value - limit.getAsDouble()) : Double.POSITIVE_INFINITY;
    }
}
