package itrova.server.api;

import itrova.core.fit.Judging;
import itrova.core.fit.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.server.api.MatchController.StampView;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.ReadingStore;
import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The kits judged against the axles looked at last. They are worked out once for a state of the axle, the catalogue and the shop's
 * limits, so that narrowing and paging ten thousand kits costs nothing anew; what takes long goes on behind.
 */
@Component
class MatchTable {
    private static final Logger LOG = LoggerFactory.getLogger(MatchTable.class);
    private static final int AXLES_KEPT = 4;

    private final Workbench bench;
    private final ReadingStore readings;
    private final KitStore kits;
    private final Map<Long, Judged> kept = new LinkedHashMap<>(AXLES_KEPT, 0.75f, true);
    private final ExecutorService behind = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "judging");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    MatchTable(Workbench bench, ReadingStore readings, KitStore kits) {
        this.bench = bench;
        this.readings = readings;
        this.kits = kits;
    }

    @PreDestroy
    void stop() {
        synchronized (kept) {
            kept.values().forEach(Judged::drop);
        }
        behind.shutdownNow();
    }

    /** Changes whenever a row could, but for kits going from not yet to wholly judged. */
    String stamp(AxleRow row) {
        ShopSettings settings = bench.settings();
        return row.version() + "/" + readings.stamp(row.id()) + "/" + kits.stamp() + "/"
                + settings.set().hashCode();
    }

    /** What the rows shown are to be held against; works nothing out. */
    StampView glance(AxleRow row) {
        String stamp = stamp(row);
        Judged known = known(row.id());
        return new StampView(stamp, known != null && known.stamp().equals(stamp) ? known.unfinished() : 0);
    }

    /** The kits judged against the axle as it stands. */
    Judged of(AxleRow row) {
        String stamp = stamp(row);
        Judged known = known(row.id());
        if (known != null && known.stamp().equals(stamp)) {
            return known;
        }
        Judging judging = Judging.of(bench.record(row).toCase(List.of(Side.values())), bench.settings());
        Judged judged = new Judged(stamp, judging, kits.all());
        keep(row.id(), judged);
        if (judged.unfinished() > 0) {
            behind.submit(() -> goOn(judged));
        }
        return judged;
    }

    private static void goOn(Judged judged) {
        try {
            judged.goOn();
        } catch (RuntimeException e) {
            LOG.error("Judging broke off; the kits left stay “not proven”.", e);
        }
    }

    private @org.jspecify.annotations.Nullable Judged known(long axleId) {
        synchronized (kept) {
            return kept.get(axleId);
        }
    }

    private void keep(long axleId, Judged judged) {
        synchronized (kept) {
            Judged before = kept.put(axleId, judged);
            if (before != null) {
                before.drop();
            }
            if (kept.size() > AXLES_KEPT) {
                Long oldest = kept.keySet().iterator().next();
                kept.remove(oldest).drop();
            }
        }
    }
}
