package itrova.core.stopping;

/**
 * One brake's ring as a lump of iron that takes heat and gives it to the air.
 *
 * @param mass of the ring that warms (kg)
 * @param capacity specific heat (J/(kg·K)); 460 to 500 for cast iron
 * @param timeConstant time in which the excess over the air falls to 1/e (s)
 */
public record BrakeHeat(double mass, double capacity, double timeConstant) {
    /** @throws IllegalArgumentException if a figure is not more than 0 */
    public BrakeHeat {
        if (!(mass > 0 && capacity > 0 && timeConstant > 0)) {
            throw new IllegalArgumentException("Mass, specific heat and time constant are more than 0.");
        }
    }

    /** Rise by an amount of heat at once (K). */
    public double rise(double joules) {
        return joules / (mass * capacity);
    }

    /** Temperature after cooling for a time (°C): Newton's law. */
    public double cooled(double from, double air, double seconds) {
        return air + (from - air) * Math.exp(-seconds / timeConstant);
    }

    /**
     * Temperature after several like stops (°C), the last one's heat just in.
     *
     * @param joules heat of one stop in this brake
     * @param pause time from stop to stop (s)
     */
    public double afterStops(double start, double air, double joules, double pause, int stops) {
        double at = start;
        for (int i = 0; i < stops; i++) {
            at = (i == 0 ? at : cooled(at, air, pause)) + rise(joules);
        }
        return at;
    }

    /**
     * Temperature at the end of a descent with constant power in this brake (°C).
     *
     * @param watts heat flow into it
     */
    public double afterDescent(double start, double air, double watts, double seconds) {
        double steady = air + watts * timeConstant / (mass * capacity);
        return steady + (start - steady) * Math.exp(-seconds / timeConstant);
    }

    /** Energy of a mass (kg) from a speed to a stop (J), turning parts counted by a factor. */
    public static double energy(double mass, double speed, double turning) {
        return turning * mass * speed * speed / 2;
    }
}
