package itrova.server.match;

import itrova.core.brakes.KitBrakes;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.check.completeness.NotChecked;
import itrova.core.choice.Selection;
import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.search.Cost;
import itrova.core.search.Search;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.Page;
import itrova.server.axle.FindingViews;
import itrova.server.axle.SelectionView;
import itrova.server.axle.Workbench;
import itrova.server.match.MatchBrakes.BrakesWithKit;
import itrova.server.match.MatchRows.CellView;
import itrova.server.match.MatchRows.RowView;
import itrova.server.store.Decision.KitChosen;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.LikedKitStore;
import itrova.server.store.NotFoundException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The match table: every kit against every check, narrowed, sorted and paged; reports, comparison, and the choice. */
@RestController
@RequestMapping("/api/axles/{axleId}")
public class MatchController {
    private static final int MOST_COMPARED = 4;

    private final Workbench bench;
    private final MatchTable table;
    private final JobStore jobs;
    private final KitStore kits;
    private final LikedKitStore liked;
    private final EventStore events;
    private final CurrentPerson me;

    MatchController(
            Workbench bench,
            MatchTable table,
            JobStore jobs,
            KitStore kits,
            LikedKitStore liked,
            EventStore events,
            CurrentPerson me) {
        this.bench = bench;
        this.table = table;
        this.jobs = jobs;
        this.kits = kits;
        this.liked = liked;
        this.events = events;
        this.me = me;
    }

    /** How the rows are ordered. */
    public enum Sort {
        BEST,
        FULL_COST,
        LEAD_TIME,
        WORK,
        NAME,
        /** Grouped by the check that holds them up; those nothing holds up first. */
        HELD,
        MARGIN
    }

    public record CheckView(CheckId id, String title, int number, boolean critical) {}

    public record CountView(Verdict verdict, int count) {}

    public record HeldView(CheckId check, String title, int count) {}

    public record MatchView(
            long axleId,
            long jobId,
            String jobTitle,
            int version,
            String name,
            boolean mustBeReversible,
            @Nullable String chosenKit,
            @Nullable CombinationChosenView chosen,
            int kitsForOtherEnds,
            List<CheckView> checks,
            List<CountView> counts,
            List<HeldView> heldBy,
            int total,
            List<RowView> rows,
            Set<String> liked,
            String stamp,
            int unfinished,
            @Nullable String brakesProblem,
            List<BrakesWithKit> brakes,
            List<String> notChecked) {}

    /**
     * Tells whether what is shown is still current.
     *
     * @param stamp changes with every reading, kit and limit
     * @param unfinished kits not yet looked at lock to lock and over the travel
     */
    public record StampView(String stamp, int unfinished) {}

    public record OptionView(String code, String name, String group, long priceCents, int leadDays) {}

    public record KitReportView(
            String code,
            String name,
            String supplier,
            long priceCents,
            long fullCents,
            int leadDays,
            int workMinutes,
            boolean reversible,
            boolean returnable,
            String parkingBrake,
            List<String> box,
            List<String> missing,
            List<String> notes,
            List<String> needs,
            List<String> contradictions,
            List<OptionView> options,
            String bracket,
            boolean hasOutline,
            boolean asksForDonor,
            Verdict verdict,
            @Nullable BrakesWithKit brakes,
            List<FindingViews.FindingView> findings) {}

    /** The choice as it stands. */
    public record ChoiceView(
            int version,
            @Nullable String chosenKit,
            @Nullable String described) {}

    /**
     * What is to be chosen.
     *
     * @param kit code of the kit; absent to take the choice back
     * @param with options, wheel and work; absent for the kit as it comes
     */
    public record ChoiceRequest(
            int version,
            @Nullable @Size(max = 40) String kit,
            @Nullable @Valid SelectionView with) {
        Selection selection(String code) {
            return with == null ? Selection.of(code) : with.with(code);
        }
    }

    /**
     * What is chosen, where it is more than a kit as it comes.
     *
     * @param described kit, options and wheel in words
     * @param verdict how it stands now
     */
    public record CombinationChosenView(String described, Verdict verdict) {}

    /** What of the table is wanted. */
    public record Wanted(
            String text,
            @Nullable Verdict verdict,
            @Nullable CheckId held,
            boolean onlyLiked,
            Sort sort,
            @Nullable CheckId by,
            int offset,
            int limit) {}

    @GetMapping("/match")
    public MatchView match(
            @PathVariable long axleId,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(required = false) @Nullable Verdict verdict,
            @RequestParam(required = false) @Nullable CheckId held,
            @RequestParam(defaultValue = "false") boolean onlyLiked,
            @RequestParam(defaultValue = "BEST") Sort sort,
            @RequestParam(required = false) @Nullable CheckId by,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "100") int limit) {
        return view(axleId, new Wanted(text, verdict, held, onlyLiked, sort, by, offset, limit));
    }

    private MatchView view(long axleId, Wanted wanted) {
        AxleRow row = bench.axle(axleId);
        JobStore.JobRow job = jobs.job(row.jobId());
        MatchSnapshot judged = table.of(row);
        int unfinished = judged.unfinished(); // read before the rows: never says less is left than there is
        List<RowView> all = judged.rows();
        Set<String> likes = liked.of(axleId, me.get().id());
        List<RowView> narrowed = all.stream()
                .filter(r -> isWanted(r, wanted, likes))
                .sorted(order(wanted))
                .toList();
        PlannedVehicle vehicle = bench.vehicle(row.jobId());
        List<RowView> page = Page.of(narrowed, wanted.offset(), wanted.limit());
        return new MatchView(
                axleId,
                row.jobId(),
                job.title(),
                row.version(),
                row.name(),
                job.mustBeReversible(),
                row.chosenKit().orElse(null),
                row.chosen()
                        .filter(s -> !s.isAsItComes())
                        .map(s -> new CombinationChosenView(
                                s.describe(), bench.chosen(row).report().verdict()))
                        .orElse(null),
                kits.all().size() - all.size(),
                checks(all),
                Arrays.stream(Verdict.values())
                        .map(v -> new CountView(v, (int)
                                all.stream().filter(r -> r.verdict() == v).count()))
                        .toList(),
                held(all),
                narrowed.size(),
                page,
                likes,
                judged.stamp(),
                unfinished,
                vehicle.problem().map(me.wording()::say).orElse(null),
                MatchBrakes.of(
                        new KitBrakes(vehicle, row.name()),
                        page.stream().flatMap(r -> kits.find(r.code()).stream()).toList(),
                        me.wording()),
                me.said(NotChecked.on(bench.ends(row))));
    }

    private static boolean isWanted(RowView r, Wanted w, Set<String> likes) {
        String text = w.text().strip().toLowerCase(Locale.ROOT);
        return (w.verdict() == null || r.verdict() == w.verdict())
                && (w.held() == null || r.heldBy() == w.held())
                && (!w.onlyLiked() || likes.contains(r.code()))
                && (text.isEmpty()
                        || (r.code() + " " + r.name() + " " + r.supplier())
                                .toLowerCase(Locale.ROOT)
                                .contains(text));
    }

    /** The rows come best first; a stable sort keeps that among equals. */
    private static Comparator<RowView> order(Wanted w) {
        return switch (w.sort()) {
            case BEST -> (a, b) -> 0;
            case FULL_COST -> Comparator.comparingLong(RowView::fullCents);
            case LEAD_TIME -> Comparator.comparingInt(RowView::leadDays);
            case WORK -> Comparator.comparingInt(RowView::workMinutes);
            case NAME -> Comparator.comparing(RowView::code);
            case HELD -> Comparator.comparing(RowView::heldBy, Comparator.nullsFirst(Comparator.naturalOrder()));
            case MARGIN -> Comparator.comparingDouble((RowView r) -> -left(r, w.by()));
        };
    }

    /** What is left of a check's margin after its doubt; least where it is not known. */
    private static double left(RowView row, @Nullable CheckId check) {
        return row.cells().stream()
                .filter(c -> c.check() == check && c.margin() != null)
                .mapToDouble(c -> Objects.requireNonNull(c.margin()) - Objects.requireNonNull(c.doubt()))
                .findFirst()
                .orElse(-Double.MAX_VALUE);
    }

    private List<CheckView> checks(List<RowView> rows) {
        Set<CheckId> made = rows.stream()
                .flatMap(r -> r.cells().stream())
                .map(CellView::check)
                .collect(java.util.stream.Collectors.toCollection(() -> java.util.EnumSet.noneOf(CheckId.class)));
        return Arrays.stream(CheckId.values())
                .filter(id -> made.isEmpty() || made.contains(id))
                .map(id -> new CheckView(id, me.wording().title(id), id.tradeNumber(), id.isCritical()))
                .toList();
    }

    private List<HeldView> held(List<RowView> rows) {
        Map<CheckId, Integer> counts = new EnumMap<>(CheckId.class);
        rows.forEach(r -> {
            if (r.heldBy() != null) {
                counts.merge(r.heldBy(), 1, Integer::sum);
            }
        });
        return counts.entrySet().stream()
                .map(e -> new HeldView(e.getKey(), me.wording().title(e.getKey()), e.getValue()))
                .toList();
    }

    /** Whether anything in the table could have changed: the page asks now and then. */
    @GetMapping("/match-stamp")
    public StampView stamp(@PathVariable long axleId) {
        return table.glance(bench.axle(axleId));
    }

    @GetMapping("/match/{code}")
    public KitReportView report(@PathVariable long axleId, @PathVariable String code) {
        AxleRow row = bench.axle(axleId);
        return view(row, bench.report(row, code));
    }

    /** Up to four kits side by side. */
    @GetMapping("/compare")
    public List<KitReportView> compare(@PathVariable long axleId, @RequestParam List<String> kit) {
        if (kit.isEmpty() || kit.size() > MOST_COMPARED) {
            throw BadInputException.of(
                    "kit", String.join(", ", kit), "Choose one to " + MOST_COMPARED + " kits to compare.");
        }
        AxleRow row = bench.axle(axleId);
        return kit.stream()
                .distinct()
                .map(code -> view(row, bench.report(row, code)))
                .toList();
    }

    public KitReportView view(AxleRow row, KitReport report) {
        Kit kit = report.kit();
        Optional<BrakesWithKit> brakes =
                MatchBrakes.of(new KitBrakes(bench.vehicle(row.jobId()), row.name()), kit, me.wording());
        Cost cost = Search.fullCost(report);
        return new KitReportView(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.terms().priceCents(),
                cost.cents(),
                cost.leadDays(),
                cost.minutes(),
                kit.terms().reversible(),
                kit.terms().returnable(),
                kit.terms().parkingBrake(),
                kit.terms().box(),
                kit.terms().missing().stream()
                        .map(m -> m.quantity() + " × " + m.name())
                        .toList(),
                kit.notes(),
                kit.choices().needs(),
                kit.choices().clashes().stream()
                        .map(c -> "The papers say both “" + c.one() + "” and “" + c.other() + "” ("
                                + c.figure().title() + ").")
                        .toList(),
                kit.choices().options().stream()
                        .map(o -> new OptionView(o.code(), o.name(), o.group(), o.priceCents(), o.leadDays()))
                        .toList(),
                kit.bracket().mount().way().word()
                        + (kit.bracket().mount().orientation().isEmpty()
                                ? ""
                                : ", " + kit.bracket().mount().orientation()),
                kit.caliper().hasShape(),
                !kit.fitting().donorChecks().isEmpty(),
                report.verdict(),
                brakes.orElse(null),
                report.findings().stream()
                        .map(f -> FindingViews.finding(f, me.wording()))
                        .toList());
    }

    @PutMapping("/liked/{code}")
    public Set<String> like(@PathVariable long axleId, @PathVariable String code) {
        liked.like(bench.axle(axleId).id(), kitId(code), me.get().id());
        return liked.of(axleId, me.get().id());
    }

    @DeleteMapping("/liked/{code}")
    public Set<String> forget(@PathVariable long axleId, @PathVariable String code) {
        liked.forget(bench.axle(axleId).id(), kitId(code), me.get().id());
        return liked.of(axleId, me.get().id());
    }

    private long kitId(String code) {
        return kits.id(code).orElseThrow(() -> new NotFoundException("Kit " + code));
    }

    /** Chooses a kit with options, wheel and work, or takes the choice back. Whoever ordered or worked by another choice keeps that in the log. */
    @PutMapping("/choice")
    @Transactional
    public ChoiceView choose(@PathVariable long axleId, @Valid @RequestBody ChoiceRequest body) {
        AxleRow row = bench.lockedAxle(axleId);
        Optional<Selection> chosen = Optional.ofNullable(body.kit()).map(code -> body.selection(code)
                .inEdition(kits.edition(code).orElseThrow(() -> new NotFoundException("Kit " + code))));
        chosen.ifPresent(this::check);
        jobs.choose(axleId, body.version(), chosen, chosen.map(s -> kitId(s.kit())));
        events.add(
                Place.axle(row.jobId(), axleId),
                new KitChosen(chosen, row.chosen().map(MatchController::words).orElse("none")),
                me.get().id());
        AxleRow now = bench.axle(axleId);
        return new ChoiceView(
                now.version(),
                now.chosenKit().orElse(null),
                now.chosen().map(Selection::describe).orElse(null));
    }

    private static String words(Selection s) {
        return s.describe() + ", edition " + s.edition().orElseThrow();
    }

    private void check(Selection chosen) {
        try {
            chosen.optionsOf(bench.kit(chosen.kit()));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("options", String.join(", ", chosen.options()), e.getMessage());
        }
        chosen.wheel().ifPresent(bench::wheel);
    }
}
