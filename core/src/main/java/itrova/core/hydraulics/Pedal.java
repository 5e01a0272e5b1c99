package itrova.core.hydraulics;

/** From the foot to the line. */
public final class Pedal {
    private Pedal() {}

    /**
     * Force out of a booster: ratio times the input up to the knee, above it as much more as goes in.
     *
     * @param input force at its rod (N)
     * @param ratio output over input below the knee; 1 without help
     * @param knee input at which the help is used up (N)
     */
    public static double boosted(double input, double ratio, double knee) {
        return ratio * Math.min(input, knee) + Math.max(0, input - knee);
    }

    /**
     * Line pressure (MPa).
     *
     * @param foot force on the pad (N)
     * @param ratio pedal ratio
     * @param efficiency share of the force that reaches the piston
     * @param area master area (mm²)
     */
    public static double pressure(
            double foot, double ratio, double efficiency, double boost, double knee, double area) {
        return boosted(foot * ratio * efficiency, boost, knee) / area;
    }

    /** Area of a bore (mm²). */
    public static double area(double bore) {
        return Math.PI / 4 * bore * bore;
    }
}
