package itrova.server.brakes;

import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.CircuitSheet;
import itrova.core.brakes.Equipment.Actuator;
import itrova.core.brakes.Equipment.Seen;
import itrova.core.brakes.Equipment.StopLamp;
import itrova.core.brakes.FittedPart;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.brakes.QuantityAt;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.lines.LinePoint;
import itrova.core.lines.LineRun;
import itrova.core.part.Part;
import itrova.core.part.PartSort;
import itrova.core.quantity.Measured;
import itrova.core.wording.Wording;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.brakes.BrakeViews.BrakeStateView;
import itrova.server.brakes.VehicleBrakes.State;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    private static final int MOST_PARTS = 40;
    private static final int MOST_RUNS = 40;

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
            @Nullable Residual outlet,
            @NotNull Map<BrakeQuantity, @Size(max = 60) String> figures) {}

    /** What is planned otherwise than found. */
    public record PlannedForm(
            @Nullable Booster booster,
            @Nullable Split split,
            @Nullable Residual residual,
            @Nullable Fluid fluid,
            @Nullable Parking parking,
            @NotNull @Size(max = MOST_AXLES) Map<@NotBlank @Size(max = 60) String, @NotNull Residual> outlets,
            @NotNull @Size(max = MOST_RUNS) List<@NotNull @Valid LineForm> lines,
            @NotNull @Size(max = MOST_PARTS) List<@NotNull @Valid FittedForm> parts,
            @NotNull Map<BrakeQuantity, @Size(max = 60) String> figures) {}

    /** A part planned; pads and hoses name their axle. */
    public record FittedForm(
            @NotBlank @Size(max = 40) String code,
            @Nullable @Size(max = 60) String axle) {}

    /** A piece of brake line, its ends by name ({@code outlet 1}, {@code junction 1}, {@code axle 1 left}), as typed. */
    public record LineForm(
            @NotBlank @Size(max = 20) String from,
            @NotBlank @Size(max = 20) String to,
            @NotNull @Size(max = 60) String length,
            @NotNull @Size(max = 60) String bore) {}

    public record CircuitForm(
            int version,
            @NotNull Split split,
            @NotNull Parking parking,
            @NotNull StopLamp stopLamp,
            @NotNull Actuator actuator,
            @NotNull Seen reverseLockOut,
            @NotNull Seen warning,
            @NotNull @Size(max = 60) String lineEnd,
            @NotNull Map<BrakeQuantity, @Size(max = 60) String> figures,
            @NotNull @Size(max = MOST_AXLES) List<@NotNull @Valid AxleBrakesForm> axles,
            @NotNull @Size(max = MOST_RUNS) List<@NotNull @Valid LineForm> lines,
            @NotNull @Valid PlannedForm planned) {}

    /** What may be told, and what is taken where nobody does. */
    public record BrakeQuantityView(
            BrakeQuantity id,
            String title,
            BrakeQuantity.Where where,
            String unit,
            @Nullable Double fromSheet,
            @Nullable Double defaultValue,
            double defaultHalfLimit,
            String source,
            String howTo,
            String slip) {}

    /** A part that could be planned. */
    public record BrakePartView(
            String code,
            PartSort sort,
            String sortTitle,
            String name,
            long cents,
            boolean onAxle,
            boolean adjustable) {}

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
            List<BrakePartView> parts,
            @Nullable BrakeStateView before,
            @Nullable BrakeStateView after) {}

    @GetMapping
    public BrakesView brakes(@PathVariable long jobId) {
        State s = brakes.of(jobId);
        PlannedVehicle vehicle = s.vehicle();
        CircuitSheet sheet = vehicle.sheet();
        Wording wording = me.wording();
        boolean isSeen = sheet.isSeen();
        return new BrakesView(
                jobId,
                s.job().title(),
                vehicle.isTrailer(),
                isSeen,
                isSeen ? vehicle.problem().map(wording::say).orElse(null) : null,
                s.axleNames(),
                vehicle.kits().entrySet().stream()
                        .map(e -> e.getKey() + ": " + e.getValue().code() + " "
                                + e.getValue().name())
                        .toList(),
                form(s.job().version(), sheet),
                Arrays.stream(BrakeQuantity.values())
                        .map(q -> view(q, told(vehicle, q), wording))
                        .toList(),
                vehicle.catalogue().values().stream()
                        .map(BrakesController::view)
                        .toList(),
                isSeen
                        ? BrakeViews.state(
                                vehicle.found(), BrakeReport.of(vehicle.found(), vehicle.parkingNeeded()), wording)
                        : null,
                vehicle.report()
                        .map(r -> BrakeViews.state(vehicle.planned(), r, wording))
                        .orElse(null));
    }

    /** What the vehicle's sheet tells of a quantity the circuit says nothing of. */
    private static @Nullable Double told(PlannedVehicle vehicle, BrakeQuantity q) {
        return vehicle.sheet().figures().containsKey(q) || !vehicle.sheet().isSeen()
                ? null
                : Optional.ofNullable(vehicle.found().given().get(QuantityAt.vehicle(q)))
                        .map(Measured::value)
                        .orElse(null);
    }

    private static BrakePartView view(Part p) {
        return new BrakePartView(
                p.code(),
                p.sort(),
                p.sort().title(),
                p.name(),
                p.offer().cents(),
                p.sort() == PartSort.PADS || p.sort() == PartSort.HOSE,
                p.isAdjustable());
    }

    private static BrakeQuantityView view(BrakeQuantity q, @Nullable Double fromSheet, Wording wording) {
        return new BrakeQuantityView(
                q,
                wording.title(q),
                q.where(),
                q.unit(),
                fromSheet,
                q.defaultValue().isPresent() ? (Double) q.defaultValue().getAsDouble() : null,
                q.defaultHalfLimit(),
                q.source(),
                wording.say(q.howTo()),
                wording.say(q.slip()));
    }

    private static CircuitForm form(int version, CircuitSheet s) {
        CircuitSheet.Changes planned = s.planned();
        return new CircuitForm(
                version,
                s.split(),
                s.parking(),
                s.seen().stopLamp(),
                s.seen().actuator(),
                s.seen().reverseLockOut(),
                s.seen().warning(),
                s.seen().lineEnd(),
                s.figures(),
                s.axles().stream()
                        .map(a -> new AxleBrakesForm(
                                a.name(), a.shoes().orElse(null), a.outlet().orElse(null), a.figures()))
                        .toList(),
                lines(s.runs()),
                new PlannedForm(
                        planned.booster().orElse(null),
                        planned.split().orElse(null),
                        planned.residual().orElse(null),
                        planned.fluid().orElse(null),
                        planned.parking().orElse(null),
                        planned.outlets(),
                        lines(planned.runs()),
                        planned.parts().stream()
                                .map(p -> new FittedForm(p.code(), p.axle().orElse(null)))
                                .toList(),
                        planned.figures()));
    }

    /** One thing told otherwise; the axle and the quantity are absent where it belongs to none. */
    public record ToldOtherwise(
            boolean planned,
            @Nullable String axle,
            @Nullable BrakeQuantity quantity,
            String what,
            String before,
            String after) {}

    public record ToldView(Instant at, String by, List<ToldOtherwise> changes) {}

    /** Who told what otherwise and when, the newest first. */
    @GetMapping("/history")
    public List<ToldView> history(@PathVariable long jobId) {
        return brakes.history(jobId).stream()
                .map(t -> new ToldView(
                        t.at(),
                        t.by(),
                        t.differences().stream()
                                .map(d -> new ToldOtherwise(
                                        d.place().planned(),
                                        d.place().axle().orElse(null),
                                        d.place().quantity().orElse(null),
                                        d.place().what(),
                                        d.before(),
                                        d.after()))
                                .toList()))
                .toList();
    }

    @PutMapping
    public BrakesView change(@PathVariable long jobId, @Valid @RequestBody CircuitForm body) {
        try {
            PlannedForm p = body.planned();
            CircuitSheet sheet = new CircuitSheet(
                    body.split(),
                    body.parking(),
                    new CircuitSheet.SeenSheet(
                            body.stopLamp(),
                            body.actuator(),
                            body.reverseLockOut(),
                            body.warning(),
                            body.lineEnd().strip()),
                    told(body.figures()),
                    body.axles().stream()
                            .map(a -> new CircuitSheet.AxleSheet(
                                    a.name().strip(),
                                    Optional.ofNullable(a.shoes()),
                                    Optional.ofNullable(a.outlet()),
                                    told(a.figures())))
                            .toList(),
                    runs(body.lines()),
                    new CircuitSheet.Changes(
                            Optional.ofNullable(p.booster()),
                            Optional.ofNullable(p.split()),
                            Optional.ofNullable(p.residual()),
                            Optional.ofNullable(p.fluid()),
                            Optional.ofNullable(p.parking()),
                            p.outlets(),
                            runs(p.lines()),
                            p.parts().stream()
                                    .map(f -> new FittedPart(
                                            f.code(),
                                            Optional.ofNullable(f.axle()).filter(axle -> !axle.isBlank())))
                                    .toList(),
                            told(p.figures())));
            brakes.change(jobId, body.version(), sheet, me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("circuit", "", e.getMessage());
        }
        return brakes(jobId);
    }

    private static List<LineForm> lines(List<LineRun> runs) {
        return runs.stream()
                .map(r -> new LineForm(r.from().key(), r.to().key(), r.length(), r.bore()))
                .toList();
    }

    private static List<LineRun> runs(List<LineForm> lines) {
        return lines.stream()
                .map(l -> new LineRun(
                        LinePoint.of(l.from()),
                        LinePoint.of(l.to()),
                        l.length().strip(),
                        l.bore().strip()))
                .toList();
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
