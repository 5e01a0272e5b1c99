package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import java.util.Optional;
import java.util.Set;

/**
 * One thing judged of a vehicle's brakes.
 *
 * @param check what
 * @param isCritical whether the vehicle may not go out before it is proven
 * @param verdict proven, proven not, or not proven
 * @param margin what is left beyond what is wanted; absent where something is missing or it is no number
 * @param unit of the margin
 * @param why in words
 * @param next what to do
 * @param missing quantities that must be read or told first
 * @param assumed quantities taken from the table of usual values
 * @param source of the requirement
 */
public record BrakeFinding(
        BrakeCheck check,
        boolean isCritical,
        Verdict verdict,
        Optional<Measured> margin,
        String unit,
        Phrase why,
        Phrase next,
        Set<QuantityAt> missing,
        Set<QuantityAt> assumed,
        String source) {
    /** The same with something else to do next. */
    BrakeFinding withNext(Phrase other) {
        return new BrakeFinding(check, isCritical, verdict, margin, unit, why, other, missing, assumed, source);
    }
}
