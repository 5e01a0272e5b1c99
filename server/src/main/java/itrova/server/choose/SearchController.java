package itrova.server.choose;

import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.KitBrakes;
import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.phrase.Phrase;
import itrova.core.remedy.WorkKind;
import itrova.core.search.Weights;
import itrova.core.settings.ShopSettings;
import itrova.formats.SearchDocument;
import itrova.formats.SearchDocument.Found;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.TooManyException;
import itrova.server.axle.SelectionView;
import itrova.server.axle.Workbench;
import itrova.server.background.SearchQueue;
import itrova.server.background.SearchTerms;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.NotFoundException;
import itrova.server.store.SearchStore;
import itrova.server.store.SearchStore.SearchRow;
import itrova.server.store.WheelStore;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The search for the cheapest proven combination: started, watched, stopped, from any instance of the server. */
@RestController
@RequestMapping("/api/axles/{axleId}/search")
public class SearchController {
    private static final int MOST_SEARCHES = 24;
    private static final int MOST_OF_ONE_PERSON = 3;

    private final Workbench bench;
    private final WheelStore wheels;
    private final KitStore kits;
    private final SearchStore searches;
    private final ObjectProvider<SearchQueue> queue;
    private final CurrentPerson me;
    private final JsonMapper json;

    SearchController(
            Workbench bench,
            WheelStore wheels,
            KitStore kits,
            SearchStore searches,
            ObjectProvider<SearchQueue> queue,
            CurrentPerson me,
            JsonMapper json) {
        this.bench = bench;
        this.wheels = wheels;
        this.kits = kits;
        this.searches = searches;
        this.queue = queue;
        this.me = me;
        this.json = json;
    }

    public record WorkChoice(WorkKind kind, String title, String who, boolean reversible) {}

    public record TermsView(
            long jobId,
            long centsPerDay,
            long centsPerHour,
            long centsPerIrreversible,
            boolean wheelStays,
            int version,
            int wheels,
            List<WorkChoice> works) {}

    public record CombinationView(
            String kit,
            String kitName,
            List<String> options,
            @Nullable String wheel,
            Verdict verdict,
            @Nullable Verdict brakes,
            List<String> works,
            long cents,
            int leadDays,
            int minutes,
            int irreversible,
            double rank,
            boolean onFront,
            SelectionView choice) {}

    public record NearestView(CombinationView combination, List<String> steps) {}

    public record ResultView(
            List<CombinationView> best,
            List<CombinationView> front,
            @Nullable NearestView nearest,
            boolean complete) {}

    public record SearchView(
            String id,
            int done,
            @Nullable ResultView result,
            @Nullable String failure) {}

    /** What may be asked for, with the defaults. */
    @GetMapping("/terms")
    public TermsView terms(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        ShopSettings shop = bench.settings();
        return new TermsView(
                row.jobId(),
                Weights.USUAL.centsPerDay(),
                Weights.USUAL.centsPerHour(),
                Weights.USUAL.centsPerIrreversible(),
                row.wheelStays(),
                row.version(),
                wheels.all().size(),
                Arrays.stream(WorkKind.values())
                        .map(k -> new WorkChoice(
                                k,
                                me.wording().title(k),
                                shop.works(k.name()).orElse(k.defaultTerms()).who(),
                                k.isReversible()))
                        .toList());
    }

    /** A person's own oldest search gives way to a new one; nobody's gives way to another person's while it runs. */
    @PostMapping
    @Transactional
    public SearchView start(@PathVariable long axleId, @Valid @RequestBody SearchTerms body) {
        AxleRow row = bench.axle(axleId);
        check(body);
        long person = me.get().id();
        searches.stopOldOf(person, MOST_OF_ONE_PERSON - 1);
        if (searches.underWay() >= MOST_SEARCHES) {
            throw new TooManyException(
                    "Too many searches are under way. Wait until one is done, then start yours.",
                    Duration.ofSeconds(10));
        }
        String id = UUID.randomUUID().toString();
        searches.add(id, row.id(), person, json.writeValueAsString(body));
        queue.getObject().add(id);
        return view(find(axleId, id));
    }

    private static void check(SearchTerms body) {
        try {
            new Weights(body.centsPerDay(), body.centsPerHour(), body.centsPerIrreversible());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("weights", "", e.getMessage());
        }
    }

    @GetMapping("/{id}")
    public SearchView look(@PathVariable long axleId, @PathVariable String id) {
        return view(find(axleId, id));
    }

    @DeleteMapping("/{id}")
    public SearchView cancel(@PathVariable long axleId, @PathVariable String id) {
        find(axleId, id);
        searches.cancel(id);
        return view(find(axleId, id));
    }

    private SearchRow find(long axleId, String id) {
        return searches.find(id)
                .filter(s -> s.axleId() == axleId)
                .orElseThrow(() -> new NotFoundException("Search " + id));
    }

    private SearchView view(SearchRow row) {
        return new SearchView(
                row.id(),
                row.done(),
                row.result()
                        .map(SearchDocument::readStored)
                        .map(r -> view(r, bench.axle(row.axleId())))
                        .orElse(null),
                row.failure().orElse(null));
    }

    private ResultView view(SearchDocument.Result result, AxleRow row) {
        KitBrakes brakes = new KitBrakes(bench.vehicle(row.jobId()), row.name());
        return new ResultView(
                result.best().stream().map(c -> view(c, brakes)).toList(),
                result.front().stream().map(c -> view(c, brakes)).toList(),
                result.nearest()
                        .map(c -> new NearestView(view(c, brakes), me.said(result.steps())))
                        .orElse(null),
                result.complete());
    }

    /** What the vehicle's brakes as planned do with the kit found; absent where nothing can be said of them, or the kit is gone. */
    private @Nullable Verdict brakesWith(Found c, KitBrakes brakes) {
        Optional<Kit> kit = c.selection().edition().isPresent()
                ? kits.find(c.selection().kit(), c.selection().edition().getAsInt())
                : kits.find(c.selection().kit());
        return kit.map(k -> k.with(c.selection().optionsOf(k)))
                .flatMap(brakes::with)
                .map(BrakeReport::verdict)
                .orElse(null);
    }

    private CombinationView view(Found c, KitBrakes brakes) {
        List<Phrase> works = c.works();
        return new CombinationView(
                c.selection().kit(),
                c.name(),
                c.options(),
                c.wheel().orElse(null),
                c.verdict(),
                brakesWith(c, brakes),
                me.said(works),
                c.cents(),
                c.leadDays(),
                c.minutes(),
                c.irreversible(),
                c.rank(),
                c.onFront(),
                SelectionView.of(c.selection()));
    }
}
