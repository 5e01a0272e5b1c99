package itrova.core.check;

import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.SectionGap;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Requirement;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Requires gaps to a wheel that was read here and there.
 *
 * <p>Through the nearer of two readings it is proven to clear, through the further one proven not to; where neither is, what lies
 * between them is to be read.
 */
public record BetweenReadings(CaliperInWheel placed, FindingBuilder ruling) {
    /**
     * Requires a gap.
     *
     * @param profile the profile it is counted to
     * @param near the least gap where the nearer reading counts; absent if it is not known
     * @param far the least gap where the further reading counts; looked for only where the near one does not clear
     * @param taken what is taken off the gap (mm)
     */
    public void require(
            Phrase name,
            Callout profile,
            Optional<SectionGap> near,
            Supplier<Optional<SectionGap>> far,
            Measured taken) {
        if (near.isEmpty()) {
            return;
        }
        Measured margin = near.get().size().minus(taken);
        if (margin.value() - margin.expanded() >= 0) {
            ruling.require(name, margin);
            return;
        }
        Measured atBest = far.get().map(g -> g.size().minus(taken)).orElse(margin);
        Requirement required = new Requirement(name, margin, atBest);
        ruling.require(name, margin, atBest);
        // a reading there can settle it only where one of the two walls would, were it the true one
        boolean wouldFit = atBest.value() - atBest.expanded() >= 0;
        boolean wouldNot = margin.value() + margin.expanded() < 0;
        if ((wouldFit || wouldNot) && !required.isProvenNot()) {
            placed.between(near.get()).ifPresent(words -> ruling.missingPlace(profile, words));
        }
    }
}
