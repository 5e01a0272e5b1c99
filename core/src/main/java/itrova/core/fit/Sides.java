package itrova.core.fit;

import itrova.core.clearance.WheelProfile;
import itrova.core.kit.Kit;
import java.util.ArrayList;
import java.util.List;

/** The sides of an axle with what all kits share there. */
record Sides(AxleCase axle, List<WheelProfile> wheels, List<Dear> dear, ShopSettings settings) {
    static Sides of(AxleCase axle, ShopSettings settings) {
        return new Sides(
                axle,
                FitEngine.wheels(axle),
                axle.ends().stream().map(e -> Dear.empty()).toList(),
                settings);
    }

    private FitCase side(int i, Kit kit) {
        return FitCase.of(axle, i, wheels.get(i), kit, settings, dear.get(i).forAnotherKit());
    }

    /** Both sides with a kit whose bracket, if it is welded on, is set to one angle for all checks. */
    private List<FitCase> settled(Kit kit, List<Check> checks) {
        List<FitCase> sides = new ArrayList<>();
        for (int i = 0; i < wheels.size(); i++) {
            sides.add(side(i, kit));
        }
        Kit set = WeldAngle.settled(kit, sides, checks);
        return set == kit ? sides : sides.stream().map(c -> c.withKit(set)).toList();
    }

    KitReport report(Kit kit, List<Check> checks) {
        List<Finding> findings = new ArrayList<>();
        List<FitCase> sides = settled(kit, checks);
        for (FitCase side : sides) {
            findings.addAll(Mending.usual(checks, side).findings());
        }
        return KitReport.of(sides.get(0).kit(), findings);
    }

    /** Whether a check that costs little is proven not to fit and nothing can mend it. */
    boolean isHopeless(Kit kit) {
        for (int i = 0; i < wheels.size(); i++) {
            FitCase c = side(i, kit);
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
            FitCase c = side(i, kit);
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
