package itrova.core.stopping;

/** Distances to a stop. Speeds in km/h where the published formulas have them so. */
public final class StoppingDistance {
    private StoppingDistance() {}

    /** From a speed (m/s) at a constant deceleration (m/s²): v²/2a (m). */
    public static double constant(double speed, double deceleration) {
        return speed * speed / (2 * deceleration);
    }

    /** Most for a passenger car, FMVSS 135 S7.5 and ECE R13-H annex 3, type 0 with engine disconnected: 0.1·V + 0.0060·V² (m). */
    public static double passengerCar(double kmh) {
        return 0.1 * kmh + 0.0060 * kmh * kmh;
    }

    /** Most for goods vehicles, ECE R13 annex 4, type 0 (categories N, from memory): 0.15·V + V²/130 (m). */
    public static double goodsVehicle(double kmh) {
        return 0.15 * kmh + kmh * kmh / 130;
    }
}
