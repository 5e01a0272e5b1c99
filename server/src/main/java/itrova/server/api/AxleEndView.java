package itrova.server.api;

import itrova.core.measure.BoltCircle;
import itrova.core.measure.Instrument;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.TakeNext;
import itrova.core.measure.WheelPattern;
import itrova.core.quantity.Measured;
import itrova.core.record.AxleRecord;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.ReadingStore.ReadingRow;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** An axle with both sides as measured. Lengths in mm. */
record AxleEndView(
        long axleId,
        long jobId,
        String jobTitle,
        int version,
        String name,
        AxleEndKind kind,
        BracketShape bracketShape,
        @Nullable String chosenKit,
        List<SideView> sides,
        List<InstrumentView> instruments) {

    /** One reading that stands. */
    record ReadingView(
            long id,
            String text,
            String placeText,
            @Nullable Double placeMm,
            Instrument instrument,
            String by,
            Instant at) {}

    /** One dimension: how to take it, what was read, what it amounts to. */
    record CalloutView(
            Callout callout,
            String title,
            Callout.Kind kind,
            boolean hasPlaces,
            boolean ofWheel,
            boolean wanted,
            Instrument usual,
            String howTo,
            String slip,
            @Nullable Double value,
            @Nullable Double doubt,
            @Nullable String thread,
            List<ReadingView> readings) {}

    /** One place of a profile. */
    record StationView(double place, double size, double doubt) {}

    record CandidateView(String name, double probability) {}

    record SideView(
            Side side,
            List<CalloutView> callouts,
            @Nullable Double boltCircle,
            @Nullable Double boltCircleDoubt,
            List<CandidateView> patterns,
            @Nullable String clash,
            List<StationView> barrel,
            List<StationView> spokes,
            @Nullable Callout next,
            int stillWanted) {}

    record InstrumentView(Instrument id, String title) {}

    static AxleEndView of(AxleRow row, String jobTitle, AxleRecord record, List<ReadingRow> readings) {
        return new AxleEndView(
                row.id(),
                row.jobId(),
                jobTitle,
                row.version(),
                row.name(),
                row.kind(),
                row.bracketShape(),
                row.chosenKit().orElse(null),
                Arrays.stream(Side.values())
                        .map(s -> side(record.end(s), readings))
                        .toList(),
                Arrays.stream(Instrument.values())
                        .map(i -> new InstrumentView(i, i.title()))
                        .toList());
    }

    private static SideView side(AxleEnd end, List<ReadingRow> readings) {
        List<CalloutView> callouts = ReadingSpec.handOrder(end.kind(), end.bracketShape()).stream()
                .map(c -> callout(c, end, readings))
                .toList();
        Optional<Measured> circle = end.boltCircle();
        List<CandidateView> patterns = circle.map(
                        d -> WheelPattern.identify(end.count(Callout.LUG_COUNT).orElseThrow(), d).stream()
                                .map(c -> new CandidateView(c.name(), c.probability()))
                                .toList())
                .orElse(List.of());
        return new SideView(
                end.side(),
                callouts,
                circle.map(Measured::value).orElse(null),
                circle.map(Measured::expanded).orElse(null),
                patterns,
                BoltCircle.clash(end).orElse(null),
                stations(end.barrel()),
                stations(end.spokes()),
                TakeNext.on(end).orElse(null),
                TakeNext.stillWanted(end));
    }

    private static List<StationView> stations(List<Station> stations) {
        return stations.stream()
                .map(s -> new StationView(
                        s.place().value(), s.size().value(), s.size().expanded()))
                .toList();
    }

    private static CalloutView callout(Callout callout, AxleEnd end, List<ReadingRow> readings) {
        ReadingSpec spec = ReadingSpec.of(callout);
        List<ReadingView> own = readings.stream()
                .filter(r -> r.side() == end.side() && r.callout() == callout)
                .map(r -> new ReadingView(
                        r.id(),
                        r.text(),
                        r.placeText(),
                        r.reading().place().isPresent()
                                ? (Double) r.reading().place().getAsDouble()
                                : null,
                        r.instrument(),
                        r.by(),
                        r.at()))
                .toList();
        Double value = null;
        Double doubt = null;
        if (callout.kind() == Callout.Kind.COUNT && end.count(callout).isPresent()) {
            value = (double) end.count(callout).getAsInt();
        } else if (end.length(callout).isPresent()) {
            value = end.length(callout).get().value();
            doubt = end.length(callout).get().expanded();
        }
        return new CalloutView(
                callout,
                callout.title(),
                callout.kind(),
                callout.hasPlaces(),
                callout.isOfWheel(),
                TakeNext.isWanted(callout, end),
                spec.usual(),
                spec.howTo(),
                spec.slip(),
                value,
                doubt,
                callout == Callout.STUD_THREAD
                        ? end.studThread().map(t -> t.designation()).orElse(null)
                        : null,
                own);
    }
}
