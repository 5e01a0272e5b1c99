package itrova.core.geometry;

/**
 * A place in the section half-plane.
 *
 * @param x along the wheel axis (mm), positive outboard
 * @param r distance from the axis (mm)
 */
public record Point(double x, double r) {
    /** Distance to another point (mm). */
    public double distance(Point other) {
        return Math.hypot(other.x - x, other.r - r);
    }

    Point swapped() {
        return new Point(r, x);
    }
}
