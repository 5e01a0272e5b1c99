package itrova.core.judge;

import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.remedy.Work;
import java.util.Comparator;
import java.util.List;

/**
 * Everything found about one kit.
 *
 * @param kit the kit
 * @param findings per side and check, in the order of the checks
 * @param verdict worst over all critical findings
 * @param score least (m − U)/u over all critical findings
 */
public record KitReport(Kit kit, List<Finding> findings, Verdict verdict, double score) {
    /** The report of these findings: the worst critical one decides. */
    public static KitReport of(Kit kit, List<Finding> findings) {
        Verdict verdict = Verdict.FITS;
        double score = Double.POSITIVE_INFINITY;
        for (Finding f : findings) {
            if (f.check().isCritical() || f.verdict() == Verdict.FITS_WITH_WORK) {
                verdict = verdict.worst(f.verdict());
                score = Math.min(score, f.score());
            }
        }
        return new KitReport(kit, List.copyOf(findings), verdict, score);
    }

    /** Best first, as {@link Rank} has it. */
    public static final Comparator<KitReport> BEST_FIRST = Comparator.comparing(KitReport::rank);

    /** Where the kit stands. */
    public Rank rank() {
        return new Rank(verdict, score, kit.terms().priceCents(), kit.code());
    }

    /** Whether readings could still change the verdict: something is not proven, or work cannot be judged yet. */
    public boolean isOpen() {
        return switch (verdict) {
            case FITS, FITS_WITH_WORK -> false;
            case NOT_PROVEN -> true;
            case DOES_NOT_FIT ->
                findings.stream()
                        .filter(f -> f.check().isCritical() && f.verdict() == Verdict.DOES_NOT_FIT)
                        .allMatch(Finding::isWorkOpen);
        };
    }

    /** All work that was proven to make it fit, each piece once. */
    public List<Work> works() {
        return findings.stream().flatMap(f -> f.work().stream()).distinct().toList();
    }
}
