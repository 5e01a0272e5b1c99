package itrova.core.fit;

import itrova.core.clearance.WheelProfile;
import itrova.core.kit.Kit;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;

/**
 * Judges kits against an axle.
 *
 * <p>"Fits with work" is given only where the misfit is proven as found and all checks, recomputed with the worked
 * dimensions, are as good as before and the mended one is proven. What is not proven as found stays so.
 */
public final class FitEngine {
    private FitEngine() {}

    /**
     * Judges the kits made for this kind of axle end, best first; kits for other kinds are left out. Lock to lock and over the
     * travel only what nothing quicker rules out is looked at.
     */
    public static List<KitReport> match(AxleCase axle, List<Kit> kits, ShopSettings settings) {
        List<WheelProfile> wheels = wheels(axle);
        return kits.parallelStream()
                .filter(k -> suits(axle, k))
                .map(k -> matched(axle, wheels, k, settings))
                .sorted(KitReport.BEST_FIRST)
                .toList();
    }

    /** Whether a kit is made for the kind of every end. */
    static boolean suits(AxleCase axle, Kit kit) {
        return axle.ends().stream().allMatch(e -> kit.fits().contains(e.kind()));
    }

    private static KitReport matched(AxleCase axle, List<WheelProfile> wheels, Kit kit, ShopSettings settings) {
        KitReport quick = report(axle, wheels, kit, settings, Checks.QUICK);
        return quick.verdict() == Verdict.DOES_NOT_FIT ? quick : report(axle, wheels, kit, settings, Checks.ALL);
    }

    /** Findings of one kit on one end as it is, no work thought of and without the sweep of lock and travel. */
    public static List<Finding> asFound(
            AxleEnd end, WheelProfile wheel, Optional<AxleLoad> load, Kit kit, ShopSettings settings) {
        return Checks.judge(Checks.QUICK, new FitCase(end, wheel, load, kit, settings));
    }

    /** Judges one kit on every side given, by every check. */
    public static KitReport report(AxleCase axle, Kit kit, ShopSettings settings) {
        return report(axle, wheels(axle), kit, settings, Checks.ALL);
    }

    /** Judges one kit on every side given, without the sweep of lock and travel. */
    public static KitReport quickReport(AxleCase axle, Kit kit, ShopSettings settings) {
        return report(axle, wheels(axle), kit, settings, Checks.QUICK);
    }

    static List<WheelProfile> wheels(AxleCase axle) {
        return axle.ends().stream().map(WheelProfile::of).toList();
    }

    static KitReport report(
            AxleCase axle, List<WheelProfile> wheels, Kit kit, ShopSettings settings, List<Check> checks) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < wheels.size(); i++) {
            FitCase side = FitCase.of(axle, i, wheels.get(i), kit, settings, new HashMap<>());
            findings.addAll(Mending.usual(checks, side).findings());
        }
        return KitReport.of(kit, findings);
    }
}
