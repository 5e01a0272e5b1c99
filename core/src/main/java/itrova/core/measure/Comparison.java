package itrova.core.measure;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two axle ends or wheels held against each other, dimension by dimension.
 *
 * <p>An instrument that read both has one error, which cancels in the difference. Two values differ when their difference
 * is larger than its expanded doubt.
 */
public final class Comparison {
    /** Checks that must agree before the rest may be taken over from another end. */
    private static final int AGREEING_WANTED = 2;

    private Comparison() {}

    /**
     * One dimension read on both.
     *
     * @param callout the dimension
     * @param difference first minus second with its doubt (mm); absent for words, counts and threads
     * @param differs whether they differ by more than their doubt
     */
    public record Line(Callout callout, Optional<Measured> difference, boolean differs) {}

    /** Every dimension that was read on both. */
    public static List<Line> of(AxleEnd first, AxleEnd second) {
        List<Line> lines = new ArrayList<>();
        for (Callout callout : Callout.values()) {
            switch (callout.kind()) {
                case LENGTH -> length(callout, first, second).ifPresent(lines::add);
                case COUNT ->
                    same(callout, boxed(first.count(callout)), boxed(second.count(callout)))
                            .ifPresent(lines::add);
                case THREAD ->
                    same(callout, first.thread(callout), second.thread(callout)).ifPresent(lines::add);
                case WORD ->
                    same(callout, first.word(callout), second.word(callout)).ifPresent(lines::add);
            }
        }
        return lines;
    }

    private static Optional<Integer> boxed(java.util.OptionalInt count) {
        return count.isPresent() ? Optional.of(count.getAsInt()) : Optional.empty();
    }

    private static Optional<Line> same(Callout callout, Optional<?> a, Optional<?> b) {
        return a.isPresent() && b.isPresent()
                ? Optional.of(new Line(callout, Optional.empty(), !a.equals(b)))
                : Optional.empty();
    }

    private static Optional<Line> length(Callout callout, AxleEnd first, AxleEnd second) {
        if (callout.hasPlaces()) {
            return profile(
                    callout,
                    callout == Callout.WHEEL_BARREL ? first.barrel() : first.spokes(),
                    callout == Callout.WHEEL_BARREL ? second.barrel() : second.spokes());
        }
        return first.length(callout).flatMap(a -> second.length(callout).map(b -> line(callout, a.minus(b))));
    }

    private static Line line(Callout callout, Measured difference) {
        return new Line(callout, Optional.of(difference), Math.abs(difference.value()) > difference.expanded());
    }

    /** Profiles are compared at places both were read at; the place that differs most counts. */
    private static Optional<Line> profile(Callout callout, List<Station> first, List<Station> second) {
        Line worst = null;
        for (Station a : first) {
            for (Station b : second) {
                if (Math.abs(a.place().value() - b.place().value()) < 1) {
                    Line line = line(callout, a.size().minus(b.size()));
                    if (worst == null || excess(line) > excess(worst)) {
                        worst = line;
                    }
                }
            }
        }
        return Optional.ofNullable(worst);
    }

    private static double excess(Line line) {
        Measured d = line.difference().orElseThrow();
        return Math.abs(d.value()) - d.expanded();
    }

    /**
     * Why readings may not be taken over from one end to another; absent when both were proven equal as far as both were
     * read: at least two lengths of the same group agree within their doubt and nothing differs.
     *
     * @param wheel whether wheels are compared, else axle ends
     */
    public static Optional<Phrase> whyNotEqual(AxleEnd from, AxleEnd to, boolean wheel) {
        List<Line> lines = lines(from, to, wheel);
        Optional<Line> differing = lines.stream().filter(Line::differs).findFirst();
        if (differing.isPresent()) {
            Line d = differing.get();
            return Optional.of(d.difference()
                    .map(m -> Phrase.of(
                            "comparison.differs-by",
                            d.callout(),
                            Amount.mm(Math.abs(m.value()), 2),
                            Amount.mm(m.expanded(), 2)))
                    .orElse(Phrase.of("comparison.differs", d.callout())));
        }
        long agreeing = agreeing(lines);
        if (agreeing < AGREEING_WANTED) {
            return Optional.of(Phrase.of(
                    wheel ? "comparison.read-of-the-wheel-too" : "comparison.read-of-the-end-too",
                    agreeing,
                    AGREEING_WANTED));
        }
        return Optional.empty();
    }

    /** How many lengths of a group must still agree before the rest may be taken over. */
    public static int stillToAgree(AxleEnd from, AxleEnd to, boolean wheel) {
        return (int) Math.max(0, AGREEING_WANTED - agreeing(lines(from, to, wheel)));
    }

    private static long agreeing(List<Line> lines) {
        return lines.stream()
                .filter(l -> l.difference().isPresent() && !l.differs())
                .count();
    }

    /** What is of both ends of an axle at once is one reading, and proves nothing of either. */
    private static List<Line> lines(AxleEnd from, AxleEnd to, boolean wheel) {
        return of(from, to).stream()
                .filter(l -> l.callout().isOfWheel() == wheel
                        && !l.callout().isGapOfVehicle()
                        && !l.callout().isOfBothEnds())
                .toList();
    }
}
