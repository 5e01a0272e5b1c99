package itrova.core.geometry;

/**
 * How far two convex solids are apart.
 *
 * <p>Distance by the algorithm of Gilbert, Johnson and Keerthi (1988) on their difference: the simplex nearest to the origin is
 * found by trying all its parts, which is exact for the handful of points it holds. An overlap is given as the least depth over
 * a fixed set of directions, refined, and negative.
 */
public final class Separation {
    /** Progress below this (mm) ends the search. */
    private static final double CLOSE = 1e-4;

    private static final int MOST_STEPS = 60;
    private static final int DIRECTIONS = 200;
    /** Two golden-angle points on a sphere are about this far apart (radians); refining starts from here. */
    private static final double FIRST_STEP = 0.25;

    private static final double LAST_STEP = 1e-4;

    private Separation() {}

    /**
     * Result of a comparison.
     *
     * @param distance least distance (mm); negative for the depth of an overlap
     * @param direction unit direction from the first solid to the second, along which the distance is measured
     */
    public record Apart(double distance, Point3 direction) {}

    /** How far two solids are apart. */
    public static Apart of(Solid a, Solid b) {
        return of(a, b, Double.POSITIVE_INFINITY);
    }

    /**
     * How far two solids are apart, as far as it matters.
     *
     * @param enough a distance (mm): once it is certain that they are further apart, some distance between it and the true one
     *     is returned
     */
    public static Apart of(Solid a, Solid b, double enough) {
        Simplex simplex = new Simplex(difference(a, b, new Point3(1, 0, 0)));
        for (int step = 0; step < MOST_STEPS; step++) {
            Point3 v = simplex.nearest();
            double length = v.length();
            if (length < CLOSE) {
                return depth(a, b);
            }
            Point3 w = difference(a, b, v.times(-1));
            double certain = v.dot(w) / length;
            if (certain > enough) {
                return new Apart(certain, v.times(-1 / length));
            }
            if (length - certain <= CLOSE || !simplex.add(w)) {
                return new Apart(length, v.times(-1 / length));
            }
        }
        double length = simplex.nearest().length();
        return new Apart(length, simplex.nearest().times(-1 / length));
    }

    /** Farthest place of a − b in a direction. */
    private static Point3 difference(Solid a, Solid b, Point3 direction) {
        return a.farthest(direction).minus(b.farthest(direction.times(-1)));
    }

    /** Depth of an overlap: the least way out over directions spread evenly over the sphere, then refined around the best. */
    private static Apart depth(Solid a, Solid b) {
        Point3 best = new Point3(1, 0, 0);
        double least = way(a, b, best);
        for (int i = 0; i < DIRECTIONS; i++) {
            double z = 1 - (2 * i + 1.0) / DIRECTIONS;
            double round = Math.sqrt(1 - z * z);
            double turn = i * Math.PI * (3 - Math.sqrt(5));
            Point3 d = new Point3(round * Math.cos(turn), round * Math.sin(turn), z);
            double way = way(a, b, d);
            if (way < least) {
                least = way;
                best = d;
            }
        }
        for (double step = FIRST_STEP; step > LAST_STEP; ) {
            Point3 better = null;
            for (Point3 side : new Point3[] {new Point3(1, 0, 0), new Point3(0, 1, 0), new Point3(0, 0, 1)}) {
                for (double sign = -1; sign <= 1; sign += 2) {
                    Point3 d = best.plus(side.times(sign * step));
                    Point3 unit = d.times(1 / d.length());
                    double way = way(a, b, unit);
                    if (way < least) {
                        least = way;
                        better = unit;
                    }
                }
            }
            if (better == null) {
                step /= 2;
            } else {
                best = better;
            }
        }
        return new Apart(-least, best);
    }

    /** How far the second solid must be pushed along a direction to part them (mm). */
    private static double way(Solid a, Solid b, Point3 d) {
        return difference(a, b, d).dot(d);
    }
}
