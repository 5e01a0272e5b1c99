package itrova.core.geometry;

/**
 * A range of clock angles around the wheel axis: 0° is up, 90° towards the vehicle's front, so that both sides mirror.
 *
 * @param from start (degrees)
 * @param to end (degrees), from 0 to 360 degrees past the start
 */
public record ClockWindow(double from, double to) {
    /** All the way around. */
    public static final ClockWindow ALL = new ClockWindow(0, 360);

    /** @throws IllegalArgumentException if the range is not finite, runs backwards or is longer than once around */
    public ClockWindow {
        if (!Double.isFinite(from) || !Double.isFinite(to) || !(to >= from) || to - from > 360) {
            throw new IllegalArgumentException(
                    "A clock range runs forward by 0 to 360 degrees, not from " + from + " to " + to + ".");
        }
    }

    /** Length of the range (degrees). */
    public double span() {
        return to - from;
    }

    /** Middle of the range (degrees). */
    public double middle() {
        return (from + to) / 2;
    }

    /** The range turned forward by an angle (degrees). */
    public ClockWindow turned(double by) {
        return new ClockWindow(from + by, to + by);
    }

    /** The range made longer at both ends (degrees); never longer than once around. */
    public ClockWindow widened(double by) {
        return span() + 2 * by >= 360 ? ALL : new ClockWindow(from - by, to + by);
    }

    /** Whether two ranges share an angle, each taken once around. */
    public boolean overlaps(ClockWindow other) {
        double ahead = modulo(other.from - from);
        return ahead <= span() || ahead + other.span() >= 360;
    }

    /** Whether all angles of another range lie within this one. */
    public boolean holds(ClockWindow other) {
        return span() >= 360 || modulo(other.from - from) + other.span() <= span();
    }

    private static double modulo(double degrees) {
        double rest = degrees % 360;
        return rest < 0 ? rest + 360 : rest;
    }
}
