package itrova.core.hydraulics;

/**
 * A rigid shoe turning about a pivot inside a drum, its pressure growing with the sine of the angle from the pivot.
 *
 * <p>Source: Shigley's Mechanical Engineering Design, internal expanding rim brakes: moments of normal and friction forces about the
 * pivot, M_N and M_f; a leading shoe is pressed on by its own friction, F = (M_N − M_f)/c, a trailing one is lifted, F = (M_N + M_f)/c.
 *
 * @param radius drum radius r (mm)
 * @param width lining width b (mm)
 * @param from angle θ₁ from the pivot to the lining's heel (rad)
 * @param to angle θ₂ to its toe (rad)
 * @param pivot distance a from the drum's centre to the pivot (mm)
 * @param arm distance c from the pivot to the line of the actuating force (mm)
 */
public record InternalShoe(double radius, double width, double from, double to, double pivot, double arm) {
    /** @throws IllegalArgumentException if lengths are not positive or the lining has no extent */
    public InternalShoe {
        if (!(radius > 0 && width > 0 && pivot > 0 && arm > 0)) {
            throw new IllegalArgumentException("A shoe's lengths are more than 0.");
        }
        if (!(from >= 0 && to > from && to <= Math.PI)) {
            throw new IllegalArgumentException(
                    "A lining lies between 0 and 180 degrees from its pivot, heel before toe.");
        }
    }

    /** Sine of the angle of greatest pressure: 90° where the lining reaches it, else its toe. */
    private double peak() {
        return to > Math.PI / 2 ? 1 : Math.sin(to);
    }

    /** Moment of the normal forces about the pivot for a greatest pressure of 1 MPa (N·mm). */
    public double normalMoment() {
        double integral = (to - from) / 2 - (Math.sin(2 * to) - Math.sin(2 * from)) / 4;
        return width * radius * pivot / peak() * integral;
    }

    /** Moment of the friction about the pivot for a greatest pressure of 1 MPa (N·mm). */
    public double frictionMoment(double friction) {
        double integral = radius * (Math.cos(from) - Math.cos(to))
                - pivot / 2 * (Math.sin(to) * Math.sin(to) - Math.sin(from) * Math.sin(from));
        return friction * width * radius / peak() * integral;
    }

    /** Torque on the drum for a greatest pressure of 1 MPa (N·mm). */
    public double torque(double friction) {
        return friction * width * radius * radius * (Math.cos(from) - Math.cos(to)) / peak();
    }

    /** Torque over actuating force times radius of a shoe its friction presses on; infinite where it would lock by itself. */
    public double leadingFactor(double friction) {
        double free = normalMoment() - frictionMoment(friction);
        return free > 0 ? torque(friction) * arm / (free * radius) : Double.POSITIVE_INFINITY;
    }

    /** Torque over actuating force times radius of a shoe its friction lifts. */
    public double trailingFactor(double friction) {
        return torque(friction) * arm / ((normalMoment() + frictionMoment(friction)) * radius);
    }
}
