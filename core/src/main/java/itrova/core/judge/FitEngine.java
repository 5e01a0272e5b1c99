package itrova.core.judge;

import itrova.core.check.clearance.WeldAngle;
import itrova.core.clearance.WheelProfile;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.placed.KitOnSide;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

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
        Matcher judging = Matcher.of(axle, settings);
        return judging.quick(kits).parallelStream()
                .map(judging::finish)
                .sorted(KitReport.BEST_FIRST)
                .toList();
    }

    /**
     * The best of a very large catalogue, each reported in full. A kit that one check rules out for good is judged no further.
     *
     * @param max how many are wanted
     */
    public static List<KitReport> top(AxleCase axle, List<Kit> kits, int max, ShopSettings settings) {
        Sides sides = Sides.of(axle, settings);
        Map<Verdict, List<Kit>> byBest = kits.parallelStream()
                .filter(k -> axle.suits(k) && !sides.isHopeless(k))
                .collect(Collectors.groupingByConcurrent(sides::atBest));
        List<Ranked> ranked = new ArrayList<>();
        for (Verdict best : Verdict.values()) {
            // those left are no better than this: enough better ones, and none of them is looked at
            if (ranked.stream()
                            .filter(r -> r.rank().verdict().compareTo(best) < 0)
                            .count()
                    >= max) {
                break;
            }
            ranked.addAll(byBest.getOrDefault(best, List.of()).parallelStream()
                    .map(k -> new Ranked(k, sides.report(k, Checks.QUICK).rank()))
                    .toList());
        }
        return ranked.stream()
                .sorted(Comparator.comparing(Ranked::rank))
                .limit(max)
                .parallel()
                .map(r -> sides.report(r.kit(), Checks.ALL))
                .sorted(KitReport.BEST_FIRST)
                .toList();
    }

    /** A kit by where it stands: the reports of all survivors at once would fill the memory. */
    private record Ranked(Kit kit, Rank rank) {}

    /** Findings of one kit on one end as it is, no work thought of and without the sweep of lock and travel. */
    public static List<Finding> asFound(
            AxleEnd end, WheelProfile wheel, Optional<AxleLoad> load, Kit kit, ShopSettings settings) {
        return Checks.judge(Checks.QUICK, new KitOnSide(end, wheel, load, kit, settings, WeldAngle::near));
    }

    /** Judges one kit on every side given, by every check. */
    public static KitReport report(AxleCase axle, Kit kit, ShopSettings settings) {
        return Sides.of(axle, settings).report(kit, Checks.ALL);
    }

    /** Judges one kit on every side given, by every check, with the work picked. */
    public static KitReport report(AxleCase axle, Kit kit, ShopSettings settings, WorkPicks picks) {
        return Sides.of(axle, settings).report(kit, Checks.ALL, picks);
    }

    /** Judges one kit on every side given, without the sweep of lock and travel. */
    public static KitReport quickReport(AxleCase axle, Kit kit, ShopSettings settings) {
        return Sides.of(axle, settings).report(kit, Checks.QUICK);
    }
}
