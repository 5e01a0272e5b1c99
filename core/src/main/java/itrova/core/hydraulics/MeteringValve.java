package itrova.core.hydraulics;

/**
 * A valve that keeps the front discs waiting until the rear shoes have been brought to their drums.
 *
 * @param hold pressure up to which the front gets nothing (MPa)
 * @param full pressure from which the front has all of it (MPa); between both it catches up along a straight line
 */
public record MeteringValve(double hold, double full) {
    /** No valve: the front has the master's pressure. */
    public static final MeteringValve NONE = new MeteringValve(0, 0);

    /** @throws IllegalArgumentException if it would hold off beyond the pressure at which it is open */
    public MeteringValve {
        if (!(hold >= 0 && (full > hold || full == 0 && hold == 0))) {
            throw new IllegalArgumentException(
                    "A metering valve holds the front off until a pressure and lets all of it through from a higher one.");
        }
    }

    /** Pressure at the front (MPa). */
    public double ahead(double master) {
        if (master >= full) {
            return master;
        }
        return master <= hold ? 0 : full * (master - hold) / (full - hold);
    }
}
