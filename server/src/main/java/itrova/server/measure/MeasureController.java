package itrova.server.measure;

import itrova.core.measure.Comparison;
import itrova.core.measure.Consolidation;
import itrova.core.measure.Instrument;
import itrova.core.measure.Origin;
import itrova.core.measure.OutOfRangeException;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.ReadingClashException;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.FamilyStore;
import itrova.server.store.InstrumentStore;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.Person;
import itrova.server.store.PhotoStore;
import itrova.server.store.ReadingStore;
import itrova.server.store.ReadingStore.NewReading;
import itrova.server.store.ReadingStore.ReadingRow;
import itrova.server.store.StaleVersionException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
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

/** Measuring: what a text means; readings in, corrected, withdrawn, taken over. */
@RestController
@RequestMapping("/api")
public class MeasureController {
    static final String UUID_PATTERN = "[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}";

    private final Workbench bench;
    private final JobStore jobs;
    private final ReadingStore readings;
    private final PhotoStore photos;
    private final InstrumentStore instruments;
    private final FamilyStore families;
    private final EventStore events;
    private final CurrentPerson me;

    MeasureController(
            Workbench bench,
            JobStore jobs,
            ReadingStore readings,
            PhotoStore photos,
            InstrumentStore instruments,
            FamilyStore families,
            EventStore events,
            CurrentPerson me) {
        this.events = events;
        this.bench = bench;
        this.jobs = jobs;
        this.readings = readings;
        this.photos = photos;
        this.instruments = instruments;
        this.families = families;
        this.me = me;
    }

    public record UnderstandRequest(
            @NotNull Callout callout,
            @NotNull @Size(max = 200) String text,
            @NotNull @Size(max = 200) String place,
            @NotNull Instrument instrument,
            @Nullable UnitSystem units) {}

    /** What a text was understood as; with a problem when it cannot be taken, and the text that could. */
    public record UnderstoodView(
            boolean ok,
            @Nullable Double value,
            @Nullable Double doubt,
            @Nullable String word,
            @Nullable String problem,
            @Nullable String mend) {}

    /**
     * A reading to take.
     *
     * @param units units the gauge or the person writes in; the person's own when absent
     * @param seen key of the newest reading the sender knew of; absent if the sender does not say
     */
    public record ReadingRequest(
            @NotNull @Pattern(regexp = UUID_PATTERN) String clientId,
            @NotNull Side side,
            @NotNull Callout callout,
            @NotNull @Size(max = 200) String text,
            @NotNull @Size(max = 200) String place,
            @NotNull Instrument instrument,
            @Nullable UnitSystem units,
            boolean confirmed,
            @Nullable Long corrects,
            @Nullable Long seen) {}

    public record CopyRequest(
            long fromAxle, @NotNull Side fromSide, @NotNull Side toSide, boolean wheel) {}

    public record CopyView(@Nullable String refused, int taken) {}

    @PostMapping("/understand")
    public UnderstoodView understand(@Valid @RequestBody UnderstandRequest body) {
        UnitSystem units = units(body.units());
        try {
            // While the place is still empty the value is looked at alone.
            String place = body.callout().hasPlaces() && body.place().isBlank() ? "1 mm" : body.place();
            Reading r = Reading.take(Side.LEFT, body.callout(), place, body.text(), body.instrument(), units)
                    .with(instruments.tools());
            return switch (r.callout().kind()) {
                case THREAD ->
                    new UnderstoodView(
                            true,
                            null,
                            null,
                            "thread " + r.thread().orElseThrow().designation(),
                            null,
                            null);
                case WORD -> new UnderstoodView(true, null, null, r.text(), null, null);
                case COUNT -> new UnderstoodView(true, r.value().orElseThrow(), null, null, null, null);
                case LENGTH ->
                    new UnderstoodView(
                            true,
                            r.value().orElseThrow(),
                            Consolidation.single(r).expanded(),
                            null,
                            null,
                            null);
            };
        } catch (IllegalArgumentException e) {
            return new UnderstoodView(
                    false,
                    null,
                    null,
                    null,
                    e.getMessage(),
                    mend(e, body.text()).orElse(null));
        }
    }

    private UnitSystem units(@Nullable UnitSystem given) {
        return given == null ? me.units() : given;
    }

    /** The text with the unit that would make it possible, if one would. */
    private static Optional<String> mend(IllegalArgumentException e, String text) {
        return e instanceof OutOfRangeException range
                ? range.unitThatWouldDo().map(unit -> text.strip() + " " + unit)
                : Optional.empty();
    }

    @GetMapping("/axles/{axleId}/end")
    public AxleEndView end(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        List<ReadingRow> standing = readings.standing(axleId);
        return AxleEndView.of(new AxleEndView.Material(
                row,
                jobs.job(row.jobId()).title(),
                bench.record(row, standing),
                standing,
                readings.history(axleId),
                photos.ofAxle(axleId),
                instruments.tools(),
                families.all(),
                me.wording()));
    }

    @PostMapping("/axles/{axleId}/readings")
    public AxleEndView take(@PathVariable long axleId, @Valid @RequestBody ReadingRequest body) {
        AxleRow row = bench.lockedAxle(axleId); // two reading the same at once: the second sees the first
        Person person = me.get();
        UnitSystem units = units(body.units());
        if (!ReadingSpec.handOrder(row.form()).contains(body.callout())) {
            throw BadInputException.of(
                    "callout",
                    body.callout().name(),
                    body.callout().title() + " is not read on this kind of axle end.");
        }
        if (!Reading.isMeasuredBy(body.callout(), body.instrument())) {
            throw BadInputException.of(
                    "instrument",
                    body.instrument().title(),
                    "A length cannot be taken with “" + body.instrument().title()
                            + "”: it proves counts and kinds only. Choose what it was measured with.");
        }
        Reading reading;
        try {
            reading = Reading.take(body.side(), body.callout(), body.place(), body.text(), body.instrument(), units);
        } catch (IllegalArgumentException e) {
            throw BadInputException.mendable("text", body.text(), e.getMessage(), mend(e, body.text()));
        }
        List<ReadingRow> standing = readings.standing(axleId);
        boolean isKnown = readings.isRecorded(body.clientId());
        if (!body.confirmed() && !isKnown) {
            readMeanwhile(standing, reading, body, person);
            clash(standing, reading, body.corrects()).ifPresent(question -> {
                throw BadInputException.unlikely(
                        "text",
                        body.text(),
                        question + " Press Enter again to keep it, or mend it.",
                        question.contains("25.4") ? reading.inOtherUnit() : Optional.empty());
            });
        }
        readings.add(
                axleId,
                new NewReading(
                        body.clientId(),
                        body.corrects() == null || isKnown
                                ? OptionalLong.empty()
                                : OptionalLong.of(standingId(standing, body.corrects())),
                        body.side(),
                        body.callout(),
                        body.place().strip(),
                        reading.text().strip(),
                        units,
                        body.instrument(),
                        OptionalLong.empty(),
                        Optional.empty()),
                person.id());
        return end(axleId);
    }

    private static long standingId(List<ReadingRow> standing, long id) {
        return standing.stream()
                .filter(r -> r.id() == id)
                .findFirst()
                .orElseThrow(() -> new StaleVersionException("The reading to correct"))
                .id();
    }

    /** Somebody else read the same since the sender last looked: both are to be seen first. */
    private static void readMeanwhile(List<ReadingRow> standing, Reading reading, ReadingRequest body, Person person) {
        Long seen = body.seen();
        if (seen == null) {
            return;
        }
        standing.stream()
                .filter(r -> r.id() > seen
                        && r.personId() != person.id()
                        && r.side() == reading.side()
                        && r.callout() == reading.callout()
                        && r.reading().place().equals(reading.place()))
                .reduce((first, second) -> second)
                .ifPresent(other -> {
                    String theirs = other.reading().textWithUnit();
                    throw new ReadingClashException(
                            other.by() + " read “" + reading.callout().title() + "” as " + theirs
                                    + " meanwhile; yours is " + reading.textWithUnit() + ".",
                            new ReadingClashException.Theirs(other.id(), theirs, other.by(), other.at()));
                });
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
    public AxleEndView withdraw(
            @PathVariable long axleId,
            @PathVariable long readingId,
            @RequestParam @Pattern(regexp = UUID_PATTERN) String clientId) {
        bench.lockedAxle(axleId);
        readings.withdraw(axleId, readingId, clientId, me.get().id());
        return end(axleId);
    }

    /** Takes readings over from another end that was proven equal as far as both were read; else says what to read first. */
    @PostMapping("/axles/{axleId}/copies")
    @Transactional
    public CopyView copy(@PathVariable long axleId, @Valid @RequestBody CopyRequest body) {
        AxleRow to = bench.lockedAxle(axleId);
        AxleRow from = bench.axle(body.fromAxle());
        if (from.jobId() != to.jobId() || from.id() == to.id() && body.fromSide() == body.toSide()) {
            throw BadInputException.of(
                    "fromAxle",
                    String.valueOf(body.fromAxle()),
                    "Readings are taken over within one job, from another end.");
        }
        Optional<Phrase> whyNot = Comparison.whyNotEqual(
                bench.record(from).end(body.fromSide()), bench.record(to).end(body.toSide()), body.wheel());
        if (whyNot.isPresent()) {
            return new CopyView(me.wording().say(whyNot.get()), 0);
        }
        List<Callout> wanted = ReadingSpec.handOrder(to.form());
        List<ReadingRow> standing = readings.standing(to.id());
        int taken = 0;
        for (ReadingRow r : readings.standing(from.id())) {
            boolean isOfGroup = r.side() == body.fromSide()
                    && r.callout().isOfWheel() == body.wheel()
                    && !r.callout().isGapOfVehicle()
                    && wanted.contains(r.callout());
            boolean isThere = standing.stream()
                    .anyMatch(o -> o.side() == body.toSide()
                            && o.callout() == r.callout()
                            && (!r.callout().hasPlaces()
                                    || o.reading().place().equals(r.reading().place())));
            if (isOfGroup && !isThere) {
                readings.add(to.id(), copyOf(r, body.toSide()), me.get().id());
                taken++;
            }
        }
        if (taken > 0) {
            events.add(
                    Place.axle(to.jobId(), to.id()),
                    EventStore.Kind.READINGS_COPIED,
                    body.wheel() ? "wheel" : "axle end",
                    Map.of(
                            "from",
                            from.name() + ", " + body.fromSide().word(),
                            "to",
                            to.name() + ", " + body.toSide().word(),
                            "new",
                            String.valueOf(taken)),
                    me.get().id());
        }
        return new CopyView(null, taken);
    }

    private static NewReading copyOf(ReadingRow r, Side to) {
        return new NewReading(
                UUID.randomUUID().toString(),
                OptionalLong.empty(),
                to,
                r.callout(),
                r.placeText(),
                r.text(),
                r.unitSystem(),
                r.instrument(),
                OptionalLong.of(r.id()),
                r.reading().origin().map(o -> new Origin(o.by(), o.at(), true)));
    }
}
