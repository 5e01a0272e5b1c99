package itrova.core.geometry;

/** A rigid motion: a turn about an axis through a place, then a shift. Immutable. */
public final class Motion {
    // The turn as a matrix, row by row, and where the origin goes.
    private final double xx;
    private final double xf;
    private final double xz;
    private final double fx;
    private final double ff;
    private final double fz;
    private final double zx;
    private final double zf;
    private final double zz;
    private final Point3 origin;

    /**
     * @param through a place on the axis (mm)
     * @param direction direction of the axis, of any length but 0
     * @param degrees turn about it, by the right-hand rule
     * @param shift moved by afterwards (mm)
     */
    public Motion(Point3 through, Point3 direction, double degrees, Point3 shift) {
        Point3 a = direction.times(1 / direction.length());
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        double rest = 1 - cos;
        // Rodrigues' rotation formula as a matrix.
        xx = cos + a.x() * a.x() * rest;
        xf = a.x() * a.f() * rest - a.z() * sin;
        xz = a.x() * a.z() * rest + a.f() * sin;
        fx = a.f() * a.x() * rest + a.z() * sin;
        ff = cos + a.f() * a.f() * rest;
        fz = a.f() * a.z() * rest - a.x() * sin;
        zx = a.z() * a.x() * rest - a.f() * sin;
        zf = a.z() * a.f() * rest + a.x() * sin;
        zz = cos + a.z() * a.z() * rest;
        origin = through.plus(shift).minus(turned(through));
    }

    private Motion(Motion first, Motion second) {
        xx = second.xx * first.xx + second.xf * first.fx + second.xz * first.zx;
        xf = second.xx * first.xf + second.xf * first.ff + second.xz * first.zf;
        xz = second.xx * first.xz + second.xf * first.fz + second.xz * first.zz;
        fx = second.fx * first.xx + second.ff * first.fx + second.fz * first.zx;
        ff = second.fx * first.xf + second.ff * first.ff + second.fz * first.zf;
        fz = second.fx * first.xz + second.ff * first.fz + second.fz * first.zz;
        zx = second.zx * first.xx + second.zf * first.fx + second.zz * first.zx;
        zf = second.zx * first.xf + second.zf * first.ff + second.zz * first.zf;
        zz = second.zx * first.xz + second.zf * first.fz + second.zz * first.zz;
        origin = second.place(first.origin);
    }

    /** This motion and then another. */
    public Motion then(Motion next) {
        return new Motion(this, next);
    }

    /** Where a place goes. */
    public Point3 place(Point3 p) {
        return turned(p).plus(origin);
    }

    /** The place that goes to a given one. */
    public Point3 before(Point3 placed) {
        return back(placed.minus(origin));
    }

    private Point3 turned(Point3 v) {
        return new Point3(
                xx * v.x() + xf * v.f() + xz * v.z(),
                fx * v.x() + ff * v.f() + fz * v.z(),
                zx * v.x() + zf * v.f() + zz * v.z());
    }

    /** A direction as it was before the turn. */
    Point3 back(Point3 v) {
        return new Point3(
                xx * v.x() + fx * v.f() + zx * v.z(),
                xf * v.x() + ff * v.f() + zf * v.z(),
                xz * v.x() + fz * v.f() + zz * v.z());
    }
}
