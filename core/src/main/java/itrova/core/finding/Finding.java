package itrova.core.finding;

import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What a check found on one side.
 *
 * @param check the check
 * @param side the side
 * @param verdict its outcome, after the guard band
 * @param margin available minus required with its doubt, in {@code unit}; absent when an input is missing
 * @param unit unit of the margin
 * @param requirements all requirements that could be judged, each with its margin
 * @param missing readings without which it, or the work that may mend it, cannot be judged
 * @param missingInWords what else is missing, in words
 * @param explanation answer to "why?", worked out when asked for
 * @param work the work that was proven to mend it, when the verdict says so
 * @param refused why the usual work is not allowed here, if it is not
 * @param worked the margin after the work
 */
public record Finding(
        CheckId check,
        Side side,
        Verdict verdict,
        Optional<Measured> margin,
        String unit,
        List<Requirement> requirements,
        List<Callout> missing,
        List<Phrase> missingInWords,
        Supplier<Explanation> explanation,
        Optional<Work> work,
        Optional<Phrase> refused,
        Optional<Measured> worked) {

    /** The answer to "why?". */
    public Explanation explain() {
        return explanation.get();
    }

    /** What to do next, in one sentence; empty when it fits. */
    public Phrase nextMove() {
        return NextMove.of(this);
    }

    /** Standing of the finding for ranking: (m − U)/u of the margin that counts; −∞ when it is missing. */
    public double score() {
        Optional<Measured> counts = verdict == Verdict.FITS_WITH_WORK ? worked : margin;
        if (counts.isEmpty()) {
            // Right or wrong without a measure, such as a thread: right leaves any margin, the rest none.
            return verdict.isProven() ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
        }
        Measured m = counts.get();
        double left = m.value() - m.expanded();
        double u = m.u();
        if (u > 0) {
            return left / u;
        }
        return left >= 0 ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
    }

    public Finding mendedBy(Work done, Optional<Measured> after) {
        return new Finding(
                check,
                side,
                Verdict.FITS_WITH_WORK,
                margin,
                unit,
                requirements,
                missing,
                missingInWords,
                explanation,
                Optional.of(done),
                Optional.empty(),
                after);
    }

    /** Whether it is proven not to fit as found, but work may mend it once more is read. */
    public boolean isWorkOpen() {
        return verdict == Verdict.DOES_NOT_FIT && refused.isPresent() && !missing.isEmpty();
    }

    public Finding refusing(Phrase reason, List<Callout> wanted) {
        return new Finding(
                check,
                side,
                verdict,
                margin,
                unit,
                requirements,
                wanted,
                missingInWords,
                explanation,
                Optional.empty(),
                Optional.of(reason),
                Optional.empty());
    }
}
