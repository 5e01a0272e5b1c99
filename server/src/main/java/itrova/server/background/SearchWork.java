package itrova.server.background;

import itrova.core.placed.AxleCase;
import itrova.core.record.AxleRecord;
import itrova.core.remedy.WorkKind;
import itrova.core.search.Search;
import itrova.core.search.Weights;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import itrova.formats.SearchDocument;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.KitStore;
import itrova.server.store.LimitStore;
import itrova.server.store.SearchStore;
import itrova.server.store.SearchStore.SearchRow;
import itrova.server.store.WheelStore;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Runs one search and keeps its row up to date. */
@Component
class SearchWork {
    private static final Logger LOG = LoggerFactory.getLogger(SearchWork.class);
    private static final int MOST_KEPT = 20;
    /** Its row is written and looked at no oftener (ns). */
    private static final long TELL = 250_000_000L;

    private final SearchStore searches;
    private final JobStore jobs;
    private final JobArchive archive;
    private final KitStore kits;
    private final WheelStore wheels;
    private final LimitStore limits;
    private final JsonMapper json;

    SearchWork(
            SearchStore searches,
            JobStore jobs,
            JobArchive archive,
            KitStore kits,
            WheelStore wheels,
            LimitStore limits,
            JsonMapper json) {
        this.searches = searches;
        this.jobs = jobs;
        this.archive = archive;
        this.kits = kits;
        this.wheels = wheels;
        this.limits = limits;
        this.json = json;
    }

    /**
     * Runs a search, if it still waits for it.
     *
     * @param leaving whether this instance is about to end: the search is then left to another
     */
    void run(String id, BooleanSupplier leaving) {
        SearchRow row = searches.find(id).orElse(null);
        if (row == null || row.isOver()) {
            return;
        }
        Search.Outcome outcome;
        SearchTerms terms = json.readValue(row.request(), SearchTerms.class);
        Weights weights = new Weights(terms.centsPerDay(), terms.centsPerHour(), terms.centsPerIrreversible());
        try {
            outcome = search(row, terms, weights, leaving);
        } catch (RuntimeException e) {
            LOG.error("Search {} broke off.", id, e);
            searches.failed(
                    id, "The search broke off. Start it again; if it breaks again, tell whoever keeps this program.");
            return;
        }
        if (leaving.getAsBoolean() && !outcome.complete()) {
            throw new IllegalStateException("This instance ends; search " + id + " is left to another.");
        }
        searches.found(id, SearchDocument.write(outcome, weights));
    }

    private Search.Outcome search(SearchRow row, SearchTerms terms, Weights weights, BooleanSupplier leaving) {
        AxleRecord record = archive.record(jobs.axle(row.axleId()));
        AxleCase axle = record.toCase(List.of(Side.values()));
        List<Wheel> other = terms.otherWheels() ? wheels.all() : List.of();
        Set<WorkKind> forbidden =
                terms.forbidden().isEmpty() ? EnumSet.noneOf(WorkKind.class) : EnumSet.copyOf(terms.forbidden());
        AtomicInteger done = new AtomicInteger();
        AtomicBoolean stopped = new AtomicBoolean(row.cancelled());
        AtomicLong told = new AtomicLong(System.nanoTime());
        BooleanSupplier cancelled = () -> {
            long last = told.get();
            if (System.nanoTime() - last > TELL && told.compareAndSet(last, System.nanoTime())) {
                stopped.compareAndSet(false, searches.progress(row.id(), done.get()) || leaving.getAsBoolean());
            }
            return stopped.get();
        };
        return Search.run(
                axle,
                kits.all(),
                other,
                limits.settings(),
                new Search.Terms(weights, forbidden, MOST_KEPT),
                done::set,
                cancelled);
    }
}
