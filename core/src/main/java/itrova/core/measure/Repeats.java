package itrova.core.measure;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Judges repeats of one reading.
 *
 * <p>Two to four repeats: their range against the critical range f(n)·s_r of ISO 5725-6:1994, 5.2 (2.8, 3.3, 3.6 times the
 * technique's pooled spread, widened by the resolution). Five and more: Grubbs' test for one outlier, two-sided, at 5 %
 * (Grubbs 1969; ISO 5725-2:1994, 7.3.4), the critical value from Student's t.
 */
public final class Repeats {
    private static final double LEVEL = 0.05;
    private static final double[] CRITICAL_RANGE = {0, 0, 2.8, 3.3, 3.6};
    private static final int LEAST_FOR_GRUBBS = 5;

    private Repeats() {}

    /**
     * Mean, spread and what is odd about repeats.
     *
     * @param n how many
     * @param mean mean (mm)
     * @param spread sample standard deviation (mm); 0 for a single one
     * @param odd what does not go together, in a sentence; absent if all does
     * @param outlier index of the reading that stands out, if one does
     */
    public record Summary(int n, double mean, double spread, Optional<Phrase> odd, Optional<Integer> outlier) {}

    /** Judges the repeats of one dimension at one place. */
    public static Summary of(List<Reading> repeats) {
        double[] x = repeats.stream().mapToDouble(r -> r.value().orElseThrow()).toArray();
        int n = x.length;
        double mean = mean(x);
        double s = spread(x, mean);
        if (n < 2) {
            return new Summary(n, mean, 0, Optional.empty(), Optional.empty());
        }
        int far = farthest(x, mean);
        if (n < LEAST_FOR_GRUBBS) {
            double pooled = ReadingSpec.of(repeats.get(0).callout()).pooledSpread();
            double resolution =
                    repeats.stream().mapToDouble(Reading::halfResolution).max().orElseThrow();
            double allowed = CRITICAL_RANGE[n] * Math.sqrt(pooled * pooled + resolution * resolution / 3);
            double range = max(x) - min(x);
            return range > allowed
                    ? new Summary(
                            n,
                            mean,
                            s,
                            Optional.of(Phrase.of("repeats.lie-apart", Amount.mm(range, 2), Amount.mm(allowed, 2))),
                            n > 2 ? Optional.of(far) : Optional.empty())
                    : new Summary(n, mean, s, Optional.empty(), Optional.empty());
        }
        double g = s > 0 ? Math.abs(x[far] - mean) / s : 0;
        return g > grubbsCritical(n, LEVEL / (2 * n))
                ? new Summary(
                        n,
                        mean,
                        s,
                        Optional.of(Phrase.of("repeats.one-stands-out", Amount.mm(x[far], 2), n - 1)),
                        Optional.of(far))
                : new Summary(n, mean, s, Optional.empty(), Optional.empty());
    }

    /**
     * Critical value of Grubbs' statistic.
     *
     * @param n number of values, at least 3
     * @param tail share in one tail for each value: level/n one-sided, level/(2n) two-sided
     */
    static double grubbsCritical(int n, double tail) {
        double t = -new TDistribution(n - 2.0).inverseCumulativeProbability(tail);
        return (n - 1) / Math.sqrt(n) * Math.sqrt(t * t / (n - 2 + t * t));
    }

    /** Grubbs' statistic: the largest distance from the mean in standard deviations. */
    static double grubbs(double[] x) {
        double mean = mean(x);
        return Math.abs(x[farthest(x, mean)] - mean) / spread(x, mean);
    }

    private static double mean(double[] x) {
        double sum = 0;
        for (double v : x) {
            sum += v;
        }
        return sum / x.length;
    }

    private static double spread(double[] x, double mean) {
        double squares = 0;
        for (double v : x) {
            squares += (v - mean) * (v - mean);
        }
        return x.length > 1 ? Math.sqrt(squares / (x.length - 1)) : 0;
    }

    private static int farthest(double[] x, double mean) {
        int far = 0;
        for (int i = 1; i < x.length; i++) {
            if (Math.abs(x[i] - mean) > Math.abs(x[far] - mean)) {
                far = i;
            }
        }
        return far;
    }

    private static double max(double[] x) {
        return java.util.Arrays.stream(x).max().orElseThrow();
    }

    private static double min(double[] x) {
        return java.util.Arrays.stream(x).min().orElseThrow();
    }
}
