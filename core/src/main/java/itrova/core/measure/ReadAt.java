package itrova.core.measure;

import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.Comparator;
import java.util.OptionalDouble;

/**
 * What was or is to be read, and where.
 *
 * @param side the side of the axle
 * @param callout the dimension
 * @param place place along a profile (mm); absent for what has only one
 */
public record ReadAt(Side side, Callout callout, OptionalDouble place) implements Comparable<ReadAt> {
    private static final Comparator<ReadAt> ORDER = Comparator.comparing(ReadAt::side)
            .thenComparing(ReadAt::callout)
            .thenComparingDouble(r -> r.place().orElse(Double.NEGATIVE_INFINITY));

    public static ReadAt of(Side side, Callout callout) {
        return new ReadAt(side, callout, OptionalDouble.empty());
    }

    public static ReadAt of(Reading reading) {
        return new ReadAt(reading.side(), reading.callout(), reading.place());
    }

    @Override
    public int compareTo(ReadAt other) {
        return ORDER.compare(this, other);
    }

    @Override
    public String toString() {
        String name = side.word() + ":" + callout.name();
        return place.isPresent() ? name + "@" + place.getAsDouble() : name;
    }
}
