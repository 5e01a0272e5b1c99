package itrova.core.geometry;

import java.util.List;

/**
 * One step of a wall: solid metal beyond a level, over a range.
 *
 * <p>A barrel step fills {@code from ≤ x ≤ to, r ≥ level}; a spoke step fills {@code from ≤ r ≤ to, x ≥ level}.
 *
 * @param kind which way the metal lies
 * @param from start of the range (mm): x of a barrel step, r of a spoke step
 * @param to end of the range (mm), not before its start
 * @param level where the metal begins (mm): r of a barrel step, x of a spoke step
 */
public record WallStep(Kind kind, double from, double to, double level) {
    /** Which way the metal lies from the level. */
    public enum Kind {
        BARREL,
        SPOKES
    }

    /** The step's sides are drawn this deep; deeper than any outline can reach. */
    private static final double DEEP = 10_000;

    /** Exact gap between an outline and this step; an overlap is counted across the wall's face. */
    public Gap gap(Outline outline) {
        return kind == Kind.BARREL ? below(outline) : below(outline.swapped()).swapped();
    }

    /** A size (mm) the gap cannot be less than, from the outline's bounds alone; −∞ where it may overlap the step. */
    public double gapAtLeast(Outline outline) {
        boolean barrel = kind == Kind.BARREL;
        double low = barrel ? outline.minX() : outline.minR();
        double high = barrel ? outline.maxX() : outline.maxR();
        double reach = barrel ? outline.maxR() : outline.maxX();
        double along = Math.max(0, Math.max(from - high, low - to));
        double across = Math.max(0, level - reach);
        return along > 0 || across > 0 ? Math.sqrt(along * along + across * across) : Double.NEGATIVE_INFINITY;
    }

    private Gap below(Outline outline) {
        Point deepest = highestWithin(outline.corners());
        if (deepest != null && deepest.r() > level) {
            Point onWall = new Point(deepest.x(), level);
            return new Gap(level - deepest.r(), 0, 1, deepest, onWall);
        }
        Point[] wall = {new Point(from, DEEP), new Point(from, level), new Point(to, level), new Point(to, DEEP)};
        // An outline that stays under the level is never nearer to a side than to the corner below it.
        boolean isUnder = outline.maxR() <= level;
        int first = isUnder ? 1 : 0;
        int last = isUnder ? 2 : 3;
        List<Point> corners = outline.corners();
        Segments.Pair best = null;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            if (best != null && leastSquare(a, b) >= best.square()) {
                continue;
            }
            for (int j = first; j < last; j++) {
                Segments.Pair pair = Segments.nearest(a, b, wall[j], wall[j + 1]);
                best = best == null ? pair : Segments.nearer(best, pair);
            }
        }
        double size = best.length();
        double nx = size > 0 ? (best.second().x() - best.first().x()) / size : 0;
        double nr = size > 0 ? (best.second().r() - best.first().r()) / size : 1;
        return new Gap(size, nx, nr, best.first(), best.second());
    }

    /** Square of the distance (mm²) of the box round an edge from a barrel step, which the edge itself cannot undercut. */
    private double leastSquare(Point a, Point b) {
        double along = Math.max(0, Math.max(from - Math.max(a.x(), b.x()), Math.min(a.x(), b.x()) - to));
        double across = Math.max(0, level - Math.max(a.r(), b.r()));
        return along * along + across * across;
    }

    /** The outline's highest place with from ≤ x ≤ to, or null if it does not reach into that range. */
    private @org.jspecify.annotations.Nullable Point highestWithin(List<Point> corners) {
        Point best = null;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            Point left = a.x() <= b.x() ? a : b;
            Point right = a.x() <= b.x() ? b : a;
            if (right.x() < from || left.x() > to) {
                continue;
            }
            best = higher(best, at(left, right, Math.max(from, left.x())));
            best = higher(best, at(left, right, Math.min(to, right.x())));
            if (!(left.x() < right.x())) {
                best = higher(higher(best, left), right);
            }
        }
        return best;
    }

    private static Point at(Point left, Point right, double x) {
        double span = right.x() - left.x();
        double t = span > 0 ? (x - left.x()) / span : 0;
        return new Point(x, left.r() + t * (right.r() - left.r()));
    }

    private static Point higher(@org.jspecify.annotations.Nullable Point one, Point other) {
        return one == null || other.r() > one.r() ? other : one;
    }
}
