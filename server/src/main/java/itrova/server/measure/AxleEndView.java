package itrova.server.measure;

import itrova.core.identity.Families;
import itrova.core.identity.Identification;
import itrova.core.identity.Subject;
import itrova.core.measure.BoltCircle;
import itrova.core.measure.Comparison;
import itrova.core.measure.DerivedValues;
import itrova.core.measure.Instrument;
import itrova.core.measure.ProfilePlaces;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.Repeats;
import itrova.core.measure.TakenApart;
import itrova.core.measure.ToolBox;
import itrova.core.measure.WantedReadings;
import itrova.core.measure.Words;
import itrova.core.quantity.Measured;
import itrova.core.record.AxleRecord;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Papers;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import itrova.core.wording.Wording;
import itrova.formats.drawing.AxleEndDrawing;
import itrova.formats.drawing.Sheet;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.PhotoStore.PhotoRow;
import itrova.server.store.ReadingStore.OldReading;
import itrova.server.store.ReadingStore.ReadingRow;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** An axle with both sides as measured. Lengths in mm. */
public record AxleEndView(
        long axleId,
        long jobId,
        String jobTitle,
        int version,
        String name,
        AxleForm form,
        @Nullable String chosenKit,
        List<SideView> sides,
        @Nullable DerivedView track,
        List<DifferenceView> differences,
        List<InstrumentView> instruments,
        long lastReading) {

    /** Everything an axle's view is made from. */
    public record Material(
            AxleRow row,
            String jobTitle,
            AxleRecord record,
            List<ReadingRow> readings,
            List<OldReading> history,
            List<PhotoRow> photos,
            ToolBox tools,
            Families families,
            Wording wording) {}

    /** One reading that stands. */
    public record ReadingView(
            long id,
            String text,
            String placeText,
            @Nullable Double placeMm,
            Instrument instrument,
            String by,
            Instant at,
            boolean copied,
            boolean outlier,
            List<Long> photos) {}

    /** One reading that was corrected or withdrawn. */
    public record OldView(String text, String placeText, String by, Instant at, boolean withdrawn, String now) {}

    /**
     * One dimension: how to take it, what was read, what it amounts to.
     *
     * @param places where along a profile a reading is still worth taking, as on a rule in the reader's units
     */
    public record CalloutView(
            Callout callout,
            String title,
            Callout.Kind kind,
            Sheet.View view,
            boolean hasPlaces,
            boolean ofWheel,
            boolean wanted,
            boolean open,
            Instrument defaultInstrument,
            TakenApart needs,
            String howTo,
            String slip,
            String caution,
            List<String> choices,
            List<String> places,
            @Nullable Double value,
            @Nullable Double doubt,
            @Nullable String text,
            @Nullable Double spread,
            @Nullable String odd,
            List<ReadingView> readings,
            List<OldView> history) {}

    /** One place of a profile. */
    public record StationView(double place, double size, double doubt) {}

    public record CandidateView(String name, double probability, List<String> evidence, String source) {}

    /** What a part may be. */
    public record IdentityView(
            Subject subject,
            String title,
            List<CandidateView> candidates,
            @Nullable String contradiction,
            @Nullable String againstPapers) {}

    public record DerivedInputView(String symbol, double value, double doubt) {}

    public record DerivedView(
            String title, double value, double doubt, String formula, List<DerivedInputView> inputs, String source) {}

    /** A dimension that differs between left and right by more than its doubt. */
    public record DifferenceView(
            Callout callout,
            String title,
            @Nullable Double difference,
            @Nullable Double doubt) {}

    public record SideView(
            Side side,
            List<CalloutView> callouts,
            @Nullable Double boltCircle,
            @Nullable Double boltCircleDoubt,
            List<DerivedView> derived,
            List<IdentityView> identities,
            @Nullable String clash,
            List<StationView> barrel,
            List<StationView> spokes,
            List<Sheet> sheets,
            @Nullable Callout next,
            int stillWanted) {}

    public record InstrumentView(
            Instrument id, String title, @Nullable String warning) {}

    public static AxleEndView of(Material m) {
        AxleEnd left = m.record().end(Side.LEFT);
        AxleEnd right = m.record().end(Side.RIGHT);
        return new AxleEndView(
                m.row().id(),
                m.row().jobId(),
                m.jobTitle(),
                m.row().version(),
                m.row().name(),
                m.row().form(),
                m.row().chosenKit().orElse(null),
                List.of(side(left, m), side(right, m)),
                DerivedValues.track(left, right).map(AxleEndView::derived).orElse(null),
                Comparison.of(left, right).stream()
                        .filter(Comparison.Line::differs)
                        .map(AxleEndView::difference)
                        .toList(),
                Arrays.stream(Instrument.values())
                        .map(i -> new InstrumentView(
                                i,
                                i.title(),
                                m.tools().warning(i, LocalDate.now()).orElse(null)))
                        .toList(),
                m.readings().stream().mapToLong(ReadingRow::id).max().orElse(0));
    }

    private static DifferenceView difference(Comparison.Line line) {
        return new DifferenceView(
                line.callout(),
                line.callout().title(),
                line.difference().map(Measured::value).orElse(null),
                line.difference().map(Measured::expanded).orElse(null));
    }

    private static SideView side(AxleEnd end, Material m) {
        List<CalloutView> callouts = ReadingSpec.handOrder(end.form()).stream()
                .map(c -> callout(c, end, m))
                .toList();
        Optional<Measured> circle = end.boltCircle();
        return new SideView(
                end.side(),
                callouts,
                circle.map(Measured::value).orElse(null),
                circle.map(Measured::expanded).orElse(null),
                DerivedValues.of(end).stream().map(AxleEndView::derived).toList(),
                identities(end, m),
                BoltCircle.clash(end).map(m.wording()::say).orElse(null),
                stations(end.barrel()),
                stations(end.spokes()),
                AxleEndDrawing.of(end),
                WantedReadings.on(end).orElse(null),
                WantedReadings.stillWanted(end));
    }

    private static List<IdentityView> identities(AxleEnd end, Material m) {
        List<IdentityView> views = new ArrayList<>();
        for (Subject subject : Subject.values()) {
            if (!subject.isAt(end)) {
                continue;
            }
            Identification found = Identification.of(subject, end, m.families());
            if (found.candidates().isEmpty()) {
                continue;
            }
            views.add(new IdentityView(
                    subject,
                    subject.title(),
                    found.candidates().stream()
                            .limit(4)
                            .map(c -> new CandidateView(
                                    c.name(),
                                    c.probability(),
                                    c.evidence().stream().map(m.wording()::say).toList(),
                                    c.source()))
                            .toList(),
                    found.contradiction().map(m.wording()::say).orElse(null),
                    claim(subject, m.row().papers())
                            .flatMap(found::against)
                            .map(m.wording()::say)
                            .orElse(null)));
        }
        return views;
    }

    private static Optional<String> claim(Subject subject, Papers papers) {
        return switch (subject) {
            case WHEEL_PATTERN -> papers.wheelPattern();
            case HOUSING_END -> papers.housingEnd();
            case SPINDLE -> papers.spindle();
            default -> Optional.empty();
        };
    }

    private static DerivedView derived(DerivedValues.Derived d) {
        return new DerivedView(
                d.title(),
                d.value().value(),
                d.value().expanded(),
                d.formula(),
                d.inputs().stream()
                        .map(i -> new DerivedInputView(
                                i.symbol(), i.value().value(), i.value().expanded()))
                        .toList(),
                d.source());
    }

    /** What may be written for a word, or what a thread may be by its diameter; empty where neither helps. */
    private static List<String> choices(Callout callout, AxleEnd end) {
        if (callout.kind() != Callout.Kind.THREAD) {
            return Words.choices(callout);
        }
        OptionalDouble diameter = callout == Callout.STUD_THREAD
                ? end.length(Callout.STUD_MAJOR)
                        .map(m -> OptionalDouble.of(m.value()))
                        .orElse(OptionalDouble.empty())
                : OptionalDouble.empty();
        return itrova.core.fastener.Thread.usualNear(diameter);
    }

    private static List<StationView> stations(List<Station> stations) {
        return stations.stream()
                .map(s -> new StationView(
                        s.place().value(), s.size().value(), s.size().expanded()))
                .toList();
    }

    private static CalloutView callout(Callout callout, AxleEnd end, Material m) {
        ReadingSpec spec = ReadingSpec.of(callout);
        List<ReadingRow> own = m.readings().stream()
                .filter(r -> r.side() == end.side() && r.callout() == callout)
                .toList();
        Optional<Repeats.Summary> repeats = repeats(callout, own);
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
                m.wording().title(callout),
                callout.kind(),
                AxleEndDrawing.viewOf(callout),
                callout.hasPlaces(),
                callout.isOfWheel(),
                WantedReadings.isWanted(callout, end),
                WantedReadings.isOpen(callout, end),
                spec.preferred(),
                spec.needs(),
                m.wording().say(spec.howTo()),
                m.wording().say(spec.slip()),
                m.wording().say(spec.caution()),
                choices(callout, end),
                ProfilePlaces.worth(end, callout, m.wording().units()),
                value,
                doubt,
                end.thread(callout)
                        .map(itrova.core.fastener.Thread::designation)
                        .or(() -> end.word(callout))
                        .orElse(null),
                repeats.filter(r -> r.n() > 1).map(Repeats.Summary::spread).orElse(null),
                repeats.flatMap(Repeats.Summary::odd).map(m.wording()::say).orElse(null),
                readings(own, repeats.flatMap(Repeats.Summary::outlier), m.photos()),
                m.history().stream()
                        .filter(o -> o.old().side() == end.side() && o.old().callout() == callout)
                        .map(o -> new OldView(
                                o.old().text(),
                                o.old().placeText(),
                                o.old().by(),
                                o.old().at(),
                                o.isWithdrawn(),
                                o.now()))
                        .toList());
    }

    /** Repeats are judged where they are of the same thing: not along a profile, nor of counts and words. */
    private static Optional<Repeats.Summary> repeats(Callout callout, List<ReadingRow> own) {
        if (callout.kind() != Callout.Kind.LENGTH || callout.hasPlaces() || own.isEmpty()) {
            return Optional.empty();
        }
        List<Reading> readings = own.stream().map(ReadingRow::reading).toList();
        return Optional.of(Repeats.of(readings));
    }

    private static List<ReadingView> readings(List<ReadingRow> own, Optional<Integer> outlier, List<PhotoRow> photos) {
        List<ReadingView> views = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            ReadingRow r = own.get(i);
            Reading reading = r.reading();
            views.add(new ReadingView(
                    r.id(),
                    reading.textWithUnit(),
                    placeWithUnit(r, reading),
                    reading.place().isPresent() ? (Double) reading.place().getAsDouble() : null,
                    r.instrument(),
                    r.by(),
                    r.at(),
                    r.isCopied(),
                    outlier.isPresent() && outlier.get() == i,
                    photos.stream()
                            .filter(p -> p.readingId() == r.id())
                            .map(PhotoRow::id)
                            .toList()));
        }
        return views;
    }

    private static String placeWithUnit(ReadingRow row, Reading reading) {
        if (reading.place().isEmpty()) {
            return "";
        }
        boolean written = row.placeText().matches(".*[^0-9.,/\\s-].*");
        return written ? row.placeText() : String.format(Locale.ROOT, "%s %s", row.placeText(), unitWord(row));
    }

    private static String unitWord(ReadingRow row) {
        return row.unitSystem() == itrova.core.quantity.UnitSystem.METRIC ? "mm" : "in";
    }
}
