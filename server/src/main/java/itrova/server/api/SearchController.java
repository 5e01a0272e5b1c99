package itrova.server.api;

import itrova.core.choice.Selection;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.phrase.Phrase;
import itrova.core.placed.AxleCase;
import itrova.core.record.AxleRecord;
import itrova.core.remedy.WorkKind;
import itrova.core.search.Combination;
import itrova.core.search.Search;
import itrova.core.search.Weights;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import itrova.core.wording.Wording;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.NotFoundException;
import itrova.server.store.WheelStore;
import jakarta.annotation.PreDestroy;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The search for the cheapest proven combination: started, watched, stopped. */
@RestController
@RequestMapping("/api/axles/{axleId}/search")
class SearchController {
    private static final int MOST_KEPT = 20;
    private static final int MOST_SEARCHES = 24;
    private static final int MOST_OF_ONE_PERSON = 3;

    private final Workbench bench;
    private final KitStore kits;
    private final WheelStore wheels;
    private final CurrentPerson me;
    private final ExecutorService runner = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "search");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Running> searches = new LinkedHashMap<>();

    SearchController(Workbench bench, KitStore kits, WheelStore wheels, CurrentPerson me) {
        this.me = me;
        this.bench = bench;
        this.kits = kits;
        this.wheels = wheels;
    }

    @PreDestroy
    void stop() {
        searches.values().forEach(s -> s.cancelled.set(true));
        runner.shutdownNow();
    }

    private static final class Running {
        private final long axleId;
        private final long personId;
        private final AtomicBoolean cancelled = new AtomicBoolean();
        private volatile int done;
        private final Weights weights;
        private volatile Search.@Nullable Outcome result;
        private volatile @Nullable String failure;

        Running(long axleId, long personId, Weights weights) {
            this.weights = weights;
            this.axleId = axleId;
            this.personId = personId;
        }

        boolean isOver() {
            return result != null || failure != null || cancelled.get();
        }
    }

    record WorkChoice(WorkKind kind, String title, String who, boolean reversible) {}

    record TermsView(
            long centsPerDay,
            long centsPerHour,
            long centsPerIrreversible,
            boolean wheelStays,
            int version,
            int wheels,
            List<WorkChoice> works) {}

    record SearchRequest(
            long centsPerDay,
            long centsPerHour,
            long centsPerIrreversible,
            boolean otherWheels,
            @NotNull Set<WorkKind> forbidden) {}

    record CombinationView(
            String kit,
            String kitName,
            List<String> options,
            @Nullable String wheel,
            Verdict verdict,
            List<String> works,
            long cents,
            int leadDays,
            int minutes,
            int irreversible,
            double rank,
            boolean onFront,
            SelectionView choice) {}

    record NearestView(CombinationView combination, List<String> steps) {}

    record ResultView(
            List<CombinationView> best,
            List<CombinationView> front,
            @Nullable NearestView nearest,
            boolean complete) {}

    record SearchView(
            String id,
            int done,
            @Nullable ResultView result,
            @Nullable String failure) {}

    /** What may be asked for, with the defaults. */
    @GetMapping("/terms")
    TermsView terms(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        return new TermsView(
                Weights.USUAL.centsPerDay(),
                Weights.USUAL.centsPerHour(),
                Weights.USUAL.centsPerIrreversible(),
                row.wheelStays(),
                row.version(),
                wheels.all().size(),
                Arrays.stream(WorkKind.values())
                        .map(k -> new WorkChoice(k, k.title(), k.who(), k.isReversible()))
                        .toList());
    }

    @PostMapping
    SearchView start(@PathVariable long axleId, @Valid @RequestBody SearchRequest body) {
        AxleRow row = bench.axle(axleId);
        AxleRecord record = bench.record(row);
        AxleCase axle = record.toCase(List.of(Side.values()));
        ShopSettings settings = bench.settings();
        Weights weights = weights(body);
        List<Wheel> other = body.otherWheels() ? wheels.all() : List.of();
        List<Kit> all = kits.all();
        Running running = new Running(axleId, me.get().id(), weights);
        String id = UUID.randomUUID().toString();
        admit(id, running);
        Set<WorkKind> forbidden = body.forbidden().isEmpty() ? EnumSet.noneOf(WorkKind.class) : body.forbidden();
        runner.submit(() -> {
            try {
                Search.Outcome outcome = Search.run(
                        axle,
                        all,
                        other,
                        settings,
                        new Search.Terms(weights, forbidden, MOST_KEPT),
                        done -> running.done = done,
                        running.cancelled::get);
                running.result = outcome;
                running.done = 1000;
            } catch (RuntimeException e) {
                running.failure =
                        "The search broke off. Start it again; if it breaks again, tell whoever keeps this program.";
                throw e;
            }
        });
        return view(id, running);
    }

    /** A person's own oldest search gives way to a new one; nobody's gives way to another person's while it runs. */
    private void admit(String id, Running running) {
        synchronized (searches) {
            List<String> own = searches.entrySet().stream()
                    .filter(e -> e.getValue().personId == running.personId)
                    .map(Map.Entry::getKey)
                    .toList();
            if (own.size() >= MOST_OF_ONE_PERSON) {
                searches.remove(own.get(0)).cancelled.set(true);
            }
            if (searches.size() >= MOST_SEARCHES) {
                String over = searches.entrySet().stream()
                        .filter(e -> e.getValue().isOver())
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElseThrow(() -> new TooManyException(
                                "Too many searches are under way. Wait until one is done, then start yours.",
                                Duration.ofSeconds(10)));
                searches.remove(over);
            }
            searches.put(id, running);
        }
    }

    private static Weights weights(SearchRequest body) {
        try {
            return new Weights(body.centsPerDay(), body.centsPerHour(), body.centsPerIrreversible());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("weights", "", e.getMessage());
        }
    }

    @GetMapping("/{id}")
    SearchView look(@PathVariable long axleId, @PathVariable String id) {
        return view(id, find(axleId, id));
    }

    @DeleteMapping("/{id}")
    SearchView cancel(@PathVariable long axleId, @PathVariable String id) {
        Running running = find(axleId, id);
        running.cancelled.set(true);
        return view(id, running);
    }

    private Running find(long axleId, String id) {
        synchronized (searches) {
            Running running = searches.get(id);
            if (running == null || running.axleId != axleId) {
                throw new NotFoundException("Search " + id);
            }
            return running;
        }
    }

    private SearchView view(String id, Running running) {
        Search.Outcome outcome = running.result;
        return new SearchView(
                id,
                running.done,
                outcome == null ? null : view(outcome, running.weights, me.wording()),
                running.failure);
    }

    private static ResultView view(Search.Outcome outcome, Weights weights, Wording wording) {
        Set<String> front = outcome.front().stream().map(Combination::key).collect(java.util.stream.Collectors.toSet());
        return new ResultView(
                outcome.best().stream()
                        .map(c -> view(c, weights, front.contains(c.key()), wording))
                        .toList(),
                outcome.front().stream()
                        .map(c -> view(c, weights, true, wording))
                        .toList(),
                outcome.nearest()
                        .map(c -> new NearestView(view(c, weights, false, wording), steps(c, wording)))
                        .orElse(null),
                outcome.complete());
    }

    private static CombinationView view(Combination c, Weights weights, boolean onFront, Wording wording) {
        return new CombinationView(
                c.report().kit().code(),
                c.report().kit().name(),
                c.options().stream().map(KitOption::name).toList(),
                c.wheel().map(w -> w.code() + " " + w.name()).orElse(null),
                c.report().verdict(),
                c.report().works().stream().map(w -> wording.say(w.sentence())).toList(),
                c.cost().cents(),
                c.cost().leadDays(),
                c.cost().minutes(),
                c.cost().irreversible(),
                weights.of(c.cost()),
                onFront,
                SelectionView.of(Selection.of(c)));
    }

    /** What would prove it, in words, each once. */
    private static List<String> steps(Combination c, Wording wording) {
        return c.report().findings().stream()
                .filter(f -> f.check().isCritical() && !f.verdict().isProven())
                .map(f -> step(f, wording))
                .distinct()
                .toList();
    }

    private static String step(Finding f, Wording wording) {
        return wording.say(Phrase.of("search.step", f.check(), f.side(), f.nextMove()));
    }
}
