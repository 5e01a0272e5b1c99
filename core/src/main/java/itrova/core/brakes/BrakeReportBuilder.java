package itrova.core.brakes;

import itrova.core.brakes.BrakeReport.Depth;
import itrova.core.brakes.Reckoning.Result;
import itrova.core.brakes.Reckoning.Values;
import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/** Figures and findings of one circuit while they are worked out. */
final class BrakeReportBuilder {
    final BrakeCircuit circuit;
    private final Reckoning reckoning;
    private final Reckoning middles;
    private final boolean isWhole;
    private final List<BrakeFigure> figures = new ArrayList<>();
    private final List<BrakeFinding> findings = new ArrayList<>();

    BrakeReportBuilder(BrakeCircuit circuit, Depth depth) {
        this.circuit = circuit;
        this.isWhole = depth == Depth.WHOLE;
        this.middles = new Reckoning(circuit, false);
        this.reckoning = depth == Depth.MIDDLE ? middles : new Reckoning(circuit);
    }

    /** Whether figures and what would mend a finding are wanted. */
    boolean isWhole() {
        return isWhole;
    }

    BrakeReport report() {
        return new BrakeReport(figures, findings);
    }

    boolean isEmpty() {
        return findings.isEmpty();
    }

    void figure(BrakeFigureKind kind, ToDoubleFunction<Values> f) {
        if (!isWhole) {
            return;
        }
        Result r = reckoning.of(f);
        figures.add(new BrakeFigure(kind, r.value().filter(m -> Double.isFinite(m.value())), r.missing(), r.assumed()));
    }

    /** Whether a margin fits by its doubt. Its middle alone is some forty times quicker, and decides where it falls short already. */
    boolean isProven(ToDoubleFunction<Values> margin) {
        return middle(margin).orElse(-1.0) >= 0
                && reckoning
                        .of(margin)
                        .value()
                        .filter(m -> verdict(m) == Verdict.FITS)
                        .isPresent();
    }

    /** The middle of a figure; absent where something is missing or no number comes of it. */
    Optional<Double> middle(ToDoubleFunction<Values> figure) {
        return middles.of(figure).value().map(Measured::value);
    }

    BrakeFinding judge(BrakeCheck check, String unit, ToDoubleFunction<Values> margin, String words, String source) {
        return judge(check, check.isCritical(), unit, margin, Phrase.of(words), source);
    }

    BrakeFinding judge(
            BrakeCheck check,
            boolean isCritical,
            String unit,
            ToDoubleFunction<Values> margin,
            Phrase why,
            String source) {
        Result r = reckoning.of(margin);
        Verdict verdict = r.value().map(BrakeReportBuilder::verdict).orElse(Verdict.NOT_PROVEN);
        BrakeFinding finding = new BrakeFinding(
                check,
                isCritical,
                verdict,
                r.value().filter(m -> Double.isFinite(m.value())),
                unit,
                why,
                next(verdict, r),
                r.missing(),
                r.assumed(),
                source);
        findings.add(finding);
        return finding;
    }

    /** Says of the last finding something else to do. */
    void next(Phrase other) {
        findings.set(findings.size() - 1, findings.get(findings.size() - 1).withNext(other));
    }

    void told(BrakeCheck check, Verdict verdict, Phrase why, Phrase next, String source) {
        told(check, check.isCritical(), verdict, why, next, source);
    }

    void told(BrakeCheck check, boolean isCritical, Verdict verdict, Phrase why, Phrase next, String source) {
        findings.add(new BrakeFinding(
                check, isCritical, verdict, Optional.empty(), "", why, next, Set.of(), Set.of(), source));
    }

    private static Verdict verdict(Measured margin) {
        double doubt = margin.expanded();
        return margin.value() - doubt >= 0
                ? Verdict.FITS
                : margin.value() + doubt < 0 ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN;
    }

    private static Phrase next(Verdict verdict, Result r) {
        if (!r.missing().isEmpty()) {
            return Phrase.of(
                    "brakes.wanted",
                    Phrase.joined(
                            "; ",
                            r.missing().stream()
                                    .sorted(Comparator.comparing(QuantityAt::id))
                                    .map(at -> Phrase.of(
                                            "brakes.wanted-one",
                                            at.words(),
                                            at.quantity().howTo()))
                                    .toList()));
        }
        if (verdict == Verdict.FITS) {
            return Phrase.of("brakes.nothing-to-do");
        }
        if (r.value().isEmpty()) {
            return Phrase.of("brakes.no-number-comes");
        }
        Optional<QuantityAt> most = BrakeFigure.mostDoubtful(r.value());
        return verdict == Verdict.NOT_PROVEN && most.isPresent()
                ? Phrase.of(
                        "brakes.most-doubt",
                        most.get().words(),
                        most.get().quantity().howTo())
                : Phrase.of("brakes.change-the-plan");
    }
}
