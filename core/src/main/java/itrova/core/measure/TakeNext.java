package itrova.core.measure;

import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Optional;

/** Which reading to take next: the first in hand order that is still wanted. */
public final class TakeNext {
    /** A profile is wanted at this many places at least. */
    private static final int PLACES_WANTED = 3;

    private static final List<Callout> CIRCLE_WAYS = List.of(
            Callout.STUD_OVER_SKIP_ONE, Callout.STUD_SKIP_ONE, Callout.STUD_NEIGHBOUR, Callout.STUD_OVER_NEIGHBOUR);

    private TakeNext() {}

    /** The next reading wanted on a side; absent when all are taken. */
    public static Optional<Callout> on(AxleEnd end) {
        return ReadingSpec.handOrder(end.kind(), end.bracketShape()).stream()
                .filter(c -> isWanted(c, end))
                .findFirst();
    }

    /** How many readings are wanted on a side before every check can be judged. */
    public static int stillWanted(AxleEnd end) {
        return (int) ReadingSpec.handOrder(end.kind(), end.bracketShape()).stream()
                .filter(c -> isWanted(c, end))
                .count();
    }

    /** Whether a reading is still wanted: one way to measure the bolt circle is enough. */
    public static boolean isWanted(Callout callout, AxleEnd end) {
        if (CIRCLE_WAYS.contains(callout)) {
            boolean hasOne =
                    CIRCLE_WAYS.stream().anyMatch(way -> end.length(way).isPresent());
            return !hasOne && callout == firstWay(end);
        }
        return switch (callout.kind()) {
            case COUNT -> end.count(callout).isEmpty();
            case THREAD -> end.studThread().isEmpty();
            case LENGTH ->
                switch (callout) {
                    case WHEEL_BARREL -> end.barrel().size() < PLACES_WANTED;
                    case WHEEL_SPOKE -> end.spokes().size() < PLACES_WANTED;
                    default -> end.length(callout).isEmpty();
                };
        };
    }

    private static Callout firstWay(AxleEnd end) {
        return end.count(Callout.LUG_COUNT).orElse(5) > 3 ? Callout.STUD_OVER_SKIP_ONE : Callout.STUD_OVER_NEIGHBOUR;
    }
}
