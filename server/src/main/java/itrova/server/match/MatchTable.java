package itrova.server.match;

import com.github.benmanes.caffeine.cache.AsyncCache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Weigher;
import itrova.core.judge.Matcher;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.server.api.TooManyException;
import itrova.server.axle.Workbench;
import itrova.server.match.MatchController.StampView;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.ReadingStore;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The kits judged against the axles looked at last. A state of axle, catalogue and limits is worked out once, however many look at
 * it at the same time: the others wait for the first. One that was overtaken by a newer reading is broken off. What takes long goes
 * on behind.
 */
@Component
public class MatchTable {
    private static final Logger LOG = LoggerFactory.getLogger(MatchTable.class);
    /** Rows kept over all axles: eight axles with ten thousand kits each. */
    private static final long ROWS_KEPT = 80_000;

    private static final Duration LOOKED_AT = Duration.ofMinutes(30);
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final int AT_THE_SAME_TIME = 2;
    private static final int MOST_OVERTAKEN = 5;

    private final Workbench bench;
    private final ReadingStore readings;
    private final KitStore kits;
    private final ExecutorService workers = Executors.newFixedThreadPool(AT_THE_SAME_TIME, threads("match", 5));
    private final ExecutorService behind = Executors.newSingleThreadExecutor(threads("judging", Thread.MIN_PRIORITY));
    private final AsyncCache<State, MatchSnapshot> kept = Caffeine.newBuilder()
            .maximumWeight(ROWS_KEPT)
            .weigher((Weigher<State, MatchSnapshot>)
                    (state, judged) -> 1 + judged.rows().size())
            .expireAfterAccess(LOOKED_AT)
            .evictionListener(
                    (State state, MatchSnapshot judged, com.github.benmanes.caffeine.cache.RemovalCause cause) -> {
                        if (judged != null) {
                            judged.drop();
                        }
                    })
            .executor(workers)
            .buildAsync();
    /** The newest state of each axle that somebody asked for. */
    private final Map<Long, String> newest = new ConcurrentHashMap<>();

    MatchTable(Workbench bench, ReadingStore readings, KitStore kits) {
        this.bench = bench;
        this.readings = readings;
        this.kits = kits;
    }

    /** An axle in one state of its record, the catalogue and the limits. */
    private record State(long axleId, String stamp) {}

    private static java.util.concurrent.ThreadFactory threads(String name, int priority) {
        return task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            thread.setPriority(priority);
            return thread;
        };
    }

    @PreDestroy
    public void stop() {
        newest.clear();
        kept.synchronous().asMap().values().forEach(MatchSnapshot::drop);
        workers.shutdownNow();
        behind.shutdownNow();
    }

    /** Changes whenever a row could, but for kits going from not yet to wholly judged. The same at every instance. */
    public String stamp(AxleRow row) {
        ShopSettings settings = bench.settings();
        return row.version() + "/" + row.facts() + "/" + readings.stamp(row.id()) + "/" + kits.stamp() + "/"
                + new TreeMap<>(settings.set()) + new TreeMap<>(settings.works());
    }

    /** What the rows shown are to be held against; works nothing out. */
    public StampView glance(AxleRow row) {
        String stamp = stamp(row);
        MatchSnapshot known = kept.synchronous().asMap().get(new State(row.id(), stamp));
        return new StampView(stamp, known == null ? 0 : known.unfinished());
    }

    /** The kits judged against the axle as it stands. */
    public MatchSnapshot of(AxleRow asked) {
        AxleRow row = asked;
        for (int i = 0; i < MOST_OVERTAKEN; i++) {
            State state = new State(row.id(), stamp(row));
            breakOffOthers(state);
            AxleRow judgedRow = row;
            try {
                return kept.get(
                                state,
                                (s, executor) -> CompletableFuture.supplyAsync(() -> judge(s, judgedRow), executor))
                        .get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
            } catch (ExecutionException e) {
                if (!(e.getCause() instanceof CancellationException)) {
                    throw e.getCause() instanceof RuntimeException r ? r : new IllegalStateException(e.getCause());
                }
                row = bench.axle(row.id()); // somebody took a reading meanwhile: look at the axle as it is now
            } catch (TimeoutException e) {
                throw busy();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw busy();
            }
        }
        throw busy();
    }

    private static TooManyException busy() {
        return new TooManyException(
                "The kits are being judged for others just now. Try again in a moment.", Duration.ofSeconds(3));
    }

    private void breakOffOthers(State state) {
        newest.put(state.axleId(), state.stamp());
        kept.asMap().forEach((other, future) -> {
            if (other.axleId() == state.axleId() && !other.equals(state)) {
                MatchSnapshot done =
                        future.isDone() ? kept.synchronous().asMap().get(other) : null;
                if (done != null) {
                    done.drop();
                    kept.synchronous().invalidate(other);
                }
            }
        });
    }

    private MatchSnapshot judge(State state, AxleRow row) {
        Matcher judging = Matcher.of(bench.record(row).toCase(List.of(Side.values())), bench.settings());
        MatchSnapshot judged = new MatchSnapshot(
                state.stamp(), judging, kits.all(), () -> !state.stamp().equals(newest.get(state.axleId())));
        if (judged.unfinished() > 0) {
            behind.submit(() -> goOn(judged));
        }
        return judged;
    }

    private static void goOn(MatchSnapshot judged) {
        try {
            judged.goOn();
        } catch (RuntimeException e) {
            LOG.error("Matcher broke off; the kits left stay “not proven”.", e);
        }
    }
}
