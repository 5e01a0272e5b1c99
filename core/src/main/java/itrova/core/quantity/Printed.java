package itrova.core.quantity;

import java.util.Optional;

/**
 * A measure as papers print it, perhaps in two units.
 *
 * @param finer the more finely written of both
 * @param other the other, where there are two
 * @param apart how far they lie apart beyond what their writing explains, in the SI unit; 0 where they are one measure
 */
public record Printed(Understood finer, Optional<Understood> other, double apart) {
    /** How far the two lie apart at all, in the SI unit; 0 where there is one. What is judged more finely than either is written doubts by that. */
    public double between() {
        return other.map(o -> Math.abs(o.si() - finer.si())).orElse(0.0);
    }
}
