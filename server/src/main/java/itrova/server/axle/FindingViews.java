package itrova.server.axle;

import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Findings and work as they are sent. */
public final class FindingViews {
    private FindingViews() {}

    public record InputView(String name, double value, double doubt, String unit, List<String> sources) {}

    /** One finding with the answer to "why?". */
    public record FindingView(
            CheckId check,
            String title,
            boolean critical,
            Side side,
            Verdict verdict,
            @Nullable Double margin,
            @Nullable Double doubt,
            String unit,
            String why,
            String formula,
            List<InputView> inputs,
            String source,
            String nextMove,
            @Nullable WorkView work,
            @Nullable Double workedMargin,
            @Nullable Double workedDoubt) {}

    public record WorkView(
            String title,
            String sentence,
            String who,
            int minutes,
            long cents,
            boolean reversible,
            String hold,
            String caution) {}

    public static FindingView finding(Finding f, Wording wording) {
        Explanation e = f.explain();
        return new FindingView(
                f.check(),
                wording.title(f.check()),
                f.check().isCritical(),
                f.side(),
                f.verdict(),
                f.margin().map(Measured::value).orElse(null),
                f.margin().map(Measured::expanded).orElse(null),
                f.unit(),
                wording.say(e.why()),
                e.formula(),
                e.inputs().stream()
                        .map(i -> new InputView(
                                i.name(),
                                i.value().value(),
                                i.value().expanded(),
                                i.unit(),
                                i.value().components().stream()
                                        .map(c -> c.source().id())
                                        .toList()))
                        .toList(),
                e.source(),
                wording.say(f.nextMove()),
                f.work().map(w -> work(w, wording)).orElse(null),
                f.worked().map(Measured::value).orElse(null),
                f.worked().map(Measured::expanded).orElse(null));
    }

    public static WorkView work(Work w, Wording wording) {
        return new WorkView(
                wording.title(w.kind()),
                wording.say(w.sentence()),
                w.terms().who(),
                w.terms().minutes(),
                w.terms().cents(),
                w.kind().isReversible(),
                wording.say(w.kind().hold()),
                wording.say(w.kind().caution()));
    }
}
