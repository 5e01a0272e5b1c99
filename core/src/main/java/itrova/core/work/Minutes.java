package itrova.core.work;

/**
 * How long a step takes, in three points (min).
 *
 * @param low when all goes well
 * @param likely usually
 * @param high when it does not
 */
public record Minutes(double low, double likely, double high) {
    /** @throws IllegalArgumentException if the points do not rise */
    public Minutes {
        if (!(low >= 0 && low <= likely && likely <= high)) {
            throw new IllegalArgumentException(
                    "Minutes rise from low to likely to high, not " + low + ", " + likely + ", " + high + ".");
        }
    }

    /** Mean (min): (a + 4m + b)/6, PERT, Malcolm et al. 1959. */
    public double mean() {
        return (low + 4 * likely + high) / 6;
    }

    /** Variance (min²): ((b − a)/6)². */
    public double variance() {
        return (high - low) * (high - low) / 36;
    }
}
