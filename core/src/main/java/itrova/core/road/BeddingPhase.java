package itrova.core.road;

import itrova.core.phrase.Phrase;

/**
 * Like stops one after the other.
 *
 * @param title what they are
 * @param stops how many
 * @param from speed each begins at (km/h)
 * @param to speed each ends at (km/h); 0 to a stand
 * @param pause time driven without braking after each (s)
 */
public record BeddingPhase(Phrase title, int stops, double from, double to, double pause) {
    private static final int MOST_STOPS = 60;
    private static final double FASTEST = 130;
    private static final double LONGEST = 3600;

    /** @throws IllegalArgumentException naming what makes no sense, and the remedy */
    public BeddingPhase {
        if (stops < 1 || stops > MOST_STOPS) {
            throw new IllegalArgumentException(
                    stops + " stops are outside 1 to " + MOST_STOPS + ". Write how many the pads' papers want.");
        }
        if (!(from > to && to >= 0 && from <= FASTEST)) {
            throw new IllegalArgumentException("From " + Math.round(from) + " to " + Math.round(to)
                    + " km/h is no stop: from is the faster one, 130 km/h (80 mph) at most, to is 0 or more.");
        }
        if (!(pause >= 0 && pause <= LONGEST)) {
            throw new IllegalArgumentException(
                    "A pause of " + Math.round(pause) + " s is outside 0 to 3600 s. Write the cooling time.");
        }
    }
}
