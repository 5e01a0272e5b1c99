package itrova.core.judge;

import itrova.core.check.Check;
import itrova.core.check.clearance.WeldAngle;
import itrova.core.clearance.WheelProfile;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.placed.KitOnSide;
import itrova.core.placed.SharedResults;
import itrova.core.settings.ShopSettings;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The sides of an axle with what all kits share there. */
record Sides(AxleCase axle, List<WheelProfile> wheels, List<SharedResults> shared, ShopSettings settings) {
    static Sides of(AxleCase axle, ShopSettings settings) {
        return new Sides(
                axle,
                axle.profiles(),
                axle.ends().stream().map(e -> SharedResults.empty()).toList(),
                settings);
    }

    private KitOnSide side(int i, Kit kit) {
        return KitOnSide.of(axle, i, wheels.get(i), kit, settings, shared.get(i).forAnotherKit(), WeldAngle::near);
    }

    /** Both sides with a kit whose bracket, if it is welded on, is set to one angle for all checks. */
    private List<KitOnSide> settled(Kit kit, List<Check> checks) {
        List<KitOnSide> sides = new ArrayList<>();
        for (int i = 0; i < wheels.size(); i++) {
            sides.add(side(i, kit));
        }
        Kit set = WeldAngle.settled(kit, sides, checks);
        return set == kit ? sides : sides.stream().map(c -> c.withKit(set)).toList();
    }

    KitReport report(Kit kit, List<Check> checks) {
        return report(kit, checks, WorkPicks.USUAL);
    }

    KitReport report(Kit kit, List<Check> checks, WorkPicks picks) {
        List<Finding> findings = new ArrayList<>();
        List<KitOnSide> sides = settled(kit, checks);
        for (KitOnSide side : sides) {
            findings.addAll(Mending.choosing(
                            checks,
                            side,
                            (check, allowed) -> picks.taken(side.end().side(), check, allowed),
                            Set.of())
                    .findings());
        }
        return KitReport.of(sides.get(0).kit(), findings);
    }

    /** Whether a check that costs little is proven not to fit and nothing can mend it. */
    boolean isHopeless(Kit kit) {
        for (int i = 0; i < wheels.size(); i++) {
            KitOnSide c = side(i, kit);
            for (Check check : Checks.NARROWING) {
                boolean misfit = check.appliesTo(c) && check.judge(c).verdict() == Verdict.DOES_NOT_FIT;
                if (misfit && check.remedies(c).stream().allMatch(o -> o.work().isEmpty())) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The best verdict a kit can still have, by the first critical finding that is not proven to fit as found. */
    Verdict atBest(Kit kit) {
        for (int i = 0; i < wheels.size(); i++) {
            KitOnSide c = side(i, kit);
            for (Check check : Checks.CRITICAL) {
                if (check.appliesTo(c)) {
                    switch (check.judge(c).verdict()) {
                        case DOES_NOT_FIT -> {
                            return Verdict.FITS_WITH_WORK;
                        }
                        case NOT_PROVEN -> {
                            return Verdict.NOT_PROVEN;
                        }
                        default -> {
                            // proven so far
                        }
                    }
                }
            }
        }
        return Verdict.FITS;
    }
}
