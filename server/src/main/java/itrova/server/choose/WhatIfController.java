package itrova.server.choose;

import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.Component;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Measured;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Source;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.NotFoundException;
import itrova.server.store.WhatIfStore;
import itrova.server.store.WheelStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.ObjectMapper;

/** What if a reading, the wheel or a spacer were different? The record is never touched. */
@RestController
@RequestMapping("/api/axles/{axleId}/what-if")
public class WhatIfController {
    /** A spacer thought of is taken to be true to this (mm). */
    private static final double SPACER_TOLERANCE = 0.1;

    private final Workbench bench;
    private final KitStore kits;
    private final WheelStore wheels;
    private final WhatIfStore kept;
    private final EventStore events;
    private final CurrentPerson me;
    private final ObjectMapper json;

    WhatIfController(
            Workbench bench,
            KitStore kits,
            WheelStore wheels,
            WhatIfStore kept,
            EventStore events,
            CurrentPerson me,
            ObjectMapper json) {
        this.events = events;
        this.bench = bench;
        this.kits = kits;
        this.wheels = wheels;
        this.kept = kept;
        this.me = me;
        this.json = json;
    }

    public record ReadingChange(
            @NotNull Side side,
            @NotNull Callout callout,
            @Nullable @Size(max = 40) String place,
            @NotBlank @Size(max = 60) String value) {}

    public record Changes(
            @NotNull @Size(max = 20) List<@NotNull @Valid ReadingChange> readings,
            @Nullable @Size(max = 40) String wheel,
            @NotNull @Size(max = 40) String spacer) {}

    public record CalloutChoice(Callout callout, String title, boolean hasPlaces) {}

    public record KeptView(long id, String title, Changes changes, String by, Instant at) {}

    public record KeepRequest(
            @NotBlank @Size(max = 120) String title,
            @NotNull @Valid Changes changes) {}

    /** What can be thought to be different. */
    @GetMapping("/readings")
    public List<CalloutChoice> readings(@PathVariable long axleId) {
        return ReadingSpec.handOrder(bench.axle(axleId).form()).stream()
                .map(c -> new CalloutChoice(c, c.title(), c.hasPlaces()))
                .toList();
    }

    @PostMapping
    public WhatIfDifferences.WhatIfView ask(@PathVariable long axleId, @Valid @RequestBody Changes changes) {
        AxleRow row = bench.axle(axleId);
        AxleRecord record = bench.record(row);
        AxleCase thought = changed(record, changes);
        return WhatIfDifferences.between(
                record.toCase(List.of(Side.values())), thought, kits.all(), bench.settings(), me.wording());
    }

    private AxleCase changed(AxleRecord record, Changes changes) {
        UnitSystem units = me.units();
        List<Reading> readings = new ArrayList<>(record.readings());
        for (ReadingChange c : changes.readings()) {
            Reading thought;
            try {
                thought = Reading.take(
                        c.side(),
                        c.callout(),
                        c.place() == null ? "" : c.place(),
                        c.value(),
                        ReadingSpec.of(c.callout()).preferred(),
                        units);
            } catch (IllegalArgumentException e) {
                throw BadInputException.of(c.callout().title(), c.value(), e.getMessage());
            }
            readings.removeIf(r -> r.side() == c.side()
                    && r.callout() == c.callout()
                    && r.place().equals(thought.place()));
            readings.add(thought);
        }
        AxleRecord other = new AxleRecord(
                record.name(),
                record.form(),
                record.papers(),
                record.load(),
                record.wheelStays(),
                record.around(),
                readings,
                record.chosen(),
                record.facts());
        AxleCase axle = other.toCase(List.of(Side.values()));
        if (changes.wheel() != null && !changes.wheel().isBlank()) {
            String code = changes.wheel();
            axle = axle.withWheel(wheels.find(code).orElseThrow(() -> new NotFoundException("Wheel " + code)));
        }
        return changes.spacer().isBlank() ? axle : onSpacer(axle, changes.spacer(), units);
    }

    private static AxleCase onSpacer(AxleCase axle, String text, UnitSystem units) {
        try {
            double mm = ShopNotation.parse(text, Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, units))
                    .si();
            return axle.withSpacer(
                    Measured.of(mm, Component.rectangular(Source.named("what-if:spacer"), SPACER_TOLERANCE)));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("spacer", text, e.getMessage());
        }
    }

    @GetMapping("/kept")
    public List<KeptView> kept(@PathVariable long axleId) {
        bench.axle(axleId);
        return kept.of(axleId).stream()
                .map(r -> new KeptView(r.id(), r.title(), json.readValue(r.changes(), Changes.class), r.by(), r.at()))
                .toList();
    }

    @PostMapping("/kept")
    public List<KeptView> keep(@PathVariable long axleId, @Valid @RequestBody KeepRequest body) {
        changed(bench.record(bench.axle(axleId)), body.changes());
        kept.keep(
                axleId,
                body.title().strip(),
                json.writeValueAsString(body.changes()),
                me.get().id());
        log(axleId, EventStore.Kind.WHAT_IF_KEPT, body.title().strip());
        return kept(axleId);
    }

    @DeleteMapping("/kept/{id}")
    public List<KeptView> drop(@PathVariable long axleId, @PathVariable long id) {
        kept.drop(axleId, id);
        log(axleId, EventStore.Kind.WHAT_IF_DROPPED, String.valueOf(id));
        return kept(axleId);
    }

    private void log(long axleId, EventStore.Kind kind, String subject) {
        events.add(
                EventStore.Place.axle(bench.axle(axleId).jobId(), axleId),
                kind,
                subject,
                Map.of(),
                me.get().id());
    }
}
