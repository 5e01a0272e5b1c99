package itrova.server.api;

import itrova.core.measure.Consolidation;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.server.security.Person;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.ReadingStore;
import itrova.server.store.ReadingStore.NewReading;
import itrova.server.store.ReadingStore.ReadingRow;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Measuring: what a text means, readings in, corrected, withdrawn. */
@RestController
@RequestMapping("/api")
class MeasureController {
    private static final String UUID_PATTERN = "[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}";

    private final Workbench bench;
    private final JobStore jobs;
    private final ReadingStore readings;
    private final CurrentPerson me;

    MeasureController(Workbench bench, JobStore jobs, ReadingStore readings, CurrentPerson me) {
        this.bench = bench;
        this.jobs = jobs;
        this.readings = readings;
        this.me = me;
    }

    record UnderstandRequest(
            @NotNull Callout callout,
            @NotNull @Size(max = 200) String text,
            @NotNull @Size(max = 200) String place,
            @NotNull Instrument instrument) {}

    /** What a text was understood as; with a problem when it cannot be taken. */
    record UnderstoodView(
            boolean ok,
            @Nullable Double value,
            @Nullable Double doubt,
            @Nullable String thread,
            @Nullable String problem) {}

    record ReadingRequest(
            @NotNull @Pattern(regexp = UUID_PATTERN) String clientId,
            @NotNull Side side,
            @NotNull Callout callout,
            @NotNull @Size(max = 200) String text,
            @NotNull @Size(max = 200) String place,
            @NotNull Instrument instrument,
            boolean confirmed,
            @Nullable Long corrects) {}

    @PostMapping("/understand")
    UnderstoodView understand(@Valid @RequestBody UnderstandRequest body) {
        try {
            // While the place is still empty the value is looked at alone.
            String place = body.callout().hasPlaces() && body.place().isBlank() ? "1 mm" : body.place();
            Reading r = Reading.take(
                    Side.LEFT,
                    body.callout(),
                    place,
                    body.text(),
                    body.instrument(),
                    me.get().unitSystem());
            if (r.callout().kind() == Callout.Kind.THREAD) {
                return new UnderstoodView(
                        true, null, null, r.thread().orElseThrow().designation(), null);
            }
            Double doubt = r.callout().kind() == Callout.Kind.LENGTH
                    ? (Double) Consolidation.single(r).expanded()
                    : null;
            return new UnderstoodView(true, r.value().orElseThrow(), doubt, null, null);
        } catch (IllegalArgumentException e) {
            return new UnderstoodView(false, null, null, null, e.getMessage());
        }
    }

    @GetMapping("/axles/{axleId}/end")
    AxleEndView end(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        return AxleEndView.of(row, jobs.job(row.jobId()).title(), bench.record(row), readings.standing(axleId));
    }

    @PostMapping("/axles/{axleId}/readings")
    AxleEndView take(@PathVariable long axleId, @Valid @RequestBody ReadingRequest body) {
        AxleRow row = bench.axle(axleId);
        Person person = me.get();
        if (!ReadingSpec.handOrder(row.kind(), row.bracketShape()).contains(body.callout())) {
            throw BadInputException.of(
                    "callout",
                    body.callout().name(),
                    body.callout().title() + " is not read on this kind of axle end.");
        }
        Reading reading;
        try {
            reading = Reading.take(
                    body.side(), body.callout(), body.place(), body.text(), body.instrument(), person.unitSystem());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("text", body.text(), e.getMessage());
        }
        List<ReadingRow> standing = readings.standing(axleId);
        if (!body.confirmed()) {
            clash(standing, reading, body.corrects()).ifPresent(question -> {
                throw BadInputException.unlikely(
                        "text", body.text(), question + " Press Enter again to keep it, or mend it.");
            });
        }
        readings.add(
                axleId,
                new NewReading(
                        body.clientId(),
                        body.corrects() == null
                                ? OptionalLong.empty()
                                : OptionalLong.of(standingId(standing, body.corrects())),
                        body.side(),
                        body.callout(),
                        body.place().strip(),
                        body.text().strip(),
                        person.unitSystem(),
                        body.instrument()),
                person.id());
        return end(axleId);
    }

    private static long standingId(List<ReadingRow> standing, long id) {
        return standing.stream()
                .filter(r -> r.id() == id)
                .findFirst()
                .orElseThrow(() -> new itrova.server.store.StaleVersionException("The reading to correct"))
                .id();
    }

    private static Optional<String> clash(List<ReadingRow> standing, Reading reading, @Nullable Long corrected) {
        List<Reading> others = standing.stream()
                .filter(r -> corrected == null || r.id() != corrected)
                .map(ReadingRow::reading)
                .toList();
        Side other = reading.side() == Side.LEFT ? Side.RIGHT : Side.LEFT;
        return Consolidation.already(others, reading.side(), reading.callout(), reading.place())
                .or(() -> Consolidation.already(others, other, reading.callout(), reading.place()))
                .or(() -> Consolidation.nearest(others, reading))
                .flatMap(reading::clashWith);
    }

    @DeleteMapping("/axles/{axleId}/readings/{readingId}")
    AxleEndView withdraw(
            @PathVariable long axleId,
            @PathVariable long readingId,
            @RequestParam @Pattern(regexp = UUID_PATTERN) String clientId) {
        bench.axle(axleId);
        readings.withdraw(axleId, readingId, clientId, me.get().id());
        return end(axleId);
    }

    /** Takes the wheel's readings of one side over to the other, where none stands yet: the mechanic declares the wheels equal. */
    @PostMapping("/axles/{axleId}/wheel-copies")
    @Transactional
    public AxleEndView copyWheel(@PathVariable long axleId, @RequestParam Side from) {
        bench.axle(axleId);
        Person person = me.get();
        Side to = from == Side.LEFT ? Side.RIGHT : Side.LEFT;
        List<ReadingRow> standing = readings.standing(axleId);
        for (ReadingRow r : standing) {
            boolean taken = standing.stream()
                    .anyMatch(o -> o.side() == to
                            && o.callout() == r.callout()
                            && o.placeText().equals(r.placeText()));
            if (r.side() == from && r.callout().isOfWheel() && !taken) {
                readings.add(
                        axleId,
                        new NewReading(
                                UUID.randomUUID().toString(),
                                OptionalLong.empty(),
                                to,
                                r.callout(),
                                r.placeText(),
                                r.text(),
                                r.unitSystem(),
                                r.instrument()),
                        person.id());
            }
        }
        return end(axleId);
    }
}
