package itrova.core.settings;

/**
 * What a kind of work takes on one side.
 *
 * @param who who does it
 * @param minutes own time (min)
 * @param cents price when given out or bought (cents)
 * @param days working days until it is done or there
 */
public record WorkTerms(String who, int minutes, long cents, int days) {
    /** @throws IllegalArgumentException naming the figure out of bounds */
    public WorkTerms {
        if (who.isBlank() || who.length() > 120) {
            throw new IllegalArgumentException("Say who does it, in at most 120 characters.");
        }
        if (minutes < 0 || minutes > 6000) {
            throw new IllegalArgumentException("Own time lies between 0 and 6000 min, not " + minutes + ".");
        }
        if (cents < 0 || cents > 10_000_000) {
            throw new IllegalArgumentException("A price lies between 0.00 and 100000.00, not " + cents / 100.0 + ".");
        }
        if (days < 0 || days > 365) {
            throw new IllegalArgumentException("It takes 0 to 365 working days, not " + days + ".");
        }
    }
}
