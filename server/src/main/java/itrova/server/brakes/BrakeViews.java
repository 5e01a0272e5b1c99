package itrova.server.brakes;

import itrova.core.brakes.AdhesionCurve;
import itrova.core.brakes.BrakeCheck;
import itrova.core.brakes.BrakeCircuit;
import itrova.core.brakes.BrakeFigure;
import itrova.core.brakes.BrakeFigureKind;
import itrova.core.brakes.BrakeFinding;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.DoubtShare;
import itrova.core.brakes.Load;
import itrova.core.brakes.QuantityAt;
import itrova.core.finding.Verdict;
import itrova.core.quantity.Measured;
import itrova.core.wording.Wording;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** How brakes worked out are shown. */
public final class BrakeViews {
    private static final int MOST_SHARES = 6;
    private static final double LEAST_SHARE = 0.01;

    private BrakeViews() {}

    public record BrakeFigureView(
            BrakeFigureKind id,
            String title,
            String unit,
            @Nullable Double value,
            @Nullable Double doubt,
            List<DoubtShareView> doubtFrom,
            List<String> wanted) {}

    /** What share of a doubt comes from a quantity, and how to know that one better. */
    public record DoubtShareView(String quantity, double share, boolean assumed, String howTo) {}

    public record BrakeFindingView(
            BrakeCheck check,
            String title,
            boolean critical,
            Verdict verdict,
            @Nullable Double margin,
            @Nullable Double doubt,
            List<DoubtShareView> doubtFrom,
            String unit,
            String why,
            String next,
            String source) {}

    public record AdhesionPoint(
            double z, double front, double frontDoubt, double rear, double rearDoubt, double allowed) {}

    public record AdhesionCurveView(Load load, List<AdhesionPoint> points) {}

    public record BrakeStateView(
            List<BrakeFigureView> figures,
            List<BrakeFindingView> findings,
            List<String> assumed,
            List<AdhesionCurveView> curves) {}

    static BrakeStateView state(BrakeCircuit circuit, BrakeReport report, Wording wording) {
        return new BrakeStateView(
                report.figures().stream().map(f -> view(f, circuit, wording)).toList(),
                report.findings().stream().map(f -> view(f, circuit, wording)).toList(),
                Stream.concat(
                                report.figures().stream().map(BrakeFigure::assumed),
                                report.findings().stream().map(BrakeFinding::assumed))
                        .flatMap(Collection::stream)
                        .distinct()
                        .map(at -> assumed(at, wording))
                        .sorted()
                        .toList(),
                Arrays.stream(Load.values())
                        .map(load -> view(AdhesionCurve.of(circuit, load)))
                        .toList());
    }

    private static String assumed(QuantityAt at, Wording wording) {
        BrakeQuantity q = at.quantity();
        return wording.say(at.words()) + ": " + q.defaultValue().orElseThrow() + " ± " + q.defaultHalfLimit()
                + (q.unit().isEmpty() ? "" : " " + q.unit()) + " (" + q.source() + ")";
    }

    private static BrakeFigureView view(BrakeFigure f, BrakeCircuit circuit, Wording wording) {
        return new BrakeFigureView(
                f.kind(),
                wording.title(f.kind()),
                f.kind().unit(),
                f.value().map(Measured::value).orElse(null),
                doubt(f.value()),
                shares(f.value(), circuit, wording),
                f.missing().stream().map(at -> wording.say(at.words())).sorted().toList());
    }

    private static @Nullable Double doubt(Optional<Measured> value) {
        return value.map(Measured::expanded).filter(Double::isFinite).orElse(null);
    }

    private static List<DoubtShareView> shares(Optional<Measured> value, BrakeCircuit circuit, Wording wording) {
        return value.map(DoubtShare::of).orElse(List.of()).stream()
                .filter(s -> s.share() >= LEAST_SHARE)
                .limit(MOST_SHARES)
                .map(s -> new DoubtShareView(
                        wording.say(s.at().words()),
                        s.share(),
                        circuit.isAssumed(s.at()),
                        wording.say(s.at().quantity().howTo())))
                .toList();
    }

    private static BrakeFindingView view(BrakeFinding f, BrakeCircuit circuit, Wording wording) {
        return new BrakeFindingView(
                f.check(),
                wording.title(f.check()),
                f.isCritical(),
                f.verdict(),
                f.margin().map(Measured::value).orElse(null),
                doubt(f.margin()),
                shares(f.margin(), circuit, wording),
                f.unit(),
                wording.say(f.why()),
                wording.say(f.next()),
                f.source());
    }

    private static AdhesionCurveView view(AdhesionCurve curve) {
        return new AdhesionCurveView(
                curve.load(),
                curve.points().stream()
                        .map(p -> new AdhesionPoint(
                                p.z(),
                                p.front().value(),
                                p.front().expanded(),
                                p.rear().value(),
                                p.rear().expanded(),
                                p.allowed()))
                        .toList());
    }
}
