package itrova.core.measure;

import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which readings of an axle end are wanted before every check of a kit can be judged. */
public final class WantedReadings {
    /** A profile is wanted at this many places at least. */
    public static final int PLACES_WANTED = 3;

    /** Ways to measure the same circle; one is enough. */
    public static final List<Callout> CIRCLE_WAYS = List.of(
            Callout.STUD_OVER_SKIP_ONE, Callout.STUD_SKIP_ONE, Callout.STUD_NEIGHBOUR, Callout.STUD_OVER_NEIGHBOUR);

    private WantedReadings() {}

    /** The next reading wanted on a side in hand order; absent when all are taken. */
    public static Optional<Callout> on(AxleEnd end) {
        return wanted(end).stream().findFirst();
    }

    /** The readings wanted on a side before every check can be judged, in hand order. */
    public static List<Callout> wanted(AxleEnd end) {
        return ReadingSpec.handOrder(end.form()).stream()
                .filter(c -> isWanted(c, end))
                .toList();
    }

    /**
     * A reading wanted, and where.
     *
     * @param side side of the vehicle
     * @param callout what
     */
    public record Wanted(Side side, Callout callout) {}

    /** The first reading wanted as an axle is taken apart: on both sides what can be read before more comes off. */
    public static Optional<Wanted> first(List<AxleEnd> ends) {
        return ends.stream()
                .flatMap(end -> wanted(end).stream().map(c -> new Wanted(end.side(), c)))
                .min(Comparator.comparing(w -> ReadingSpec.of(w.callout()).needs()));
    }

    /** Minutes the wanted readings of a side take, without taking it apart; common practice. */
    public static double minutes(AxleEnd end) {
        return wanted(end).stream()
                .mapToDouble(c -> ReadingSpec.of(c).minutes())
                .sum();
    }

    /** How many readings are wanted on a side before every check can be judged. */
    public static int stillWanted(AxleEnd end) {
        return wanted(end).size();
    }

    /** Whether a reading is still wanted for a verdict: one way to measure the bolt circle is enough. */
    public static boolean isWanted(Callout callout, AxleEnd end) {
        boolean placesTheTyre = callout == Callout.WHEEL_OVERALL
                && end.around().tyre().isPresent()
                && !(end.around().chassis().things().isEmpty()
                        && end.around().taped().things().isEmpty());
        return (ReadingSpec.of(callout).isForVerdict() || placesTheTyre) && isOpen(callout, end);
    }

    /** Whether a dimension is not read yet, or at too few places. */
    public static boolean isOpen(Callout callout, AxleEnd end) {
        if (CIRCLE_WAYS.contains(callout)) {
            boolean hasOne =
                    CIRCLE_WAYS.stream().anyMatch(way -> end.length(way).isPresent());
            return !hasOne && callout == firstWay(end);
        }
        return switch (callout) {
            case WHEEL_BARREL -> end.barrel().size() < PLACES_WANTED;
            case WHEEL_SPOKE -> end.spokes().size() < PLACES_WANTED;
            default -> !end.has(callout);
        };
    }

    private static Callout firstWay(AxleEnd end) {
        return end.count(Callout.LUG_COUNT).orElse(5) > 3 ? Callout.STUD_OVER_SKIP_ONE : Callout.STUD_OVER_NEIGHBOUR;
    }
}
