package itrova.server.api;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Matcher;
import itrova.core.kit.Kit;
import itrova.core.measure.WantedReadings;
import itrova.core.measure.ToolBox;
import itrova.core.order.OrderGate;
import itrova.core.record.AxleRecord;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Side;
import itrova.server.api.JobsController.AxleSummary;
import itrova.server.api.JobsController.JobView;
import itrova.server.api.JobsController.Stage;
import itrova.server.store.EventStore;
import itrova.server.store.InstrumentStore;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.KitStore;
import itrova.server.store.ReadingStore;
import itrova.server.store.ReadingStore.ReadingRow;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * The shop floor as one read model: a page of jobs is asked for with a handful of statements however many jobs and axles it holds.
 * Whether any kit is proven on an axle is worked out once for a state of the axle, the catalogue and the limits.
 */
@Component
class ShopFloor {
    private static final int ANSWERS_KEPT = 20_000;

    private final JobStore jobs;
    private final ReadingStore readings;
    private final EventStore events;
    private final InstrumentStore instruments;
    private final JobArchive archive;
    private final KitStore kits;
    private final Workbench bench;
    private final Cache<String, Boolean> anyProven =
            Caffeine.newBuilder().maximumSize(ANSWERS_KEPT).build();

    ShopFloor(
            JobStore jobs,
            ReadingStore readings,
            EventStore events,
            InstrumentStore instruments,
            JobArchive archive,
            KitStore kits,
            Workbench bench) {
        this.jobs = jobs;
        this.readings = readings;
        this.events = events;
        this.instruments = instruments;
        this.archive = archive;
        this.kits = kits;
        this.bench = bench;
    }

    /** What all axles of a page are held against. */
    private record Around(
            Map<Long, List<ReadingRow>> standing,
            Set<String> placed,
            ToolBox tools,
            ShopSettings settings,
            String stamp,
            Map<Long, Long> readingStamps) {}

    /** Jobs as they stand on the floor, in the order given. */
    List<JobView> of(List<JobRow> rows) {
        List<AxleRow> axles = jobs.axles(rows.stream().map(JobRow::id).toList());
        List<Long> ids = axles.stream().map(AxleRow::id).toList();
        ShopSettings settings = bench.settings();
        Set<String> placed = events.placed(ids).stream()
                .map(e -> e.axleId() + " " + e.subject())
                .collect(Collectors.toCollection(HashSet::new));
        Around around = new Around(
                readings.standing(ids),
                placed,
                instruments.tools(),
                settings,
                kits.stamp() + new TreeMap<>(settings.set()),
                readings.stamps(ids));
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
        int wanted = 0;
        for (Side side : Side.values()) {
            wanted += WantedReadings.stillWanted(record.end(side));
        }
        Stage stage;
        String heldBy = "";
        String next;
        if (row.chosen().isPresent()) {
            JobStore.Chosen chosen = row.chosen().get();
            boolean placed = around.placed().contains(row.id() + " " + chosen.kit());
            stage = placed ? Stage.FIT : Stage.ORDER;
            heldBy = placed ? "" : held(record, chosen, around.settings());
            next = placed ? "Work on the bench card" : "Order";
        } else if (wanted > 0) {
            stage = Stage.MEASURE;
            heldBy = wanted == 1 ? "1 reading wanted" : wanted + " readings wanted";
            next = "Measure";
        } else {
            stage = Stage.CHOOSE;
            heldBy = isAnyProven(row, record, around) ? "" : "no kit is proven to fit";
            next = "Choose a kit";
        }
        return new AxleSummary(
                row.id(),
                row.name(),
                row.form().kind(),
                row.load().map(AxleLoad::kg).orElse(null),
                row.load().map(AxleLoad::source).orElse(null),
                row.wheelStays(),
                row.chosenKit().orElse(null),
                stage,
                heldBy,
                next);
    }

    private String held(AxleRecord record, JobStore.Chosen chosen, ShopSettings settings) {
        Kit kit = kits.find(chosen.kit(), chosen.edition()).orElse(null);
        if (kit == null) {
            return "kit " + chosen.kit() + " is not in the catalogue any more";
        }
        OrderGate gate = OrderGate.of(FitEngine.report(record.toCase(List.of(Side.values())), kit, settings));
        return gate.state() == OrderGate.State.OPEN
                ? ""
                : gate.holding().size() + " checks of kit " + chosen.kit() + " are not proven to fit";
    }

    private boolean isAnyProven(AxleRow row, AxleRecord record, Around around) {
        String state = row.id() + "/" + row.version() + "/" + row.facts() + "/"
                + around.readingStamps().getOrDefault(row.id(), 0L) + "/" + around.stamp();
        return anyProven.get(state, s -> Matcher.of(record.toCase(List.of(Side.values())), around.settings())
                .provesAny(kits.all()));
    }
}
