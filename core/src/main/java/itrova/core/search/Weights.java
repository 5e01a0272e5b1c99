package itrova.core.search;

/**
 * What a shop gives for a day, an hour, and for being able to go back; all in money, so that combinations can be ranked.
 *
 * @param centsPerDay a day sooner (cents)
 * @param centsPerHour an hour less of work (cents)
 * @param centsPerIrreversible a piece of work less that cannot be undone (cents)
 */
public record Weights(long centsPerDay, long centsPerHour, long centsPerIrreversible) {
    /** Defaults: 5.00 a day, 60.00 an hour, 50.00 for each thing that cannot be undone; common practice. */
    public static final Weights USUAL = new Weights(500, 6000, 5000);

    /** @throws IllegalArgumentException if a weight is negative or above 10 000.00 */
    public Weights {
        for (long weight : new long[] {centsPerDay, centsPerHour, centsPerIrreversible}) {
            if (weight < 0 || weight > 1_000_000) {
                throw new IllegalArgumentException("A weight lies between 0.00 and 10000.00.");
            }
        }
    }

    /** Everything as money (cents); the smaller the better. */
    public double of(Cost cost) {
        return cost.cents()
                + (double) centsPerDay * cost.leadDays()
                + centsPerHour * cost.minutes() / 60.0
                + (double) centsPerIrreversible * cost.irreversible();
    }
}
