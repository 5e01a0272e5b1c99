package itrova.core.geometry;

/** Nearest places of two straight segments, by the closed form. */
final class Segments {
    private Segments() {}

    /** A pair of nearest places, with the square of their distance (mm²). */
    record Pair(Point first, Point second, double square) {
        static Pair of(Point first, Point second) {
            double dx = second.x() - first.x();
            double dr = second.r() - first.r();
            return new Pair(first, second, dx * dx + dr * dr);
        }

        double length() {
            return Math.sqrt(square);
        }
    }

    /** Nearest places of segments a-b and c-d; any of them may be a single point. */
    static Pair nearest(Point a, Point b, Point c, Point d) {
        Point crossing = crossing(a, b, c, d);
        if (crossing != null) {
            return new Pair(crossing, crossing, 0);
        }
        double ofA = square(a, c, d);
        double ofB = square(b, c, d);
        double ofC = square(c, a, b);
        double ofD = square(d, a, b);
        if (Math.min(ofA, ofB) <= Math.min(ofC, ofD)) {
            return ofA <= ofB ? Pair.of(a, onto(a, c, d)) : Pair.of(b, onto(b, c, d));
        }
        return ofC <= ofD ? Pair.of(onto(c, a, b), c) : Pair.of(onto(d, a, b), d);
    }

    static Pair nearer(Pair one, Pair other) {
        return other.square() < one.square() ? other : one;
    }

    /** Square of the distance (mm²) of p from segment a-b. */
    private static double square(Point p, Point a, Point b) {
        double t = along(p, a, b);
        double dx = a.x() + t * (b.x() - a.x()) - p.x();
        double dr = a.r() + t * (b.r() - a.r()) - p.r();
        return dx * dx + dr * dr;
    }

    /** The place on segment a-b nearest to p. */
    static Point onto(Point p, Point a, Point b) {
        double t = along(p, a, b);
        return new Point(a.x() + t * (b.x() - a.x()), a.r() + t * (b.r() - a.r()));
    }

    /** How far along segment a-b its place nearest to p lies, from 0 to 1. */
    private static double along(Point p, Point a, Point b) {
        double dx = b.x() - a.x();
        double dr = b.r() - a.r();
        double square = dx * dx + dr * dr;
        return square > 0 ? Math.max(0, Math.min(1, ((p.x() - a.x()) * dx + (p.r() - a.r()) * dr) / square)) : 0;
    }

    private static @org.jspecify.annotations.Nullable Point crossing(Point a, Point b, Point c, Point d) {
        double abx = b.x() - a.x();
        double abr = b.r() - a.r();
        double cdx = d.x() - c.x();
        double cdr = d.r() - c.r();
        double cross = abx * cdr - abr * cdx;
        if (!(Math.abs(cross) > 0)) {
            return null; // parallel: the end points decide
        }
        double s = ((c.x() - a.x()) * cdr - (c.r() - a.r()) * cdx) / cross;
        double t = ((c.x() - a.x()) * abr - (c.r() - a.r()) * abx) / cross;
        if (s < 0 || s > 1 || t < 0 || t > 1) {
            return null;
        }
        return new Point(a.x() + s * abx, a.r() + s * abr);
    }
}
