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
        Pair best = Pair.of(a, onto(a, c, d));
        best = nearer(best, Pair.of(b, onto(b, c, d)));
        best = nearer(best, Pair.of(onto(c, a, b), c));
        return nearer(best, Pair.of(onto(d, a, b), d));
    }

    static Pair nearer(Pair one, Pair other) {
        return other.square() < one.square() ? other : one;
    }

    /** The place on segment a-b nearest to p. */
    static Point onto(Point p, Point a, Point b) {
        double dx = b.x() - a.x();
        double dr = b.r() - a.r();
        double square = dx * dx + dr * dr;
        if (!(square > 0)) {
            return a;
        }
        double t = ((p.x() - a.x()) * dx + (p.r() - a.r()) * dr) / square;
        double clamped = Math.max(0, Math.min(1, t));
        return new Point(a.x() + clamped * dx, a.r() + clamped * dr);
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
