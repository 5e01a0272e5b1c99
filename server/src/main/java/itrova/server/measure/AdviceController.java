package itrova.server.measure;

import itrova.core.finding.Verdict;
import itrova.core.guide.NextReading;
import itrova.core.guide.Twin;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.TakenApart;
import itrova.core.measure.WantedReadings;
import itrova.core.record.AxleRecord;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.match.MatchSnapshot;
import itrova.server.match.MatchTable;
import itrova.server.store.FamilyStore;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Take this next: the readings of an axle, ranked by what they settle, and how the kits stand. */
@RestController
@RequestMapping("/api/axles/{axleId}")
public class AdviceController {
    private static final int MOST_SHOWN = 60;

    private final Workbench bench;
    private final MatchTable table;
    private final FamilyStore families;
    private final JobStore jobs;
    private final CurrentPerson me;

    AdviceController(Workbench bench, MatchTable table, FamilyStore families, JobStore jobs, CurrentPerson me) {
        this.jobs = jobs;
        this.bench = bench;
        this.table = table;
        this.families = families;
        this.me = me;
    }

    public record SuggestionView(
            Side side,
            Callout callout,
            String title,
            @Nullable Double place,
            boolean again,
            boolean forVerdict,
            double settles,
            double minutes,
            String why,
            String howTo,
            TakenApart needs) {}

    public record AdviceView(
            List<SuggestionView> ranked,
            int fits,
            int fitsWithWork,
            int notProven,
            int doesNotFit,
            @Nullable String finished,
            List<TwinView> twins) {}

    /**
     * An end read whole that a side may be the same as.
     *
     * @param axle the other end's axle
     * @param proven whether enough agrees to take the rest over
     * @param figures its last readings of single lengths, for whoever reads the same here
     */
    public record TwinView(Side side, String name, long axle, Side from, boolean proven, List<TwinFigure> figures) {}

    /** A reading of the other end with its unit. */
    public record TwinFigure(Callout callout, String text, Instrument instrument) {}

    private record Found(long axle, Side from, Twin twin, List<Reading> readings) {
        List<TwinFigure> figures() {
            Map<Callout, TwinFigure> last = new EnumMap<>(Callout.class);
            readings.stream()
                    .filter(r -> r.side() == from && r.callout().kind() == Callout.Kind.LENGTH)
                    .filter(r -> !r.callout().hasPlaces() && !r.callout().isGapOfVehicle())
                    .forEach(r -> last.put(r.callout(), new TwinFigure(r.callout(), r.textWithUnit(), r.instrument())));
            return List.copyOf(last.values());
        }
    }

    @GetMapping("/advice")
    public AdviceView advice(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        AxleRecord record = bench.record(row);
        MatchSnapshot judged = table.of(row);
        Map<Verdict, Integer> counts = judged.counts();
        NextReading.Advice advice = NextReading.advise(
                record.toCase(List.of(Side.values())),
                record.readings(),
                judged.best(),
                families.all(),
                bench.settings());
        List<Found> twins = twins(row, record);
        List<NextReading.Suggestion> ranked = advice.ranked();
        for (Found found : twins) {
            ranked = found.twin().provedFirst(ranked);
        }
        return new AdviceView(
                ranked.stream()
                        .limit(MOST_SHOWN)
                        .map(s -> view(s, me.wording()))
                        .toList(),
                counts.get(Verdict.FITS),
                counts.get(Verdict.FITS_WITH_WORK),
                counts.get(Verdict.NOT_PROVEN),
                counts.get(Verdict.DOES_NOT_FIT),
                advice.finished().map(me.wording()::say).orElse(null),
                twins.stream()
                        .map(f -> new TwinView(
                                f.twin().side(),
                                f.twin().name(),
                                f.axle(),
                                f.from(),
                                f.twin().isProven(),
                                f.figures()))
                        .toList());
    }

    /** For each side that is not read whole: the other side, or another axle of the same kind, that is. */
    private List<Found> twins(AxleRow row, AxleRecord record) {
        List<Found> found = new ArrayList<>();
        for (Side side : Side.values()) {
            AxleEnd here = record.end(side);
            if (WantedReadings.stillWanted(here) > 0) {
                candidates(row, record, side)
                        .filter(c -> !c.twin().isAnother())
                        .findFirst()
                        .ifPresent(found::add);
            }
        }
        return found;
    }

    private Stream<Found> candidates(AxleRow row, AxleRecord record, Side side) {
        Side across = side == Side.LEFT ? Side.RIGHT : Side.LEFT;
        AxleEnd here = record.end(side);
        Twin mirrored = new Twin(across.word() + " side", here, record.end(across));
        Stream<Found> otherSide = Stream.of(new Found(row.id(), across, mirrored, record.readings()));
        Stream<Found> otherAxles = jobs.axles(row.jobId()).stream()
                .filter(a -> a.id() != row.id() && a.form().equals(row.form()))
                .map(a -> {
                    AxleRecord there = bench.record(a);
                    Twin twin = new Twin(a.name() + ", " + side.word(), here, there.end(side));
                    return new Found(a.id(), side, twin, there.readings());
                });
        return Stream.concat(otherSide, otherAxles)
                .filter(f -> WantedReadings.stillWanted(f.twin().there()) == 0);
    }

    private static SuggestionView view(NextReading.Suggestion s, Wording wording) {
        return new SuggestionView(
                s.side(),
                s.callout(),
                s.callout().title(),
                s.place().isPresent() ? (Double) s.place().getAsDouble() : null,
                s.isAgain(),
                s.bits() > 0,
                s.bits(),
                s.minutes(),
                wording.say(s.why()),
                wording.say(s.howTo()),
                ReadingSpec.of(s.callout()).needs());
    }
}
