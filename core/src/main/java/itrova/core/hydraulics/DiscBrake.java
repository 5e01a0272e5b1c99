package itrova.core.hydraulics;

/** Torque of a disc brake. */
public final class DiscBrake {
    private DiscBrake() {}

    /**
     * Torque of one wheel: 2·μ·(p − p₀)·A·r·η.
     *
     * @param pressure line pressure (MPa)
     * @param threshold pressure at which the pads begin to press (MPa)
     * @param area area of the pistons of one side of the caliper (mm²)
     * @param friction coefficient of pad on disc
     * @param radius effective radius (mm)
     * @param efficiency share of the force that reaches the pads
     * @return (N·m); 0 below the threshold
     */
    public static double torque(
            double pressure, double threshold, double area, double friction, double radius, double efficiency) {
        return 2 * friction * Math.max(0, pressure - threshold) * area * radius * efficiency / 1000;
    }
}
