package itrova.server.brakes;

import itrova.core.brakes.AdhesionCurve;
import itrova.core.brakes.BrakeCheck;
import itrova.core.brakes.BrakeCircuit;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeFigure;
import itrova.core.brakes.BrakeFigureKind;
import itrova.core.brakes.BrakeFinding;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.CircuitSheet;
import itrova.core.brakes.Load;
import itrova.core.brakes.QuantityAt;
import itrova.core.finding.Verdict;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.quantity.Measured;
import itrova.core.wording.Wording;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.brakes.VehicleBrakes.State;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The brakes of a whole vehicle: its circuit as found and as planned, and what both do. */
@RestController
@RequestMapping("/api/jobs/{jobId}/brakes")
public class BrakesController {
    private static final int MOST_AXLES = 4;

    private final VehicleBrakes brakes;
    private final CurrentPerson me;

    BrakesController(VehicleBrakes brakes, CurrentPerson me) {
        this.brakes = brakes;
        this.me = me;
    }

    /** One axle's brakes as written down; without shoes it has discs. Figures as typed. */
    public record AxleBrakesForm(
            @NotBlank @Size(max = 60) String name,
            DrumBrake.@Nullable Kind shoes,
            @NotNull Map<BrakeQuantity, @Size(max = 60) String> figures) {}

    /** What is planned otherwise than found. */
    public record PlannedForm(
            @Nullable Booster booster,
            @Nullable Split split,
            @Nullable Residual residual,
            @Nullable Fluid fluid,
            @Nullable Parking parking,
            @NotNull Map<BrakeQuantity, @Size(max = 60) String> figures) {}

    public record CircuitForm(
            int version,
            @NotNull Split split,
            @NotNull Parking parking,
            @NotNull Map<BrakeQuantity, @Size(max = 60) String> figures,
            @NotNull @Size(max = MOST_AXLES) List<@NotNull @Valid AxleBrakesForm> axles,
            @NotNull @Valid PlannedForm planned) {}

    /** What may be told, and what is taken where nobody does. */
    public record BrakeQuantityView(
            BrakeQuantity id,
            String title,
            BrakeQuantity.Where where,
            String unit,
            @Nullable Double fromSheet,
            @Nullable Double usual,
            double usualHalfLimit,
            String source,
            String howTo) {}

    public record BrakeFigureView(
            BrakeFigureKind id,
            String title,
            String unit,
            @Nullable Double value,
            @Nullable Double doubt,
            @Nullable String mostDoubtful,
            List<String> wanted) {}

    public record BrakeFindingView(
            BrakeCheck check,
            String title,
            boolean critical,
            Verdict verdict,
            @Nullable Double margin,
            @Nullable Double doubt,
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

    public record BrakesView(
            long jobId,
            String title,
            boolean trailer,
            boolean seen,
            @Nullable String problem,
            List<String> axleNames,
            List<String> kits,
            CircuitForm circuit,
            List<BrakeQuantityView> quantities,
            @Nullable BrakeStateView before,
            @Nullable BrakeStateView after) {}

    @GetMapping
    public BrakesView brakes(@PathVariable long jobId) {
        State s = brakes.of(jobId);
        boolean isSeen = s.sheet().isSeen();
        return new BrakesView(
                jobId,
                s.job().title(),
                s.job().vehicleKind() == itrova.core.record.VehicleKind.TRAILER,
                isSeen,
                isSeen ? s.unplaced().map(me.wording()::say).orElse(null) : null,
                s.axleNames(),
                s.kits().entrySet().stream()
                        .map(e -> e.getKey() + ": " + e.getValue().code() + " "
                                + e.getValue().name())
                        .toList(),
                form(s.job().version(), s.sheet()),
                Arrays.stream(BrakeQuantity.values())
                        .map(q -> view(q, told(s, q)))
                        .toList(),
                isSeen ? state(s, s.found()) : null,
                isSeen && s.unplaced().isEmpty() ? state(s, s.planned()) : null);
    }

    /** What the vehicle's sheet tells of a quantity the circuit says nothing of. */
    private static @Nullable Double told(State s, BrakeQuantity q) {
        return s.sheet().figures().containsKey(q) || !s.sheet().isSeen()
                ? null
                : Optional.ofNullable(s.found().given().get(QuantityAt.vehicle(q)))
                        .map(Measured::value)
                        .orElse(null);
    }

    private static BrakeQuantityView view(BrakeQuantity q, @Nullable Double fromSheet) {
        return new BrakeQuantityView(
                q,
                q.title(),
                q.where(),
                q.unit(),
                fromSheet,
                q.usual().isPresent() ? (Double) q.usual().getAsDouble() : null,
                q.usualHalfLimit(),
                q.source(),
                q.howTo());
    }

    private BrakeStateView state(State s, BrakeCircuit circuit) {
        BrakeReport report = s.report(circuit);
        Wording wording = me.wording();
        return new BrakeStateView(
                report.figures().stream().map(BrakesController::view).toList(),
                report.findings().stream().map(f -> view(f, wording)).toList(),
                Stream.concat(
                                report.figures().stream().map(BrakeFigure::assumed),
                                report.findings().stream().map(BrakeFinding::assumed))
                        .flatMap(Collection::stream)
                        .distinct()
                        .sorted(Comparator.comparing(QuantityAt::words))
                        .map(BrakesController::assumed)
                        .toList(),
                Arrays.stream(Load.values())
                        .map(load -> view(AdhesionCurve.of(circuit, load)))
                        .toList());
    }

    private static String assumed(QuantityAt at) {
        BrakeQuantity q = at.quantity();
        return at.words() + ": " + q.usual().orElseThrow() + " ± " + q.usualHalfLimit()
                + (q.unit().isEmpty() ? "" : " " + q.unit()) + " (" + q.source() + ")";
    }

    private static BrakeFigureView view(BrakeFigure f) {
        return new BrakeFigureView(
                f.kind(),
                f.kind().title(),
                f.kind().unit(),
                f.value().map(Measured::value).orElse(null),
                f.value().map(Measured::expanded).filter(Double::isFinite).orElse(null),
                f.mostDoubtful().map(QuantityAt::words).orElse(null),
                f.missing().stream().map(QuantityAt::words).sorted().toList());
    }

    private static BrakeFindingView view(BrakeFinding f, Wording wording) {
        return new BrakeFindingView(
                f.check(),
                f.check().title(),
                f.check().isCritical(),
                f.verdict(),
                f.margin().map(Measured::value).orElse(null),
                f.margin().map(Measured::expanded).filter(Double::isFinite).orElse(null),
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

    private static CircuitForm form(int version, CircuitSheet s) {
        CircuitSheet.Changes planned = s.planned();
        return new CircuitForm(
                version,
                s.split(),
                s.parking(),
                s.figures(),
                s.axles().stream()
                        .map(a -> new AxleBrakesForm(a.name(), a.shoes().orElse(null), a.figures()))
                        .toList(),
                new PlannedForm(
                        planned.booster().orElse(null),
                        planned.split().orElse(null),
                        planned.residual().orElse(null),
                        planned.fluid().orElse(null),
                        planned.parking().orElse(null),
                        planned.figures()));
    }

    @PutMapping
    public BrakesView change(@PathVariable long jobId, @Valid @RequestBody CircuitForm body) {
        try {
            PlannedForm p = body.planned();
            CircuitSheet sheet = new CircuitSheet(
                    body.split(),
                    body.parking(),
                    told(body.figures()),
                    body.axles().stream()
                            .map(a -> new CircuitSheet.AxleSheet(
                                    a.name().strip(), Optional.ofNullable(a.shoes()), told(a.figures())))
                            .toList(),
                    new CircuitSheet.Changes(
                            Optional.ofNullable(p.booster()),
                            Optional.ofNullable(p.split()),
                            Optional.ofNullable(p.residual()),
                            Optional.ofNullable(p.fluid()),
                            Optional.ofNullable(p.parking()),
                            told(p.figures())));
            brakes.change(jobId, body.version(), sheet, me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("circuit", "", e.getMessage());
        }
        return brakes(jobId);
    }

    /** What was emptied is not told any more. */
    private static Map<BrakeQuantity, String> told(Map<BrakeQuantity, String> figures) {
        Map<BrakeQuantity, String> told = new EnumMap<>(BrakeQuantity.class);
        figures.forEach((q, text) -> {
            if (text != null && !text.isBlank()) {
                told.put(q, text.strip());
            }
        });
        return told;
    }
}
