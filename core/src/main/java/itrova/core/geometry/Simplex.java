package itrova.core.geometry;

import org.jspecify.annotations.Nullable;

/**
 * At most four places, and the place between them that is nearest to the origin. What does not help to carry that place is
 * dropped: corner, edge, face or, when the origin lies inside, all four.
 */
final class Simplex {
    private final Point3[] corners = new Point3[4];
    private int count;
    private Point3 nearest;

    Simplex(Point3 first) {
        corners[0] = first;
        count = 1;
        nearest = first;
    }

    /** The place nearest to the origin. */
    Point3 nearest() {
        return nearest;
    }

    /** Adds a corner and finds the nearest place anew; false if it brings nothing nearer. */
    boolean add(Point3 corner) {
        for (int i = 0; i < count; i++) {
            if (corners[i].equals(corner)) {
                return false;
            }
        }
        corners[count++] = corner;
        Point3 best = null;
        double least = nearest.dot(nearest);
        int kept = 0;
        // parts without the new corner were tried before and hold nothing nearer
        for (int part = 1 << count - 1; part < 1 << count; part++) {
            Point3 p = on(part);
            if (p != null && p.dot(p) < least) {
                least = p.dot(p);
                best = p;
                kept = part;
            }
        }
        if (best == null) {
            return false;
        }
        nearest = best;
        keep(kept);
        return true;
    }

    private void keep(int part) {
        int n = 0;
        for (int i = 0; i < count; i++) {
            if ((part & 1 << i) != 0) {
                corners[n++] = corners[i];
            }
        }
        count = n;
    }

    /** The origin's foot on the flat through some corners, if it lies strictly between them; null otherwise. */
    private @Nullable Point3 on(int part) {
        int first = Integer.numberOfTrailingZeros(part);
        int rest = part & part - 1;
        int second = Integer.numberOfTrailingZeros(rest);
        int third = Integer.numberOfTrailingZeros(rest & rest - 1);
        return switch (Integer.bitCount(part)) {
            case 1 -> corners[first];
            case 2 -> onEdge(corners[first], corners[second]);
            case 3 -> onFace(corners[first], corners[second], corners[third]);
            default -> holdsOrigin() ? Point3.ZERO : null;
        };
    }

    private static @Nullable Point3 onEdge(Point3 a, Point3 b) {
        Point3 ab = b.minus(a);
        double t = -a.dot(ab) / ab.dot(ab);
        return t > 0 && t < 1 ? a.plus(ab.times(t)) : null;
    }

    private static @Nullable Point3 onFace(Point3 a, Point3 b, Point3 c) {
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

    /** Whether the origin lies inside the four corners. */
    private boolean holdsOrigin() {
        for (int i = 0; i < 4; i++) {
            Point3 a = corners[(i + 1) % 4];
            Point3 normal = corners[(i + 2) % 4].minus(a).cross(corners[(i + 3) % 4].minus(a));
            double own = normal.dot(corners[i].minus(a));
            if (own * normal.dot(a.times(-1)) < 0 || !(Math.abs(own) > 0)) {
                return false;
            }
        }
        return true;
    }
}
