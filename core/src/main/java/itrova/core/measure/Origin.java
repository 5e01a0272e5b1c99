package itrova.core.measure;

import java.time.Instant;

/**
 * Who took a reading, and when. Two readings of one place, text and tool with the same origin are one reading, however often they
 * were written down.
 *
 * @param by name of the person; empty where nobody said
 * @param at when it was taken
 * @param isCopy whether it was taken over from another end rather than taken: it stands only until somebody measures
 */
public record Origin(String by, Instant at, boolean isCopy) {
    /** The same, as it was taken at first. */
    Origin taken() {
        return new Origin(by, at, false);
    }
}
