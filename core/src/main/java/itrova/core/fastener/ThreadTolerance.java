package itrova.core.fastener;

/**
 * Where the major diameter of an external thread lies: inch threads in class 2A, metric ones in class 6g.
 *
 * <p>Source: ASME B1.1, allowance 0.3·T_d2 with T_d2 = 0.0015·∛d + 0.0015·√(9P) + 0.015·∛P² and major diameter tolerance
 * 0.060·∛P² (inches); ISO 965-1, deviation −(15 + 11P) µm and tolerance 180·∛P² − 3.15/√P µm (formulas from memory).
 *
 * @param centre middle of the tolerance (mm)
 * @param halfWidth half the tolerance (mm)
 */
public record ThreadTolerance(double centre, double halfWidth) {
    private static final double INCH = 25.4;

    /** Tolerance of the major diameter of an external thread. */
    public static ThreadTolerance external(Thread thread) {
        double allowance;
        double tolerance;
        if (thread.metric()) {
            double p = thread.pitch();
            allowance = (15 + 11 * p) / 1000;
            tolerance = (180 * Math.cbrt(p * p) - 3.15 / Math.sqrt(p)) / 1000;
        } else {
            double p = thread.pitch() / INCH;
            double d = thread.diameter() / INCH;
            double pitchDiameter = 0.0015 * Math.cbrt(d) + 0.0015 * Math.sqrt(9 * p) + 0.015 * Math.cbrt(p * p);
            allowance = 0.3 * pitchDiameter * INCH;
            tolerance = 0.060 * Math.cbrt(p * p) * INCH;
        }
        return new ThreadTolerance(thread.diameter() - allowance - tolerance / 2, tolerance / 2);
    }
}
