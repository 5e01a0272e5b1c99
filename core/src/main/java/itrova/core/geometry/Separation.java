package itrova.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * How far two convex solids are apart.
 *
 * <p>Distance by the algorithm of Gilbert, Johnson and Keerthi (1988) on their difference: the simplex nearest to the origin is
 * found by trying all its parts, which is exact for the handful of points it holds. An overlap is given as the least depth over
 * a fixed set of directions, refined, and negative.
 */
public final class Separation {
    /** Progress below this (mm) ends the search. */
    private static final double CLOSE = 1e-6;

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
        Point3 v = difference(a, b, new Point3(1, 0, 0));
        List<Point3> simplex = new ArrayList<>(4);
        simplex.add(v);
        for (int step = 0; step < MOST_STEPS; step++) {
            double square = v.dot(v);
            if (square < CLOSE * CLOSE) {
                return depth(a, b);
            }
            Point3 w = difference(a, b, v.times(-1));
            if (square - v.dot(w) <= CLOSE * Math.sqrt(square) || simplex.contains(w)) {
                break;
            }
            simplex.add(w);
            v = nearest(simplex);
            if (simplex.size() == 4) {
                return depth(a, b);
            }
        }
        double distance = v.length();
        return distance < CLOSE ? depth(a, b) : new Apart(distance, v.times(-1 / distance));
    }

    /** Farthest place of a − b in a direction. */
    private static Point3 difference(Solid a, Solid b, Point3 direction) {
        return a.farthest(direction).minus(b.farthest(direction.times(-1)));
    }

    /** The place of a simplex nearest to the origin; the simplex is cut down to the part it lies in. */
    private static Point3 nearest(List<Point3> simplex) {
        int n = simplex.size();
        Point3 best = null;
        double least = Double.POSITIVE_INFINITY;
        int kept = 0;
        for (int part = 1; part < 1 << n; part++) {
            Point3 p = onPart(simplex, part);
            if (p != null && p.dot(p) < least - 1e-15) {
                least = p.dot(p);
                best = p;
                kept = part;
            }
        }
        for (int i = n - 1; i >= 0; i--) {
            if ((kept & 1 << i) == 0) {
                simplex.remove(i);
            }
        }
        return best;
    }

    /** The origin's foot on the flat through some corners, if it lies strictly between them; null otherwise. */
    private static @org.jspecify.annotations.Nullable Point3 onPart(List<Point3> simplex, int part) {
        List<Point3> c = new ArrayList<>(4);
        for (int i = 0; i < simplex.size(); i++) {
            if ((part & 1 << i) != 0) {
                c.add(simplex.get(i));
            }
        }
        return switch (c.size()) {
            case 1 -> c.get(0);
            case 2 -> onEdge(c.get(0), c.get(1));
            case 3 -> onFace(c.get(0), c.get(1), c.get(2));
            default -> holds(c) ? Point3.ZERO : null;
        };
    }

    private static @org.jspecify.annotations.Nullable Point3 onEdge(Point3 a, Point3 b) {
        Point3 ab = b.minus(a);
        double t = -a.dot(ab) / ab.dot(ab);
        return t > 0 && t < 1 ? a.plus(ab.times(t)) : null;
    }

    private static @org.jspecify.annotations.Nullable Point3 onFace(Point3 a, Point3 b, Point3 c) {
        Point3 normal = b.minus(a).cross(c.minus(a));
        double square = normal.dot(normal);
        if (!(square > 0)) {
            return null;
        }
        Point3 foot = normal.times(a.dot(normal) / square);
        boolean within = side(a, b, foot, normal) > 0 && side(b, c, foot, normal) > 0 && side(c, a, foot, normal) > 0;
        return within ? foot : null;
    }

    private static double side(Point3 a, Point3 b, Point3 p, Point3 normal) {
        return b.minus(a).cross(p.minus(a)).dot(normal);
    }

    private static boolean holds(List<Point3> c) {
        for (int i = 0; i < 4; i++) {
            Point3 a = c.get((i + 1) % 4);
            Point3 normal = c.get((i + 2) % 4).minus(a).cross(c.get((i + 3) % 4).minus(a));
            double own = normal.dot(c.get(i).minus(a));
            if (own * normal.dot(a.times(-1)) < 0 || !(Math.abs(own) > 0)) {
                return false;
            }
        }
        return true;
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
