package itrova.core.fit;

import itrova.core.quantity.Measured;

/**
 * One requirement of a check with its margin.
 *
 * @param name what is required
 * @param margin available minus required, in the check's unit
 */
public record Requirement(String name, Measured margin) {
    /** What is left of the margin after its doubt. */
    double left() {
        return margin.value() - margin.expanded();
    }
}
