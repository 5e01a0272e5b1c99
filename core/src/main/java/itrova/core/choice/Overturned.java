package itrova.core.choice;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.phrase.Phrase;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A verdict that was signed or ordered by and does not hold any more.
 *
 * @param check the check
 * @param side the side
 * @param was the verdict then; absent where the check was not made
 * @param now the verdict now; absent where the check is not made any more
 */
public record Overturned(CheckId check, Side side, Optional<Verdict> was, Optional<Verdict> now) {
    /** A verdict as it was kept. */
    public record Kept(CheckId check, Side side, Verdict verdict) {}

    /** What is worse now than it was when it was released. What became better is no alarm. */
    public static List<Overturned> since(List<Kept> kept, KitReport report) {
        List<Overturned> overturned = new ArrayList<>();
        for (Finding f : report.findings()) {
            Optional<Verdict> was = kept.stream()
                    .filter(k -> k.check() == f.check() && k.side() == f.side())
                    .map(Kept::verdict)
                    .findFirst();
            boolean isWorse = f.verdict().compareTo(was.orElse(Verdict.FITS)) > 0;
            if (f.check().isCritical() && isWorse) {
                overturned.add(new Overturned(f.check(), f.side(), was, Optional.of(f.verdict())));
            }
        }
        for (Kept k : kept) {
            boolean isGone = report.findings().stream().noneMatch(f -> f.check() == k.check() && f.side() == k.side());
            if (k.check().isCritical() && isGone && k.verdict().isProven()) {
                overturned.add(new Overturned(k.check(), k.side(), Optional.of(k.verdict()), Optional.empty()));
            }
        }
        return overturned;
    }

    /** What is kept of a report. */
    public static List<Kept> keep(KitReport report) {
        return report.findings().stream()
                .map(f -> new Kept(f.check(), f.side(), f.verdict()))
                .toList();
    }

    /** In one sentence. */
    public Phrase sentence() {
        if (was.isEmpty()) {
            return Phrase.of("overturned.not-asked", check, side, now.orElseThrow());
        }
        return now.map(v -> Phrase.of("overturned.worse", check, side, was.get(), v))
                .orElseGet(() -> Phrase.of("overturned.gone", check, side, was.get()));
    }
}
