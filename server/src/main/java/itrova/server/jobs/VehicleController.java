package itrova.server.jobs;

import itrova.core.choice.Selection;
import itrova.core.measure.WantedReadings;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.record.AxleRecord;
import itrova.core.record.VehicleKind;
import itrova.core.stopping.TyreSize;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Papers;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.VehicleFacts;
import itrova.core.vehicle.VehicleSheet;
import itrova.formats.SheetDocument;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The vehicle sheet: what is seen and told of the whole vehicle, and of each axle before it is measured. */
@RestController
@RequestMapping("/api")
public class VehicleController {
    private final JobStore jobs;
    private final Workbench bench;
    private final EventStore events;
    private final CurrentPerson me;

    VehicleController(JobStore jobs, Workbench bench, EventStore events, CurrentPerson me) {
        this.events = events;
        this.jobs = jobs;
        this.bench = bench;
        this.me = me;
    }

    /** One axle on the plan view. */
    public record AxleCard(
            long id,
            int version,
            String name,
            AxleForm form,
            @Nullable String pattern,
            @Nullable String housingEnd,
            @Nullable String spindle,
            @Nullable Double loadKg,
            AxleLoad.@Nullable Source loadSource,
            boolean wheelStays,
            List<SideCard> sides) {}

    /** How far a side is measured. */
    public record SideCard(Side side, int wanted, int read) {}

    public record WhileApartView(VehicleSheet.WhileApart id, String title, int minutes) {}

    public record VehicleView(
            long jobId,
            int version,
            String title,
            VehicleKind kind,
            String vehicle,
            boolean mustBeReversible,
            VehicleSheet sheet,
            List<AxleCard> axles,
            List<WhileApartView> offers,
            List<String> cautions) {}

    public record SheetChange(int version, @NotNull VehicleSheet sheet) {}

    public record AxleChange(
            int version,
            @NotBlank @Size(max = 60) String name,
            @NotNull AxleForm form,
            @NotNull @Size(max = 80) String pattern,
            @NotNull @Size(max = 80) String housingEnd,
            @NotNull @Size(max = 80) String spindle,
            @NotNull @Size(max = 60) String load,
            AxleLoad.@NotNull Source loadSource,
            boolean wheelStays) {}

    @GetMapping("/jobs/{id}/vehicle")
    public VehicleView vehicle(@PathVariable long id) {
        JobRow job = jobs.job(id);
        return new VehicleView(
                id,
                job.version(),
                job.title(),
                job.vehicleKind(),
                job.vehicle(),
                job.mustBeReversible(),
                job.sheet(),
                jobs.axles(id).stream().map(this::card).toList(),
                Arrays.stream(VehicleSheet.WhileApart.values())
                        .map(w -> new WhileApartView(w, w.title(), w.minutes()))
                        .toList(),
                job.sheet().cautions());
    }

    private AxleCard card(AxleRow row) {
        AxleRecord record = bench.record(row);
        return new AxleCard(
                row.id(),
                row.version(),
                row.name(),
                row.form(),
                row.papers().wheelPattern().orElse(null),
                row.papers().housingEnd().orElse(null),
                row.papers().spindle().orElse(null),
                row.load().map(AxleLoad::kg).orElse(null),
                row.load().map(AxleLoad::source).orElse(null),
                row.wheelStays(),
                Arrays.stream(Side.values())
                        .map(s -> side(record.end(s), record))
                        .toList());
    }

    private static SideCard side(AxleEnd end, AxleRecord record) {
        int read = (int)
                record.readings().stream().filter(r -> r.side() == end.side()).count();
        return new SideCard(end.side(), WantedReadings.stillWanted(end), read);
    }

    @PutMapping("/jobs/{id}/vehicle")
    public VehicleView change(@PathVariable long id, @Valid @RequestBody SheetChange body) {
        jobs.lockJob(id);
        JobRow job = jobs.job(id);
        check(body.sheet());
        jobs.axles(id).forEach(axle -> axle.load().ifPresent(load -> carried(body.sheet(), axle.name(), load)));
        jobs.changeJob(new JobRow(
                id,
                body.version(),
                job.title(),
                job.vehicleKind(),
                job.vehicle(),
                job.owner(),
                job.mustBeReversible(),
                job.promised(),
                job.notes(),
                body.sheet()));
        events.add(
                Place.job(id),
                EventStore.Kind.JOB_CHANGED,
                job.title(),
                Map.of("before", SheetDocument.write(job.sheet()), "after", SheetDocument.write(body.sheet())),
                me.get().id());
        return vehicle(id);
    }

    @PutMapping("/axles/{axleId}/form")
    public VehicleView changeAxle(@PathVariable long axleId, @Valid @RequestBody AxleChange body) {
        AxleRow row = bench.lockedAxle(axleId);
        AxleRow changed = row(axleId, row.jobId(), body, row.around(), row.chosen());
        changed.load().ifPresent(load -> carried(jobs.job(row.jobId()).sheet(), changed.name(), load));
        jobs.changeAxle(changed);
        events.add(
                Place.axle(row.jobId(), axleId),
                EventStore.Kind.AXLE_CHANGED,
                row.name(),
                Map.of("before", words(row), "after", words(changed)),
                me.get().id());
        return vehicle(row.jobId());
    }

    @PostMapping("/jobs/{id}/axles")
    @Transactional
    public VehicleView addAxle(@PathVariable long id, @Valid @RequestBody AxleChange body) {
        jobs.lockJob(id);
        int ordinal = jobs.axles(id).size();
        if (ordinal >= JobsController.MOST_AXLES) {
            throw BadInputException.of(
                    "axles", String.valueOf(ordinal + 1), "A job has at most " + JobsController.MOST_AXLES + " axles.");
        }
        AxleRow added = row(0, id, body, Map.of(), Optional.empty());
        long axleId = jobs.addAxle(id, ordinal, added);
        events.add(
                Place.axle(id, axleId),
                EventStore.Kind.AXLE_ADDED,
                added.name(),
                Map.of("after", words(added)),
                me.get().id());
        return vehicle(id);
    }

    /** A tyre of which nothing can be told is none; documents of earlier editions may still hold one. */
    private static void check(VehicleSheet sheet) {
        if (!sheet.tyre().isBlank() && TyreSize.parse(sheet.tyre()).isEmpty()) {
            throw BadInputException.of(
                    "tyre",
                    sheet.tyre(),
                    "“" + sheet.tyre()
                            + "” is no tyre marking. Write it as it stands on the side: 165/80 R13, 165 R 14, 6.40-13 or 31x10.5R15.");
        }
    }

    /** An axle carries no more than the whole vehicle weighs, as far as both are known. */
    private static void carried(VehicleSheet sheet, String axle, AxleLoad load) {
        if (load.source() == AxleLoad.Source.PLATE) {
            return; // a plate tells what an axle may carry, not what it does
        }
        sheet.massMeasured()
                .filter(mass -> mass.value() + mass.expanded() < load.kg())
                .ifPresent(mass -> {
                    throw BadInputException.of(
                            "mass",
                            sheet.mass(),
                            String.format(
                                    java.util.Locale.ROOT,
                                    "The vehicle's mass of %.0f kg is below the load of %.0f kg on the %s. Read both again.",
                                    mass.value(),
                                    load.kg(),
                                    axle));
                });
    }

    /** What is logged of an axle: all that is set here. */
    private static String words(AxleRow row) {
        return String.join(
                "; ",
                row.name(),
                row.form().toString(),
                row.papers().toString(),
                row.load().map(l -> l.kg() + " kg, " + l.source()).orElse("load not known"),
                row.wheelStays() ? "wheel stays" : "wheel may change");
    }

    private AxleRow row(
            long axleId, long jobId, AxleChange body, Map<Side, Surroundings> around, Optional<Selection> chosen) {
        return new AxleRow(
                axleId,
                jobId,
                body.version(),
                body.name().strip(),
                body.form(),
                new Papers(said(body.pattern()), said(body.housingEnd()), said(body.spindle())),
                load(body),
                body.wheelStays(),
                around,
                chosen,
                facts(jobId));
    }

    private VehicleFacts facts(long jobId) {
        JobRow job = jobs.job(jobId);
        return VehicleFacts.of(job.mustBeReversible(), job.sheet());
    }

    private static Optional<String> said(String text) {
        return text.isBlank() ? Optional.empty() : Optional.of(text.strip());
    }

    private Optional<AxleLoad> load(AxleChange body) {
        if (body.load().isBlank()) {
            return Optional.empty();
        }
        try {
            double kg = ShopNotation.parse(body.load(), Dimension.MASS, Unit.defaultFor(Dimension.MASS, me.units()))
                    .si();
            return Optional.of(new AxleLoad(kg, body.loadSource()));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("load", body.load(), e.getMessage());
        }
    }
}
