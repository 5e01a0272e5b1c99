package itrova.core.geometry;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A closed polygon in the section half-plane, its last corner joined to its first; may be concave. Immutable. */
public final class Outline {
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
