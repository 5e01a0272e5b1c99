package itrova.core.finding;

import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;

/**
 * One requirement of a check with its margin.
 *
 * @param name what is required
 * @param margin available minus required, in the check's unit; what it proves to fit, fits
 * @param atBest the same where what is not known is taken to its advantage, as metal between two readings; what it proves not to fit,
 *     does not
 */
public record Requirement(Phrase name, Measured margin, Measured atBest) {
    /** A requirement of which all is known that its doubt does not cover. */
    public Requirement(Phrase name, Measured margin) {
        this(name, margin, margin);
    }

    /** Whether it is proven not to be met. */
    public boolean isProvenNot() {
        return atBest.value() + atBest.expanded() < 0;
    }

    /** What is left of the margin after its doubt. */
    public double left() {
        return margin.value() - margin.expanded();
    }
}
