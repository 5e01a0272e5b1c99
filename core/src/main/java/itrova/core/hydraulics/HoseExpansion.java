package itrova.core.hydraulics;

/** How much a hose grows under pressure. */
public final class HoseExpansion {
    /** Pressure of the standard's test, 1000 psi (MPa). */
    private static final double TESTED_AT = 6.894757293;

    private static final double FOOT = 304.8;

    private HoseExpansion() {}

    /**
     * Fluid taken up (mm³), in proportion to length and pressure.
     *
     * @param perFoot expansion at 1000 psi (cm³/ft); FMVSS 106 allows 0.66 for a regular and 0.33 for a low-expansion hose of 1/8 in
     *     (from memory)
     * @param length free length (mm)
     * @param pressure gauge pressure (MPa)
     */
    public static double volume(double perFoot, double length, double pressure) {
        return perFoot * 1000 * length / FOOT * pressure / TESTED_AT;
    }
}
