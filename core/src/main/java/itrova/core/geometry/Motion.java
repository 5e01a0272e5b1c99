package itrova.core.geometry;

/** A rigid motion: a turn about an axis through a place, then a shift. Immutable. */
public final class Motion {
    private final Point3 through;
    private final Point3 axis;
    private final double cos;
    private final double sin;
    private final Point3 shift;

    /**
     * @param through a place on the axis (mm)
     * @param direction direction of the axis, of any length but 0
     * @param degrees turn about it, by the right-hand rule
     * @param shift moved by afterwards (mm)
     */
    public Motion(Point3 through, Point3 direction, double degrees, Point3 shift) {
        this.through = through;
        axis = direction.times(1 / direction.length());
        cos = Math.cos(Math.toRadians(degrees));
        sin = Math.sin(Math.toRadians(degrees));
        this.shift = shift;
    }

    /** A shift alone. */
    public static Motion shift(Point3 by) {
        return new Motion(Point3.ZERO, new Point3(0, 0, 1), 0, by);
    }

    /** Where a place goes. */
    public Point3 place(Point3 p) {
        return turned(p.minus(through), sin).plus(through).plus(shift);
    }

    /** A direction as it was before the turn. */
    Point3 back(Point3 direction) {
        return turned(direction, -sin);
    }

    /** Rodrigues' rotation formula. */
    private Point3 turned(Point3 v, double s) {
        return v.times(cos).plus(axis.cross(v).times(s)).plus(axis.times(axis.dot(v) * (1 - cos)));
    }
}
