package itrova.server.match;

import itrova.core.brakes.BrakeFinding;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.KitBrakes;
import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.wording.Wording;
import java.util.List;
import java.util.Optional;

/** What the brakes of the whole vehicle, as planned, do with kits of the match table. */
public final class MatchBrakes {
    private MatchBrakes() {}

    /** A critical finding that is not proven. */
    public record OpenFindingView(String title, Verdict verdict, String next) {}

    /**
     * The brakes with one kit.
     *
     * @param open critical findings not proven, or proven not
     */
    public record BrakesWithKit(String code, Verdict verdict, List<OpenFindingView> open) {}

    /** The brakes with each kit; empty where nothing can be said of the plan. */
    static List<BrakesWithKit> of(KitBrakes brakes, List<Kit> kits, Wording wording) {
        return kits.stream()
                .flatMap(kit -> brakes.with(kit).map(r -> view(kit, r, wording)).stream())
                .toList();
    }

    static Optional<BrakesWithKit> of(KitBrakes brakes, Kit kit, Wording wording) {
        return brakes.with(kit).map(r -> view(kit, r, wording));
    }

    private static BrakesWithKit view(Kit kit, BrakeReport report, Wording wording) {
        return new BrakesWithKit(
                kit.code(),
                report.verdict(),
                report.findings().stream()
                        .filter(BrakeFinding::isCritical)
                        .filter(f -> f.verdict() != Verdict.FITS)
                        .map(f -> new OpenFindingView(wording.title(f.check()), f.verdict(), wording.say(f.next())))
                        .toList());
    }
}
