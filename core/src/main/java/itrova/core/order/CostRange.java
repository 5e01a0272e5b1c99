package itrova.core.order;

import java.util.List;

/**
 * Money between its least and its most (cents).
 *
 * @param low at least
 * @param likely usually
 * @param high at most
 */
public record CostRange(long low, long likely, long high) {
    /** Nothing. */
    public static final CostRange NOTHING = new CostRange(0, 0, 0);

    /** @throws IllegalArgumentException if the amounts do not rise from 0 */
    public CostRange {
        if (!(0 <= low && low <= likely && likely <= high)) {
            throw new IllegalArgumentException(
                    "A range of money rises from 0: " + low + ", " + likely + ", " + high + " does not.");
        }
    }

    /** A price that is known. */
    public static CostRange exactly(long cents) {
        return new CostRange(cents, cents, cents);
    }

    /** The range of several offers: the cheapest, the middle one, the dearest. */
    public static CostRange over(List<Long> offers) {
        List<Long> sorted = offers.stream().sorted().toList();
        return new CostRange(sorted.get(0), sorted.get(sorted.size() / 2), sorted.get(sorted.size() - 1));
    }

    public CostRange plus(CostRange other) {
        return new CostRange(
                Math.addExact(low, other.low), Math.addExact(likely, other.likely), Math.addExact(high, other.high));
    }

    public CostRange times(int count) {
        return new CostRange(
                Math.multiplyExact(low, count), Math.multiplyExact(likely, count), Math.multiplyExact(high, count));
    }
}
