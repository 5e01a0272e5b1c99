package itrova.core.hydraulics;

/** Radius at which a pad's friction acts. */
public final class EffectiveRadius {
    private EffectiveRadius() {}

    /**
     * Uniform pressure, as with new pads: 2/3·(ro³ − ri³)/(ro² − ri²), written without a difference in the denominator so that it
     * goes over into ro as the pad grows narrow.
     *
     * @param outer outer radius of the friction ring (mm)
     * @param inner inner radius (mm)
     * @return (mm)
     */
    public static double uniformPressure(double outer, double inner) {
        return 2.0 / 3 * (outer * outer + outer * inner + inner * inner) / (outer + inner);
    }

    /** Uniform wear, as with pads run in: the mean radius (mm). */
    public static double uniformWear(double outer, double inner) {
        return (outer + inner) / 2;
    }
}
