package itrova.core.judge;

import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import java.util.List;
import java.util.function.Function;

/**
 * Judges a large catalogue against one axle in two steps: all kits by what is quick, then, one by one and as far as wanted, the
 * survivors lock to lock and over the travel. What the first step proves is proven only that far.
 */
public final class Matcher {
    private final AxleCase axle;
    private final Sides sides;

    private Matcher(AxleCase axle, Sides sides) {
        this.axle = axle;
        this.sides = sides;
    }

    /** Matcher against an axle under a shop's limits. */
    public static Matcher of(AxleCase axle, ShopSettings settings) {
        return new Matcher(axle, Sides.of(axle, settings));
    }

    /** The kits made for this kind of axle end, judged without lock and travel, best first. */
    public List<KitReport> quick(List<Kit> kits) {
        return kits.parallelStream()
                .filter(k -> axle.suits(k))
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
                .filter(k -> axle.suits(k))
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
                .filter(k -> axle.suits(k) && !sides.isHopeless(k))
                .anyMatch(k -> sides.report(k, Checks.QUICK).verdict().isProven()
                        && sides.report(k, Checks.ALL).verdict().isProven());
    }
}
