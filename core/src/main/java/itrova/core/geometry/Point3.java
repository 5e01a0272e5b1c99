package itrova.core.geometry;

/**
 * A place beside the wheel, or a direction there.
 *
 * @param x along the wheel axis (mm), positive outboard
 * @param f along the vehicle (mm), positive forward
 * @param z up (mm)
 */
public record Point3(double x, double f, double z) {
    public static final Point3 ZERO = new Point3(0, 0, 0);

    public Point3 plus(Point3 o) {
        return new Point3(x + o.x, f + o.f, z + o.z);
    }

    public Point3 minus(Point3 o) {
        return new Point3(x - o.x, f - o.f, z - o.z);
    }

    public Point3 times(double k) {
        return new Point3(k * x, k * f, k * z);
    }

    public double dot(Point3 o) {
        return x * o.x + f * o.f + z * o.z;
    }

    public Point3 cross(Point3 o) {
        return new Point3(f * o.z - z * o.f, z * o.x - x * o.z, x * o.f - f * o.x);
    }

    /** Length (mm). */
    public double length() {
        return Math.sqrt(dot(this));
    }
}
