package itrova.core.choice;

import itrova.core.brakes.BrakeCheck;
import itrova.core.brakes.BrakeFinding;
import itrova.core.brakes.BrakeReport;
import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import java.util.List;

/**
 * A verdict about the vehicle's brakes that was signed or ordered by and is worse now.
 *
 * @param check the check
 * @param was the verdict then
 * @param now the verdict now
 */
public record BrakesOverturned(BrakeCheck check, Verdict was, Verdict now) {
    /** A verdict as it was kept. */
    public record Kept(BrakeCheck check, Verdict verdict) {}

    /** Critical findings that are worse than when they were released; of several of one check the worst counts. */
    public static List<BrakesOverturned> since(List<Kept> kept, BrakeReport report) {
        return kept.stream()
                .map(Kept::check)
                .distinct()
                .filter(check -> isCritical(report, check))
                .map(check -> new BrakesOverturned(
                        check,
                        worst(kept.stream()
                                .filter(k -> k.check() == check)
                                .map(Kept::verdict)
                                .toList()),
                        worst(report.findings().stream()
                                .filter(f -> f.check() == check)
                                .map(BrakeFinding::verdict)
                                .toList())))
                .filter(o -> o.now().compareTo(o.was()) > 0)
                .toList();
    }

    private static boolean isCritical(BrakeReport report, BrakeCheck check) {
        return report.findings().stream().anyMatch(f -> f.check() == check && f.isCritical());
    }

    private static Verdict worst(List<Verdict> verdicts) {
        return verdicts.stream().reduce(Verdict.FITS, Verdict::worst);
    }

    /** In one sentence. */
    public Phrase sentence() {
        return Phrase.of("overturned.brakes", check, was, now);
    }
}
