package itrova.server.api;

import itrova.core.measure.TakeNext;
import itrova.core.order.OrderGate;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.record.VehicleKind;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Papers;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.VehicleSheet;
import itrova.formats.JobDocument;
import itrova.server.security.Person;
import itrova.server.store.EventStore;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shop floor: all jobs, a new one, one in and out as a document. */
@RestController
@RequestMapping("/api/jobs")
class JobsController {
    static final int MOST_AXLES = 6;

    private final JobStore jobs;
    private final JobArchive archive;
    private final EventStore events;
    private final Workbench bench;
    private final CurrentPerson me;

    JobsController(JobStore jobs, JobArchive archive, EventStore events, Workbench bench, CurrentPerson me) {
        this.jobs = jobs;
        this.archive = archive;
        this.events = events;
        this.bench = bench;
        this.me = me;
    }

    /** Where an axle stands. */
    enum Stage {
        MEASURE,
        CHOOSE,
        ORDER,
        FIT
    }

    /** An axle on the shop floor: its stage, what holds it up, what to do next. */
    record AxleSummary(
            long id,
            String name,
            AxleEndKind kind,
            @Nullable Double loadKg,
            AxleLoad.@Nullable Source loadSource,
            boolean wheelStays,
            @Nullable String chosenKit,
            Stage stage,
            String heldBy,
            String next) {}

    record JobView(
            long id,
            int version,
            String title,
            VehicleKind vehicleKind,
            String vehicle,
            String owner,
            boolean mustBeReversible,
            @Nullable LocalDate promised,
            String notes,
            List<AxleSummary> axles) {}

    record NewAxle(
            @NotBlank @Size(max = 60) String name,
            @NotNull AxleEndKind kind,
            @NotNull BracketShape bracketShape,
            @NotNull @Size(max = 60) String load,
            AxleLoad.@NotNull Source loadSource,
            boolean wheelStays) {}

    record NewJob(
            @NotBlank @Size(max = 120) String title,
            @NotNull VehicleKind vehicleKind,
            @NotNull @Size(max = 500) String vehicle,
            @NotNull @Size(max = 120) String owner,
            boolean mustBeReversible,
            @Nullable LocalDate promised,
            @NotNull @Size(max = 2000) String notes,
            @NotNull @Size(min = 1, max = MOST_AXLES) List<@Valid NewAxle> axles) {}

    record JobChange(
            int version,
            @NotBlank @Size(max = 120) String title,
            @NotNull VehicleKind vehicleKind,
            @NotNull @Size(max = 500) String vehicle,
            @NotNull @Size(max = 120) String owner,
            boolean mustBeReversible,
            @Nullable LocalDate promised,
            @NotNull @Size(max = 2000) String notes) {}

    @GetMapping
    List<JobView> all() {
        return jobs.jobs().stream().map(this::view).toList();
    }

    @GetMapping("/{id}")
    JobView one(@PathVariable long id) {
        return view(jobs.job(id));
    }

    @PostMapping
    @Transactional
    public JobView add(@Valid @RequestBody NewJob body) {
        Person person = me.get();
        long id = jobs.addJob(
                new JobRow(
                        0,
                        0,
                        body.title().strip(),
                        body.vehicleKind(),
                        body.vehicle(),
                        body.owner(),
                        body.mustBeReversible(),
                        Optional.ofNullable(body.promised()),
                        body.notes(),
                        VehicleSheet.EMPTY),
                person.id());
        int ordinal = 0;
        for (NewAxle a : body.axles()) {
            jobs.addAxle(
                    id,
                    ordinal++,
                    new AxleRow(
                            0,
                            id,
                            0,
                            a.name().strip(),
                            AxleForm.usual(a.kind(), a.bracketShape()),
                            Papers.SILENT,
                            load(a, person.unitSystem()),
                            a.wheelStays(),
                            Map.of(),
                            Optional.empty()));
        }
        return one(id);
    }

    private static Optional<AxleLoad> load(NewAxle a, UnitSystem units) {
        if (a.load().isBlank()) {
            return Optional.empty();
        }
        try {
            double kg = ShopNotation.parse(a.load(), Dimension.MASS, Unit.usual(Dimension.MASS, units))
                    .si();
            return Optional.of(new AxleLoad(kg, a.loadSource()));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("load", a.load(), e.getMessage());
        }
    }

    @PutMapping("/{id}")
    JobView change(@PathVariable long id, @Valid @RequestBody JobChange body) {
        jobs.changeJob(new JobRow(
                id,
                body.version(),
                body.title().strip(),
                body.vehicleKind(),
                body.vehicle(),
                body.owner(),
                body.mustBeReversible(),
                Optional.ofNullable(body.promised()),
                body.notes(),
                jobs.job(id).sheet()));
        return one(id);
    }

    @GetMapping(value = "/{id}/document", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> document(@PathVariable long id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"job-" + id + ".json\"")
                .body(JobDocument.write(archive.export(id)));
    }

    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    JobView take(@RequestParam(defaultValue = "job.json") String file, @RequestBody String text) {
        return one(archive.add(JobDocument.read(file, text), me.get().id()));
    }

    private JobView view(JobRow row) {
        return new JobView(
                row.id(),
                row.version(),
                row.title(),
                row.vehicleKind(),
                row.vehicle(),
                row.owner(),
                row.mustBeReversible(),
                row.promised().orElse(null),
                row.notes(),
                jobs.axles(row.id()).stream().map(this::summary).toList());
    }

    private AxleSummary summary(AxleRow row) {
        AxleRecord record = bench.record(row);
        int wanted = 0;
        for (Side side : Side.values()) {
            wanted += TakeNext.stillWanted(record.end(side));
        }
        boolean placed = events.ofAxle(row.id()).stream()
                .anyMatch(e -> e.kind() == EventStore.Kind.ORDER_PLACED
                        && row.chosenKit().equals(Optional.of(e.subject())));
        Stage stage;
        String heldBy = "";
        String next;
        if (row.chosenKit().isPresent()) {
            stage = placed ? Stage.FIT : Stage.ORDER;
            OrderGate gate = OrderGate.of(bench.report(row, row.chosenKit().get()));
            heldBy = placed || gate.state() == OrderGate.State.OPEN
                    ? ""
                    : gate.holding().size() + " checks of kit "
                            + row.chosenKit().get() + " are not proven to fit";
            next = placed ? "Work on the bench card" : "Order";
        } else if (wanted > 0) {
            stage = Stage.MEASURE;
            heldBy = wanted == 1 ? "1 reading wanted" : wanted + " readings wanted";
            next = "Measure";
        } else {
            stage = Stage.CHOOSE;
            boolean any = bench.provesAny(row);
            heldBy = any ? "" : "no kit is proven to fit";
            next = "Choose a kit";
        }
        return new AxleSummary(
                row.id(),
                row.name(),
                row.form().kind(),
                row.load().map(AxleLoad::kg).orElse(null),
                row.load().map(AxleLoad::source).orElse(null),
                row.wheelStays(),
                row.chosenKit().orElse(null),
                stage,
                heldBy,
                next);
    }
}
