package itrova.core.bearing;

/**
 * Life of tapered roller bearings.
 *
 * <p>Source: ISO 281:2007, basic rating life L10 = (C/P)^(10/3) million turns for roller bearings, equivalent load P = Fr where
 * Fa/Fr ≤ e, else 0.4·Fr + Y·Fa.
 */
public final class RollingLife {
    private static final double EXPONENT = 10.0 / 3;

    private RollingLife() {}

    /**
     * Equivalent load (N).
     *
     * @param radial radial load Fr (N), positive
     * @param axial axial load Fa (N), not negative
     * @param e limit of the load ratio
     * @param y thrust factor Y
     */
    public static double equivalent(double radial, double axial, double e, double y) {
        return axial <= e * radial ? radial : 0.4 * radial + y * axial;
    }

    /**
     * Basic rating life L10 (million turns): nine of ten bearings reach it.
     *
     * @param dynamic basic dynamic load rating C (N)
     * @param equivalent equivalent load P (N), positive
     */
    public static double millionTurns(double dynamic, double equivalent) {
        return Math.pow(dynamic / equivalent, EXPONENT);
    }

    /**
     * Factor a1 for other shares of survival (ISO 281:2007, table 12).
     *
     * @param percent 90, 95, 96, 97, 98 or 99
     * @throws IllegalArgumentException for any other share
     */
    public static double factor(int percent) {
        return switch (percent) {
            case 90 -> 1;
            case 95 -> 0.64;
            case 96 -> 0.55;
            case 97 -> 0.47;
            case 98 -> 0.37;
            case 99 -> 0.25;
            default ->
                throw new IllegalArgumentException(
                        "ISO 281 gives a1 for 90, 95, 96, 97, 98 and 99 %, not " + percent + " %.");
        };
    }

    /**
     * Road to L10 (km).
     *
     * @param millionTurns life (million turns)
     * @param tyreDiameter outside diameter of the tyre (mm)
     */
    public static double road(double millionTurns, double tyreDiameter) {
        return millionTurns * Math.PI * tyreDiameter; // 1e6 turns · mm = 1 km·(1e6/1e6)
    }
}
