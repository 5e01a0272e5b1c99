package itrova.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A closed polygon in the section half-plane, its last corner joined to its first; may be concave. Immutable. */
public final class Outline {
    /** Places nearer than this are one (mm). */
    private static final double SAME_PLACE = 1e-6;

    private final List<Point> corners;
    private final double minX;
    private final double maxX;
    private final double minR;
    private final double maxR;
    private @Nullable Outline swapped; // made when first asked for; making it twice would do no harm

    /**
     * @param corners at least three corners, in order
     * @throws IllegalArgumentException if there are fewer than three corners or one is not finite
     */
    public Outline(List<Point> corners) {
        this.corners = List.copyOf(corners);
        if (this.corners.size() < 3) {
            throw new IllegalArgumentException("An outline needs at least 3 corners, not " + corners.size() + ".");
        }
        double leastX = Double.POSITIVE_INFINITY;
        double mostX = Double.NEGATIVE_INFINITY;
        double leastR = Double.POSITIVE_INFINITY;
        double mostR = Double.NEGATIVE_INFINITY;
        for (Point p : this.corners) {
            if (!Double.isFinite(p.x()) || !Double.isFinite(p.r())) {
                throw new IllegalArgumentException("An outline corner must be finite, not " + p + ".");
            }
            leastX = Math.min(leastX, p.x());
            mostX = Math.max(mostX, p.x());
            leastR = Math.min(leastR, p.r());
            mostR = Math.max(mostR, p.r());
        }
        minX = leastX;
        maxX = mostX;
        minR = leastR;
        maxR = mostR;
    }

    public List<Point> corners() {
        return corners;
    }

    /** The outline moved along the axis by dx (mm). */
    public Outline shifted(double dx) {
        Point[] moved = new Point[corners.size()];
        for (int i = 0; i < moved.length; i++) {
            moved[i] = new Point(corners.get(i).x() + dx, corners.get(i).r());
        }
        return new Outline(List.of(moved));
    }

    public double minX() {
        return minX;
    }

    public double maxX() {
        return maxX;
    }

    public double minR() {
        return minR;
    }

    public double maxR() {
        return maxR;
    }

    /** The outline with x and r changed over, so that a spoke's back can be looked at like a barrel. */
    Outline swapped() {
        Outline made = swapped;
        if (made == null) {
            made = new Outline(corners.stream().map(Point::swapped).toList());
            swapped = made;
        }
        return made;
    }

    /** Area enclosed (mm²), by the shoelace formula; parts gone round twice, or the other way, count so. */
    public double area() {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            twice += a.x() * b.r() - b.x() * a.r();
        }
        return Math.abs(twice) / 2;
    }

    /** A place where the outline crosses, touches or folds back on itself; empty for one that goes round once. */
    public Optional<Point> contactWithItself() {
        List<Point> distinct = distinctCorners();
        int n = distinct.size();
        for (int i = 0; i < n; i++) {
            Point a = distinct.get(i);
            Point b = distinct.get((i + 1) % n);
            if (foldsBack(a, b, distinct.get((i + 2) % n))) {
                return Optional.of(b);
            }
            for (int j = i + 2; j < n && !(i == 0 && j == n - 1); j++) {
                Segments.Pair pair = Segments.nearest(a, b, distinct.get(j), distinct.get((j + 1) % n));
                if (pair.length() <= SAME_PLACE) {
                    return Optional.of(pair.first());
                }
            }
        }
        return Optional.empty();
    }

    private static boolean foldsBack(Point a, Point b, Point c) {
        double across = (b.x() - a.x()) * (c.r() - b.r()) - (b.r() - a.r()) * (c.x() - b.x());
        double along = (b.x() - a.x()) * (c.x() - b.x()) + (b.r() - a.r()) * (c.r() - b.r());
        return along < 0 && Math.abs(across) <= SAME_PLACE * a.distance(b);
    }

    /** Without corners that repeat the one before, as drawings often close a line with. */
    private List<Point> distinctCorners() {
        List<Point> distinct = new ArrayList<>();
        for (Point p : corners) {
            if (distinct.isEmpty() || distinct.get(distinct.size() - 1).distance(p) > SAME_PLACE) {
                distinct.add(p);
            }
        }
        while (distinct.size() > 1 && distinct.get(0).distance(distinct.get(distinct.size() - 1)) <= SAME_PLACE) {
            distinct.remove(distinct.size() - 1);
        }
        return distinct;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Outline o && corners.equals(o.corners);
    }

    @Override
    public int hashCode() {
        return corners.hashCode();
    }

    @Override
    public String toString() {
        return "Outline" + corners;
    }
}
