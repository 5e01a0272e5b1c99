package itrova.core.hydraulics;

/**
 * A valve that lets the rear pressure grow more slowly above a knee.
 *
 * @param knee front pressure from which on it works (MPa)
 * @param slope rear over front above it; 1 for no valve
 */
public record ProportioningValve(double knee, double slope) {
    /** No valve: the rear has the front's pressure. */
    public static final ProportioningValve NONE = new ProportioningValve(0, 1);

    /** @throws IllegalArgumentException if the knee is negative or the slope not between 0 and 1 */
    public ProportioningValve {
        if (!(knee >= 0 && slope >= 0 && slope <= 1)) {
            throw new IllegalArgumentException("A valve's knee is at least 0 and its slope lies between 0 and 1.");
        }
    }

    /** Pressure behind it (MPa). */
    public double behind(double front) {
        return front <= knee ? front : knee + slope * (front - knee);
    }
}
