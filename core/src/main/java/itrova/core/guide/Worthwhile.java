package itrova.core.guide;

import itrova.core.measure.ReadAt;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.Comparator;

/**
 * A reading that may settle something.
 *
 * @param isAgain whether it was read before and would be read again
 */
record Worthwhile(ReadAt at, boolean isAgain) implements Comparable<Worthwhile> {
    private static final Comparator<Worthwhile> ORDER =
            Comparator.comparing(Worthwhile::at).thenComparing(Worthwhile::isAgain);

    static Worthwhile first(Side side, Callout callout) {
        return new Worthwhile(ReadAt.of(side, callout), false);
    }

    @Override
    public int compareTo(Worthwhile other) {
        return ORDER.compare(this, other);
    }
}
