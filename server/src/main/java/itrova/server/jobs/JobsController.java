package itrova.server.jobs;

import itrova.core.order.AxleStanding.Stage;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.VehicleKind;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Papers;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.VehicleFacts;
import itrova.core.vehicle.VehicleSheet;
import itrova.formats.JobDocument;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.Page;
import itrova.server.measure.PhotoIntake;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.Person;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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
public class JobsController {
    static final int MOST_AXLES = 6;

    private final JobStore jobs;
    private final JobArchive archive;
    private final EventStore events;
    private final ShopFloor floor;
    private final CurrentPerson me;

    JobsController(JobStore jobs, JobArchive archive, EventStore events, ShopFloor floor, CurrentPerson me) {
        this.jobs = jobs;
        this.archive = archive;
        this.events = events;
        this.floor = floor;
        this.me = me;
    }

    /**
     * An axle on the shop floor: its stage, what holds it up, what to do next.
     *
     * @param side side to go on at, where it is one
     * @param read reading to take, where it is one
     */
    public record AxleSummary(
            long id,
            String name,
            AxleEndKind kind,
            @Nullable Double loadKg,
            AxleLoad.@Nullable Source loadSource,
            boolean wheelStays,
            @Nullable String chosenKit,
            Stage stage,
            String heldBy,
            String next,
            @Nullable Side side,
            @Nullable Callout read) {}

    public record JobView(
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

    /** A page of the floor, and how many jobs there are in all. */
    public record FloorView(int total, List<JobView> jobs) {}

    public record NewAxle(
            @NotBlank @Size(max = 60) String name,
            @NotNull AxleEndKind kind,
            @NotNull BracketShape bracketShape,
            @NotNull @Size(max = 60) String load,
            AxleLoad.@NotNull Source loadSource,
            boolean wheelStays) {}

    public record NewJob(
            @NotBlank @Size(max = 120) String title,
            @NotNull VehicleKind vehicleKind,
            @NotNull @Size(max = 500) String vehicle,
            @NotNull @Size(max = 120) String owner,
            boolean mustBeReversible,
            @Nullable LocalDate promised,
            @NotNull @Size(max = 2000) String notes,
            @NotNull @Size(min = 1, max = MOST_AXLES) List<@NotNull @Valid NewAxle> axles) {}

    public record JobChange(
            int version,
            @NotBlank @Size(max = 120) String title,
            @NotNull VehicleKind vehicleKind,
            @NotNull @Size(max = 500) String vehicle,
            @NotNull @Size(max = 120) String owner,
            boolean mustBeReversible,
            @Nullable LocalDate promised,
            @NotNull @Size(max = 2000) String notes) {}

    /** A page of the floor: jobs whose title, vehicle or owner holds a text, promised first first. */
    @GetMapping
    public FloorView all(
            @RequestParam(defaultValue = "") @Size(max = 120) String text,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "50") int limit) {
        String wanted = text.strip();
        return new FloorView(
                jobs.count(wanted),
                floor.of(jobs.jobs(wanted, Math.max(0, offset), Math.max(1, Math.min(Page.MOST_ROWS, limit)))));
    }

    @GetMapping("/{id}")
    public JobView one(@PathVariable long id) {
        return floor.of(List.of(jobs.job(id))).get(0);
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
                        promised(body.promised()),
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
                            AxleForm.defaultFor(a.kind(), a.bracketShape()),
                            Papers.SILENT,
                            load(a, me.units()),
                            a.wheelStays(),
                            Map.of(),
                            Optional.empty(),
                            VehicleFacts.UNKNOWN.goingBack(body.mustBeReversible())));
        }
        events.add(
                Place.job(id),
                EventStore.Kind.JOB_ADDED,
                body.title().strip(),
                Map.of("axles", body.axles().stream().map(NewAxle::name).collect(Collectors.joining(", "))),
                person.id());
        return one(id);
    }

    /** @throws BadInputException if the day is none a shop could promise */
    private static Optional<LocalDate> promised(@Nullable LocalDate day) {
        if (day != null && (day.getYear() < 2000 || day.getYear() > 2100)) {
            throw BadInputException.of(
                    "promised", day.toString(), "A promised day lies between 2000 and 2100. Write it like 2026-05-30.");
        }
        return Optional.ofNullable(day);
    }

    private static Optional<AxleLoad> load(NewAxle a, UnitSystem units) {
        if (a.load().isBlank()) {
            return Optional.empty();
        }
        try {
            double kg = ShopNotation.parse(a.load(), Dimension.MASS, Unit.defaultFor(Dimension.MASS, units))
                    .si();
            return Optional.of(new AxleLoad(kg, a.loadSource()));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("load", a.load(), e.getMessage());
        }
    }

    @PutMapping("/{id}")
    public JobView change(@PathVariable long id, @Valid @RequestBody JobChange body) {
        jobs.lockJob(id);
        JobRow before = jobs.job(id);
        JobRow after = new JobRow(
                id,
                body.version(),
                body.title().strip(),
                body.vehicleKind(),
                body.vehicle(),
                body.owner(),
                body.mustBeReversible(),
                promised(body.promised()),
                body.notes(),
                before.sheet());
        jobs.changeJob(after);
        events.add(
                Place.job(id),
                EventStore.Kind.JOB_CHANGED,
                after.title(),
                Map.of("before", words(before), "after", words(after)),
                me.get().id());
        return one(id);
    }

    private static String words(JobRow j) {
        return String.join(
                "; ",
                j.title(),
                j.vehicleKind().name(),
                j.vehicle(),
                j.owner(),
                j.mustBeReversible() ? "must go back to drums" : "need not go back",
                "promised " + j.promised().map(LocalDate::toString).orElse("no day"),
                j.notes());
    }

    @GetMapping(value = "/{id}/document", produces = MediaType.APPLICATION_JSON_VALUE)
    public ResponseEntity<String> document(@PathVariable long id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"job-" + id + ".json\"")
                .body(JobDocument.write(archive.export(id)));
    }

    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    public JobView take(@RequestParam(defaultValue = "job.json") String file, @RequestBody String text) {
        long person = me.get().id();
        long id = archive.add(PhotoIntake.drawnAnew(JobDocument.read(file, text)), person);
        events.add(Place.job(id), EventStore.Kind.JOB_ADDED, jobs.job(id).title(), Map.of("imported", file), person);
        return one(id);
    }
}
