package itrova.core.check.clearance;

import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.SectionGap;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The least gap between caliper and wheel at one state of the pads' wear, as the section draws it.
 *
 * @param check to the barrel or to the spokes
 * @param gap the gap there
 * @param required what it wants, weights, deflection and run-out in it (mm, with the weights' doubt)
 * @param verdict what the gap proves at that wear; never more than the check over the whole wear proves against it
 */
public record GapAtWear(CheckId check, SectionGap gap, Measured required, Verdict verdict) {
    /**
     * The gaps to barrel and spokes that are known.
     *
     * @param wear share of the wear, 0 new to 1 worn out
     * @param findings what was found about the kit on this side
     */
    public static List<GapAtWear> of(
            AxleEnd end, CaliperInWheel placed, ShopSettings settings, double wear, List<Finding> findings) {
        Measured base = Measured.exact(settings.of(Limit.TURNING_GAP) + settings.turningDeduction());
        List<GapAtWear> gaps = new ArrayList<>();
        // weights nobody measured leave the gap to the barrel open
        Optional<Measured> weights = end.length(Callout.WHEEL_WEIGHTS);
        placed.toBarrelAt(wear)
                .ifPresent(g -> gaps.add(gap(
                        CheckId.BARREL,
                        g,
                        base.plus(weights.orElse(Measured.exact(0))),
                        weights.isPresent(),
                        findings)));
        placed.toSpokesAt(wear).ifPresent(g -> gaps.add(gap(CheckId.SPOKES, g, base, true, findings)));
        return gaps;
    }

    private static GapAtWear gap(
            CheckId check, SectionGap gap, Measured required, boolean isRequiredKnown, List<Finding> findings) {
        Measured margin = gap.size().minus(required);
        // between two readings the nearer one alone proves no misfit: only the check knows both walls
        boolean isMisfitProven = findings.stream()
                .filter(f -> f.check() == check)
                .anyMatch(f -> f.verdict() == Verdict.DOES_NOT_FIT || f.verdict() == Verdict.FITS_WITH_WORK);
        Verdict verdict = Verdict.NOT_PROVEN;
        if (margin.value() - margin.expanded() >= 0 && isRequiredKnown) {
            verdict = Verdict.FITS;
        } else if (margin.value() + margin.expanded() < 0 && isMisfitProven) {
            verdict = Verdict.DOES_NOT_FIT;
        }
        return new GapAtWear(check, gap, required, verdict);
    }
}
