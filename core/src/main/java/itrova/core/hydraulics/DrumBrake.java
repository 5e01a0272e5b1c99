package itrova.core.hydraulics;

/**
 * A drum brake: two like shoes and how they hang together.
 *
 * @param kind how the shoes are arranged
 * @param shoe one shoe
 */
public record DrumBrake(Kind kind, InternalShoe shoe) {
    /** How the shoes are arranged. */
    public enum Kind {
        /** One shoe pressed on by its friction, one lifted. */
        LEADING_TRAILING,
        /** Both pressed on, each with its own cylinder. */
        TWO_LEADING,
        /** The first shoe, floating, drives the second against its anchor. */
        SERVO
    }

    /**
     * Shoe factor C*: torque over cylinder force times drum radius.
     *
     * <p>Servo: by moments about the drum's centre the floating shoe, pressed by F at the arm's end, gives Q = (F·(c − a) + T₁)/a to
     * the second, which leads about its anchor with arm 2a.
     *
     * @return infinite where the brake would lock by itself
     */
    public double factor(double friction) {
        double leading = shoe.leadingFactor(friction);
        return switch (kind) {
            case LEADING_TRAILING -> leading + shoe.trailingFactor(friction);
            case TWO_LEADING -> 2 * leading;
            case SERVO -> {
                double driven = ((shoe.arm() - shoe.pivot()) + leading * shoe.radius()) / shoe.pivot();
                InternalShoe second = new InternalShoe(
                        shoe.radius(), shoe.width(), shoe.from(), shoe.to(), shoe.pivot(), 2 * shoe.pivot());
                yield leading + second.leadingFactor(friction) * driven;
            }
        };
    }

    /** How steeply the factor grows with friction: dC*&#47;dμ, the measure of fade. */
    public double sensitivity(double friction) {
        double step = 1e-4;
        return (factor(friction + step) - factor(friction - step)) / (2 * step);
    }

    /**
     * Torque of one wheel (N·m).
     *
     * @param pressure line pressure (MPa)
     * @param threshold pressure the return springs hold off (MPa)
     * @param cylinder wheel-cylinder area (mm²)
     */
    public double torque(double pressure, double threshold, double cylinder, double friction, double efficiency) {
        return factor(friction) * Math.max(0, pressure - threshold) * cylinder * shoe.radius() * efficiency / 1000;
    }
}
