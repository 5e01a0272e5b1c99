package itrova.core.kit;

/**
 * One piston bore of one side of a caliper.
 *
 * @param diameter bore (mm)
 * @param clock angle of its centre counted from the caliper's middle (degrees)
 * @param radius distance of its centre from the wheel axis (mm)
 */
public record PistonBore(double diameter, double clock, double radius) {
    /** @throws IllegalArgumentException if the bore is not between 10 and 120 mm */
    public PistonBore {
        if (!(diameter >= 10 && diameter <= 120)) {
            throw new IllegalArgumentException("A piston bore lies between 10 and 120 mm, not " + diameter + " mm.");
        }
    }
}
