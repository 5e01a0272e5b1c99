package itrova.core.geometry;

import java.util.List;

/**
 * A closed polygon in the section half-plane, its last corner joined to its first.
 *
 * @param corners at least three corners, in order; the polygon may be concave
 */
public record Outline(List<Point> corners) {
    /** @throws IllegalArgumentException if there are fewer than three corners or one is not finite */
    public Outline {
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new IllegalArgumentException("An outline needs at least 3 corners, not " + corners.size() + ".");
        }
        for (Point p : corners) {
            if (!Double.isFinite(p.x()) || !Double.isFinite(p.r())) {
                throw new IllegalArgumentException("An outline corner must be finite, not " + p + ".");
            }
        }
    }

    /** The outline moved along the axis by dx (mm). */
    public Outline shifted(double dx) {
        return new Outline(
                corners.stream().map(p -> new Point(p.x() + dx, p.r())).toList());
    }

    public double minX() {
        return corners.stream().mapToDouble(Point::x).min().orElseThrow();
    }

    public double maxX() {
        return corners.stream().mapToDouble(Point::x).max().orElseThrow();
    }

    public double minR() {
        return corners.stream().mapToDouble(Point::r).min().orElseThrow();
    }

    public double maxR() {
        return corners.stream().mapToDouble(Point::r).max().orElseThrow();
    }

    Outline swapped() {
        return new Outline(corners.stream().map(Point::swapped).toList());
    }
}
