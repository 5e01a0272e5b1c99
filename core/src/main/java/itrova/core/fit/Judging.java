package itrova.core.fit;

import itrova.core.kit.Kit;
import java.util.List;
import java.util.function.Function;

/**
 * Judges a large catalogue against one axle in two steps: all kits by what is quick, then, one by one and as far as wanted, the
 * survivors lock to lock and over the travel. What the first step proves is proven only that far.
 */
public final class Judging {
    private final AxleCase axle;
    private final Sides sides;

    private Judging(AxleCase axle, Sides sides) {
        this.axle = axle;
        this.sides = sides;
    }

    /** Judging against an axle under a shop's limits. */
    public static Judging of(AxleCase axle, ShopSettings settings) {
        return new Judging(axle, Sides.of(axle, settings));
    }

    /** The kits made for this kind of axle end, judged without lock and travel, best first. */
    public List<KitReport> quick(List<Kit> kits) {
        return kits.parallelStream()
                .filter(k -> FitEngine.suits(axle, k))
                .map(k -> sides.report(k, Checks.QUICK))
                .sorted(KitReport.BEST_FIRST)
                .toList();
    }

    /**
     * Judges quickly, keeping of each report only what is made of it: the reports of ten thousand kits take a quarter of a gigabyte.
     * In the order of the kits.
     */
    public <T> List<T> quick(List<Kit> kits, Function<KitReport, T> kept) {
        return kits.parallelStream()
                .filter(k -> FitEngine.suits(axle, k))
                .map(k -> kept.apply(sides.report(k, Checks.QUICK)))
                .toList();
    }

    /** Whether a kit judged quickly is still to be looked at lock to lock and over the travel. */
    public static boolean isUnfinished(KitReport quick) {
        return quick.verdict() != Verdict.DOES_NOT_FIT;
    }

    /** The whole report of a kit judged quickly. */
    public KitReport finish(KitReport quick) {
        return isUnfinished(quick) ? whole(quick.kit()) : quick;
    }

    /** A kit judged by every check. */
    public KitReport whole(Kit kit) {
        return sides.report(kit, Checks.ALL);
    }

    /** Whether any kit is proven to fit, as found or with work; stops at the first. */
    public boolean provesAny(List<Kit> kits) {
        return kits.parallelStream()
                .filter(k -> FitEngine.suits(axle, k) && !sides.isHopeless(k))
                .anyMatch(k -> sides.report(k, Checks.QUICK).verdict().isProven()
                        && sides.report(k, Checks.ALL).verdict().isProven());
    }
}
