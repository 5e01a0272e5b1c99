package itrova.bench.campaign.truth;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;

/**
 * The inside of a true wheel along one profile, and where a mechanic would read it: every 20 mm or so, and on both sides of a step.
 *
 * @param at the profile (mm) over depth or radius (mm)
 * @param places where it is read first
 */
record Walls(DoubleUnaryOperator at, List<Double> places) {
    /** How a wall runs. Curved walls rise or fall all the way: a hump between two readings no wall between them can know. */
    enum Kind {
        STRAIGHT,
        STEPPED,
        CURVED
    }

    private static final double SPACING = 20;
    private static final double BESIDE_A_STEP = 0.5;

    /**
     * A wall from a place to another.
     *
     * @param from first place (mm)
     * @param to last place (mm)
     * @param level its height at the start (mm)
     * @param rise how much it rises over its length (mm)
     */
    static Walls of(Kind kind, double from, double to, double level, double rise, Random random) {
        List<Double> places = new ArrayList<>();
        double span = to - from;
        for (double p = from; p < to - 1; p += SPACING) {
            places.add(whole(p));
        }
        places.add(whole(to));
        return switch (kind) {
            case STRAIGHT -> new Walls(x -> level + rise * (x - from) / span, places);
            case CURVED -> new Walls(x -> level + rise * Math.pow((x - from) / span, 2), places);
            case STEPPED -> {
                double first = from + span * (0.2 + 0.3 * random.nextDouble());
                double second = from + span * (0.6 + 0.3 * random.nextDouble());
                places.removeIf(p -> Math.abs(p - first) < 2 || Math.abs(p - second) < 2);
                for (double step : new double[] {first, second}) {
                    places.add(Math.floor((step - BESIDE_A_STEP) * 2) / 2);
                    places.add(Math.ceil((step + BESIDE_A_STEP) * 2) / 2);
                }
                places.sort(null);
                yield new Walls(x -> level + (x < first ? 0 : x < second ? 0.5 * rise : rise), places);
            }
        };
    }

    /** The same wall moved (mm). */
    Walls moved(double by) {
        return new Walls(x -> at.applyAsDouble(x) + by, places);
    }

    private static double whole(double place) {
        return Math.rint(place);
    }
}
