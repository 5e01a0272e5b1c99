package itrova.core.geometry;

/** A convex solid, known by its farthest place in every direction. */
@FunctionalInterface
public interface Solid {
    /**
     * The place of the solid that lies farthest in a direction (mm).
     *
     * @param direction any direction but none
     */
    Point3 farthest(Point3 direction);

    /** A box between two corners. */
    static Solid box(Point3 low, Point3 high) {
        return d -> new Point3(
                d.x() >= 0 ? high.x() : low.x(), d.f() >= 0 ? high.f() : low.f(), d.z() >= 0 ? high.z() : low.z());
    }

    /**
     * What a section outline fills when it is turned about the wheel axis through a clock range of at most 180 degrees, with
     * its hollows filled in.
     */
    static Solid turned(Outline outline, ClockWindow window) {
        double from = Math.toRadians(window.from());
        double to = Math.toRadians(window.to());
        boolean whole = window.span() >= 360;
        return d -> {
            double across = Math.sqrt(d.f() * d.f() + d.z() * d.z());
            double clock = Math.atan2(d.f(), d.z());
            double out = whole ? clock : inside(clock, from, to);
            Point best = null;
            double most = Double.NEGATIVE_INFINITY;
            double reach = across * Math.cos(out - clock);
            for (Point p : outline.corners()) {
                double value = p.x() * d.x() + p.r() * reach;
                if (value > most) {
                    most = value;
                    best = p;
                }
            }
            return new Point3(best.x(), best.r() * Math.sin(out), best.r() * Math.cos(out));
        };
    }

    /** The angle of a range that lies nearest to a clock angle (radians). */
    private static double inside(double clock, double from, double to) {
        double ahead = positive(clock - from);
        double span = to - from;
        if (ahead <= span) {
            return from + ahead;
        }
        return ahead - span < 2 * Math.PI - ahead ? to : from;
    }

    private static double positive(double angle) {
        double rest = angle % (2 * Math.PI);
        return rest < 0 ? rest + 2 * Math.PI : rest;
    }

    /** All the solid passes over when it is moved along a straight line: convex too. */
    default Solid drawn(Point3 from, Point3 to) {
        return d -> farthest(d).plus(to.minus(from).dot(d) >= 0 ? to : from);
    }

    /** The solid moved rigidly. */
    default Solid moved(Motion motion) {
        return d -> motion.place(farthest(motion.back(d)));
    }
}
