package itrova.core.road;

/**
 * A stop measured on the road.
 *
 * @param speed when the pedal was touched (m/s)
 * @param distance from there to the stand (m)
 */
public record StopRun(double speed, double distance) {
    private static final double SLOWEST = 15 / 3.6;
    private static final double FASTEST = 90 / 3.6;
    /** Beyond it no tyre on a road brakes (m/s²). */
    private static final double HARDEST = 12;

    private static final double SOFTEST = 0.5;

    /** @throws IllegalArgumentException naming what makes no sense, and the remedy */
    public StopRun {
        if (!(speed >= SLOWEST && speed <= FASTEST)) {
            throw new IllegalArgumentException("A stop is tried from 15 to 90 km/h (10 to 55 mph), not from "
                    + Math.round(speed * 3.6) + " km/h. Read the speed at which the pedal was touched.");
        }
        if (!(distance > 0)) {
            throw new IllegalArgumentException("A stop has a distance of more than 0. Tape it from the mark.");
        }
        double deceleration = speed * speed / (2 * distance);
        if (deceleration > HARDEST || deceleration < SOFTEST) {
            throw new IllegalArgumentException(String.format(
                    java.util.Locale.ROOT,
                    "%.0f km/h in %.1f m is %.1f m/s²: no stop of a vehicle on a road. Check speed, distance and their units.",
                    speed * 3.6,
                    distance,
                    deceleration));
        }
    }

    /** Mean deceleration over the distance: v²/2s (m/s²). */
    public double deceleration() {
        return speed * speed / (2 * distance);
    }
}
