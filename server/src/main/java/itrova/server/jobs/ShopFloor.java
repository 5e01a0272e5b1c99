package itrova.server.jobs;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import itrova.core.choice.Selection;
import itrova.core.judge.Matcher;
import itrova.core.measure.ToolBox;
import itrova.core.measure.WantedReadings;
import itrova.core.measure.WantedReadings.Wanted;
import itrova.core.order.AxleStanding;
import itrova.core.record.AxleRecord;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Chosen;
import itrova.server.axle.Releases;
import itrova.server.axle.Workbench;
import itrova.server.jobs.JobsController.AxleSummary;
import itrova.server.jobs.JobsController.JobView;
import itrova.server.store.Decision;
import itrova.server.store.Decision.OrderPlaced;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.InstrumentStore;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.KitStore;
import itrova.server.store.NotFoundException;
import itrova.server.store.PartStore;
import itrova.server.store.ReadingStore;
import itrova.server.store.ReadingStore.ReadingRow;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * The shop floor as one read model: a page of jobs is asked for with a handful of statements however many jobs and axles it holds.
 * Whether any kit is proven on an axle is worked out once for a state of the axle, the catalogue and the limits.
 */
@Component
public class ShopFloor {
    private static final int ANSWERS_KEPT = 20_000;

    private final JobStore jobs;
    private final ReadingStore readings;
    private final EventStore events;
    private final InstrumentStore instruments;
    private final JobArchive archive;
    private final KitStore kits;
    private final PartStore parts;
    private final Workbench bench;
    private final Releases releases;
    private final CurrentPerson me;
    private final Cache<String, Boolean> anyProven =
            Caffeine.newBuilder().maximumSize(ANSWERS_KEPT).build();
    private final Cache<String, AxleStanding> standings =
            Caffeine.newBuilder().maximumSize(ANSWERS_KEPT).build();

    ShopFloor(
            JobStore jobs,
            ReadingStore readings,
            EventStore events,
            InstrumentStore instruments,
            JobArchive archive,
            KitStore kits,
            PartStore parts,
            Workbench bench,
            Releases releases,
            CurrentPerson me) {
        this.me = me;
        this.releases = releases;
        this.jobs = jobs;
        this.readings = readings;
        this.events = events;
        this.instruments = instruments;
        this.archive = archive;
        this.kits = kits;
        this.parts = parts;
        this.bench = bench;
    }

    /** What all axles of a page are held against. */
    private record Around(
            Map<Long, List<ReadingRow>> standing,
            Map<Long, List<Selection>> placed,
            ToolBox tools,
            ShopSettings settings,
            String stamp,
            Map<Long, Long> readingStamps,
            Map<Long, String> vehicleStamps,
            Wording wording) {}

    /** Jobs as they stand on the floor, in the order given. */
    public List<JobView> of(List<JobRow> rows) {
        List<AxleRow> axles = jobs.axles(rows.stream().map(JobRow::id).toList());
        List<Long> ids = axles.stream().map(AxleRow::id).toList();
        ShopSettings settings = bench.settings();
        Map<Long, List<Selection>> placed = new HashMap<>();
        for (EventRow e : events.placed(ids)) {
            if (Decision.of(e).orElseThrow() instanceof OrderPlaced order) {
                placed.computeIfAbsent(e.axleId(), a -> new ArrayList<>()).add(order.selection());
            }
        }
        Around around = new Around(
                readings.standing(ids),
                placed,
                instruments.tools(),
                settings,
                kits.stamp() + new TreeMap<>(settings.set()),
                readings.stamps(ids),
                vehicleStamps(rows, axles),
                me.wording());
        Map<Long, List<AxleSummary>> byJob = axles.stream()
                .collect(Collectors.groupingBy(
                        AxleRow::jobId, Collectors.mapping(a -> summary(a, around), Collectors.toList())));
        return rows.stream()
                .map(j -> view(j, byJob.getOrDefault(j.id(), List.of())))
                .toList();
    }

    private static JobView view(JobRow row, List<AxleSummary> axles) {
        return new JobView(
                row.id(),
                row.version(),
                row.title(),
                row.vehicleKind(),
                row.vehicle(),
                row.owner(),
                row.mustBeReversible(),
                row.promised().orElse(null),
                row.notes(),
                axles);
    }

    private AxleSummary summary(AxleRow row, Around around) {
        AxleRecord record = archive.record(row, around.standing().getOrDefault(row.id(), List.of()), around.tools());
        AxleStanding standing = standing(row, record, around);
        return new AxleSummary(
                row.id(),
                row.name(),
                row.form().kind(),
                row.load().map(AxleLoad::kg).orElse(null),
                row.load().map(AxleLoad::source).orElse(null),
                row.wheelStays(),
                row.chosenKit().orElse(null),
                standing.stage(),
                around.wording().say(standing.held()),
                around.wording().say(standing.next()),
                standing.spot().map(AxleStanding.Spot::side).orElse(null),
                standing.spot().flatMap(AxleStanding.Spot::callout).orElse(null));
    }

    private AxleStanding standing(AxleRow row, AxleRecord record, Around around) {
        if (row.chosen().isPresent()) {
            boolean placed = around.placed().getOrDefault(row.id(), List.of()).stream()
                    .anyMatch(row.chosen().get()::isSameAs);
            return standings.get(
                    state(row, around) + "/" + around.vehicleStamps().get(row.jobId()) + "/" + placed,
                    s -> chosen(row, record, around.settings(), placed));
        }
        List<AxleEnd> ends = Arrays.stream(Side.values()).map(record::end).toList();
        Optional<Wanted> first = WantedReadings.first(ends);
        if (first.isPresent()) {
            return AxleStanding.measuring(
                    ends.stream().mapToInt(WantedReadings::stillWanted).sum(),
                    ends.stream().mapToDouble(WantedReadings::minutes).sum(),
                    first.get());
        }
        boolean isProven = isAnyProven(row, record, around);
        Optional<AxleEnd> unseen =
                ends.stream().filter(e -> !e.around().isSeen()).findFirst();
        return !isProven && unseen.isPresent()
                ? AxleStanding.lookingAround(unseen.get().side())
                : AxleStanding.choosing(isProven);
    }

    private AxleStanding chosen(AxleRow row, AxleRecord record, ShopSettings settings, boolean placed) {
        try {
            Chosen chosen = bench.chosen(row, record, settings);
            return placed
                    ? AxleStanding.fitting(releases.overturned(chosen).size())
                    : AxleStanding.ordering(chosen.gate(), chosen.selection().kit());
        } catch (NotFoundException | ConflictException e) {
            return AxleStanding.lost(placed);
        }
    }

    /** By job what its vehicle's brakes hang on: the circuit, every axle's choice, the parts that can be bought. */
    private Map<Long, String> vehicleStamps(List<JobRow> rows, List<AxleRow> axles) {
        String catalogue = parts.stamp();
        Map<Long, String> stamps = new HashMap<>();
        rows.forEach(job -> stamps.put(job.id(), catalogue + "/" + job.version()));
        axles.forEach(a -> stamps.merge(a.jobId(), "/" + a.version(), String::concat));
        return stamps;
    }

    private static String state(AxleRow row, Around around) {
        return row.id() + "/" + row.version() + "/" + row.facts() + "/"
                + around.readingStamps().getOrDefault(row.id(), 0L) + "/" + around.stamp();
    }

    private boolean isAnyProven(AxleRow row, AxleRecord record, Around around) {
        return anyProven.get(
                state(row, around), s -> Matcher.of(record.toCase(List.of(Side.values())), around.settings())
                        .provesAny(kits.all()));
    }
}
