package itrova.server.measure;

import itrova.core.measure.Consolidation;
import itrova.core.measure.OutOfRangeException;
import itrova.core.measure.ProfileBounds;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Side;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.ReadingClashException;
import itrova.server.axle.Workbench;
import itrova.server.measure.MeasureController.ReadingRequest;
import itrova.server.store.EventStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.Person;
import itrova.server.store.ReadingStore;
import itrova.server.store.ReadingStore.NewReading;
import itrova.server.store.ReadingStore.ReadingRow;
import itrova.server.store.StaleVersionException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Readings taken, corrected, withdrawn, taken over from another end. */
@Service
class Readings {
    private final Workbench bench;
    private final ReadingStore readings;
    private final EventStore events;
    private final CurrentPerson me;

    Readings(Workbench bench, ReadingStore readings, EventStore events, CurrentPerson me) {
        this.bench = bench;
        this.readings = readings;
        this.events = events;
        this.me = me;
    }

    /** Takes a reading, or corrects one; what is unlikely or was read by another meanwhile is asked about first. */
    void take(long axleId, ReadingRequest body, UnitSystem units) {
        AxleRow row = bench.lockedAxle(axleId); // two reading the same at once: the second sees the first
        Person person = me.get();
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
        if (!isKnown) {
            List<Reading> others = standing.stream()
                    .filter(r -> body.corrects() == null || r.id() != body.corrects())
                    .map(ReadingRow::reading)
                    .toList();
            ProfileBounds.fault(reading, others).ifPresent(fault -> {
                throw BadInputException.of("place", body.place() + ": " + body.text(), fault);
            });
        }
        if (!body.confirmed() && !isKnown) {
            readMeanwhile(standing, reading, body, person);
            clash(standing, reading, body.corrects()).ifPresent(question -> {
                throw BadInputException.unlikely(
                        "text",
                        body.text(),
                        question.words() + " Press Enter again to keep it, or mend it.",
                        question.isOfUnit() ? reading.inOtherUnit() : Optional.empty());
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
    }

    /** The text with the unit that would make it possible, if one would. */
    static Optional<String> mend(IllegalArgumentException e, String text) {
        return e instanceof OutOfRangeException range
                ? range.unitThatWouldDo().map(unit -> text.strip() + " " + unit)
                : Optional.empty();
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

    private static Optional<Reading.Suspicion> clash(
            List<ReadingRow> standing, Reading reading, @Nullable Long corrected) {
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

    void withdraw(long axleId, long readingId, String clientId) {
        bench.lockedAxle(axleId);
        readings.withdraw(axleId, readingId, clientId, me.get().id());
    }
}
