package itrova.server.measure;

import itrova.core.measure.Comparison;
import itrova.core.measure.Origin;
import itrova.core.measure.ReadingSpec;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.measure.MeasureController.AxleCopyRequest;
import itrova.server.measure.MeasureController.CopyRequest;
import itrova.server.measure.MeasureController.CopyView;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.ReadingStore;
import itrova.server.store.ReadingStore.NewReading;
import itrova.server.store.ReadingStore.ReadingRow;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Takes readings over from another end, or a whole axle from another one, once both are proven equal as far as both were read. */
@Service
class TakeOver {
    private final Workbench bench;
    private final ReadingStore readings;
    private final AroundChanges aroundChanges;
    private final EventStore events;
    private final CurrentPerson me;

    TakeOver(Workbench bench, ReadingStore readings, AroundChanges aroundChanges, EventStore events, CurrentPerson me) {
        this.bench = bench;
        this.readings = readings;
        this.aroundChanges = aroundChanges;
        this.events = events;
        this.me = me;
    }

    /** Takes readings over from another end that was proven equal as far as both were read; else says what to read first. */
    CopyView copy(long axleId, CopyRequest body) {
        AxleRow to = bench.lockedAxle(axleId);
        AxleRow from = bench.axle(body.fromAxle());
        if (from.jobId() != to.jobId() || from.id() == to.id() && body.fromSide() == body.toSide()) {
            throw BadInputException.of(
                    "fromAxle",
                    String.valueOf(body.fromAxle()),
                    "Readings are taken over within one job, from another end.");
        }
        Optional<String> whyNot = whyNot(from, body.fromSide(), to, body.toSide(), body.wheel());
        return whyNot.isPresent()
                ? new CopyView(whyNot.get(), 0)
                : new CopyView(null, copyGroup(from, body.fromSide(), to, body.toSide(), body.wheel()));
    }

    /**
     * Takes over all that was read of another axle of the job, side by side, with what stands around its wheels, once ends and wheels of
     * both sides are proven equal as far as both were read. Nothing is taken unless all is.
     */
    CopyView copyAxle(long axleId, AxleCopyRequest body) {
        AxleRow to = bench.lockedAxle(axleId);
        AxleRow from = bench.axle(body.fromAxle());
        if (from.jobId() != to.jobId() || from.id() == to.id()) {
            throw BadInputException.of(
                    "fromAxle", String.valueOf(body.fromAxle()), "An axle is taken over from another one of the job.");
        }
        for (Side side : Side.values()) {
            for (boolean wheel : List.of(false, true)) {
                Optional<String> whyNot = whyNot(from, side, to, side, wheel);
                if (whyNot.isPresent()) {
                    return new CopyView(side.title() + ", " + (wheel ? "wheel" : "axle end") + ": " + whyNot.get(), 0);
                }
            }
        }
        int taken = 0;
        for (Side side : Side.values()) {
            taken += copyGroup(from, side, to, side, false) + copyGroup(from, side, to, side, true);
        }
        copyAround(from, to, body);
        return new CopyView(null, taken);
    }

    /** What stands around a wheel nobody looked at yet, as around the other axle's; whether somebody looked here is what he says. */
    private void copyAround(AxleRow from, AxleRow to, AxleCopyRequest body) {
        Map<Side, Surroundings> sides = new EnumMap<>(Side.class);
        sides.putAll(to.around());
        for (Side side : Side.values()) {
            Surroundings there = from.around().get(side);
            if (there != null && !sides.containsKey(side)) {
                boolean isLooked = side == Side.LEFT ? body.lookedLeft() : body.lookedRight();
                sides.put(side, isLooked ? there : there.unlooked());
            }
        }
        if (!sides.equals(to.around())) {
            aroundChanges.write(to, to.version(), sides);
        }
    }

    private Optional<String> whyNot(AxleRow from, Side fromSide, AxleRow to, Side toSide, boolean wheel) {
        return Comparison.whyNotEqual(
                        bench.record(from).end(fromSide), bench.record(to).end(toSide), wheel)
                .map(me.wording()::say);
    }

    private int copyGroup(AxleRow from, Side fromSide, AxleRow to, Side toSide, boolean wheel) {
        List<Callout> wanted = ReadingSpec.handOrder(to.form());
        List<ReadingRow> standing = readings.standing(to.id());
        int taken = 0;
        for (ReadingRow r : readings.standing(from.id())) {
            boolean isOfGroup = r.side() == fromSide
                    && r.callout().isOfWheel() == wheel
                    && !r.callout().isGapOfVehicle()
                    && wanted.contains(r.callout());
            boolean isThere = standing.stream()
                    .anyMatch(o -> o.side() == toSide
                            && o.callout() == r.callout()
                            && (!r.callout().hasPlaces()
                                    || o.reading().place().equals(r.reading().place())));
            if (isOfGroup && !isThere) {
                readings.add(to.id(), copyOf(r, toSide), me.get().id());
                taken++;
            }
        }
        if (taken > 0) {
            events.add(
                    Place.axle(to.jobId(), to.id()),
                    EventStore.Kind.READINGS_COPIED,
                    wheel ? "wheel" : "axle end",
                    Map.of(
                            "from",
                            from.name() + ", " + fromSide.word(),
                            "to",
                            to.name() + ", " + toSide.word(),
                            "new",
                            String.valueOf(taken)),
                    me.get().id());
        }
        return taken;
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
