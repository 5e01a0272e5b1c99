package itrova.core.road;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Several stops from one speed on one road: their mean deceleration with its doubt, and two such sets compared.
 *
 * <p>The spread of the runs is type A (JCGM 100:2008, 4.2), with n − 1 degrees of freedom; what speedometer and tape are off is type B. The
 * speedometer is the same before and after: its error is kept as one cause, which mostly falls out of the difference.
 *
 * @param runs three or more, from like speeds
 * @param deceleration mean of the runs (m/s²)
 */
public record StopTest(List<StopRun> runs, Measured deceleration) {
    /** Fewest runs: with less the spread says nothing. */
    public static final int LEAST_RUNS = 3;
    /** What a speedometer held steady may be off (m/s), half width; common practice: 2 km/h. */
    static final double SPEED_HALF = 2 / 3.6;
    /** What a mark on the road and a tape may be off (m), half width; common practice. */
    static final double DISTANCE_HALF = 0.3;
    /** Runs are compared from like speeds only: within this share of their mean. */
    private static final double LIKE = 0.10;

    private enum Read implements Source {
        SPEEDOMETER;

        @Override
        public String id() {
            return "road:speedometer";
        }
    }

    public StopTest {
        runs = List.copyOf(runs);
    }

    /**
     * Mean of several runs.
     *
     * @param name of the set, such as before: its spread is a cause of its own
     * @throws IllegalArgumentException if they are too few or from unlike speeds
     */
    public static StopTest of(String name, List<StopRun> runs) {
        int n = runs.size();
        if (n < LEAST_RUNS) {
            throw new IllegalArgumentException(
                    "Three stops at least, from the same speed on the same road; " + n + " were driven.");
        }
        double speed = runs.stream().mapToDouble(StopRun::speed).average().orElseThrow();
        for (StopRun run : runs) {
            if (Math.abs(run.speed() - speed) > LIKE * speed) {
                throw new IllegalArgumentException(String.format(
                        Locale.ROOT,
                        "The stops are from unlike speeds (%.0f km/h among a mean of %.0f): drive them from the same.",
                        run.speed() * 3.6,
                        speed * 3.6));
            }
        }
        double mean = runs.stream().mapToDouble(StopRun::deceleration).average().orElseThrow();
        double square = runs.stream()
                .mapToDouble(r -> (r.deceleration() - mean) * (r.deceleration() - mean))
                .sum();
        double distance = runs.stream().mapToDouble(StopRun::distance).average().orElseThrow();
        double spread = Math.sqrt(square / (n - 1) / n);
        return new StopTest(
                runs,
                Measured.of(
                        mean,
                        new Component(Source.named("road:spread:" + name), spread, n - 1),
                        Component.rectangular(Read.SPEEDOMETER, 2 * mean / speed * SPEED_HALF),
                        // each run is taped anew
                        Component.standard(
                                Source.named("road:tape:" + name),
                                mean / distance * DISTANCE_HALF / Math.sqrt(3.0 * n))));
    }

    /** Whether the runs were from speeds like those of another set. */
    private boolean isLike(StopTest other) {
        double own = runs.stream().mapToDouble(StopRun::speed).average().orElseThrow();
        double its = other.runs.stream().mapToDouble(StopRun::speed).average().orElseThrow();
        return Math.abs(own - its) <= LIKE * its;
    }

    /** What a set of stops says against another. */
    public enum Change {
        HARDER,
        SOFTER,
        CANNOT_BE_TOLD
    }

    /**
     * This set against an earlier one.
     *
     * @param gained deceleration more than before (m/s²); absent where the speeds are unlike
     */
    public record Compared(Change change, Optional<Measured> gained) {}

    /** Compares with the stops before the work. */
    public Compared against(StopTest before) {
        if (!isLike(before)) {
            return new Compared(Change.CANNOT_BE_TOLD, Optional.empty());
        }
        Measured gained = deceleration.minus(before.deceleration);
        double doubt = gained.expanded();
        Change change = gained.value() > doubt
                ? Change.HARDER
                : gained.value() < -doubt ? Change.SOFTER : Change.CANNOT_BE_TOLD;
        return new Compared(change, Optional.of(gained));
    }
}
