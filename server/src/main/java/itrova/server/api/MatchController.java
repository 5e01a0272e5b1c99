package itrova.server.api;

import itrova.core.fit.CheckId;
import itrova.core.fit.Explanation;
import itrova.core.fit.Finding;
import itrova.core.fit.KitReport;
import itrova.core.fit.Verdict;
import itrova.core.fit.Work;
import itrova.core.kit.Kit;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Side;
import itrova.server.security.Person;
import itrova.server.store.EventStore;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.NotFoundException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The match table: every kit against every check, and the choice. */
@RestController
@RequestMapping("/api/axles/{axleId}")
class MatchController {
    private final Workbench bench;
    private final JobStore jobs;
    private final KitStore kits;
    private final EventStore events;
    private final CurrentPerson me;

    MatchController(Workbench bench, JobStore jobs, KitStore kits, EventStore events, CurrentPerson me) {
        this.bench = bench;
        this.jobs = jobs;
        this.kits = kits;
        this.events = events;
        this.me = me;
    }

    /** One check of a kit: the worse of its sides. */
    record CellView(
            CheckId check,
            Side side,
            Verdict verdict,
            @Nullable Double margin,
            @Nullable Double doubt,
            String unit,
            boolean sidesDiffer) {}

    record RowView(
            String code,
            String name,
            String supplier,
            long priceCents,
            int leadDays,
            boolean reversible,
            Verdict verdict,
            List<CellView> cells) {}

    record CheckView(CheckId id, String title, int number) {}

    record MatchView(
            long axleId,
            long jobId,
            String jobTitle,
            int version,
            String name,
            boolean mustBeReversible,
            @Nullable String chosenKit,
            int kitsForOtherEnds,
            List<CheckView> checks,
            List<RowView> rows,
            List<String> notChecked) {}

    record InputView(String name, double value, double doubt, String unit, List<String> sources) {}

    /** One finding with the answer to "why?". */
    record FindingView(
            CheckId check,
            String title,
            Side side,
            Verdict verdict,
            @Nullable Double margin,
            @Nullable Double doubt,
            String unit,
            String why,
            String formula,
            List<InputView> inputs,
            String source,
            String nextMove,
            @Nullable WorkView work,
            @Nullable Double workedMargin,
            @Nullable Double workedDoubt) {}

    record WorkView(
            String title,
            String sentence,
            String who,
            int minutes,
            long cents,
            boolean reversible,
            String hold,
            String caution) {}

    record KitReportView(
            String code,
            String name,
            String supplier,
            long priceCents,
            int leadDays,
            boolean reversible,
            boolean returnable,
            String parkingBrake,
            List<String> box,
            List<String> missing,
            List<String> notes,
            Verdict verdict,
            List<FindingView> findings) {}

    record ChoiceRequest(
            int version, @Nullable @Size(max = 40) String kit) {}

    @GetMapping("/match")
    MatchView match(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        JobStore.JobRow job = jobs.job(row.jobId());
        List<KitReport> reports = bench.match(row);
        List<CheckView> checks = java.util.Arrays.stream(CheckId.values())
                .filter(id ->
                        reports.isEmpty() || reports.get(0).findings().stream().anyMatch(f -> f.check() == id))
                .map(id -> new CheckView(id, id.title(), id.tradeNumber()))
                .toList();
        return new MatchView(
                axleId,
                row.jobId(),
                job.title(),
                row.version(),
                row.name(),
                job.mustBeReversible(),
                row.chosenKit().orElse(null),
                kits.all().size() - reports.size(),
                checks,
                reports.stream().map(MatchController::row).toList(),
                CheckId.notChecked());
    }

    private static RowView row(KitReport report) {
        Kit kit = report.kit();
        List<CellView> cells = new ArrayList<>();
        for (CheckId id : CheckId.values()) {
            List<Finding> sides =
                    report.findings().stream().filter(f -> f.check() == id).toList();
            sides.stream()
                    .max(Comparator.comparing(Finding::verdict)
                            .thenComparing(
                                    Comparator.comparingDouble(Finding::score).reversed()))
                    .ifPresent(f -> cells.add(new CellView(
                            id,
                            f.side(),
                            f.verdict(),
                            f.margin().map(Measured::value).orElse(null),
                            f.margin().map(Measured::expanded).orElse(null),
                            f.unit(),
                            sides.stream().map(Finding::verdict).distinct().count() > 1)));
        }
        return new RowView(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.terms().priceCents(),
                kit.terms().leadDays(),
                kit.terms().reversible(),
                report.verdict(),
                cells);
    }

    @GetMapping("/match/{code}")
    KitReportView report(@PathVariable long axleId, @PathVariable String code) {
        KitReport report = bench.report(bench.axle(axleId), code);
        Kit kit = report.kit();
        return new KitReportView(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.terms().priceCents(),
                kit.terms().leadDays(),
                kit.terms().reversible(),
                kit.terms().returnable(),
                kit.terms().parkingBrake(),
                kit.terms().box(),
                kit.terms().missing().stream()
                        .map(m -> m.quantity() + " × " + m.name())
                        .toList(),
                kit.notes(),
                report.verdict(),
                report.findings().stream().map(MatchController::finding).toList());
    }

    static FindingView finding(Finding f) {
        Explanation e = f.explain();
        return new FindingView(
                f.check(),
                f.check().title(),
                f.side(),
                f.verdict(),
                f.margin().map(Measured::value).orElse(null),
                f.margin().map(Measured::expanded).orElse(null),
                f.unit(),
                e.why(),
                e.formula(),
                e.inputs().stream()
                        .map(i -> new InputView(
                                i.name(),
                                i.value().value(),
                                i.value().expanded(),
                                i.unit(),
                                i.value().components().stream()
                                        .map(Component::source)
                                        .toList()))
                        .toList(),
                e.source(),
                f.nextMove(),
                f.work().map(MatchController::work).orElse(null),
                f.worked().map(Measured::value).orElse(null),
                f.worked().map(Measured::expanded).orElse(null));
    }

    private static WorkView work(Work w) {
        return new WorkView(
                w.kind().title(),
                w.sentence(),
                w.kind().who(),
                w.kind().minutes(),
                w.kind().cents(),
                w.kind().isReversible(),
                w.kind().hold(),
                w.kind().caution());
    }

    @PutMapping("/choice")
    @Transactional
    public MatchView choose(@PathVariable long axleId, @Valid @RequestBody ChoiceRequest body) {
        AxleRow row = bench.axle(axleId);
        Person person = me.get();
        Optional<String> code = Optional.ofNullable(body.kit());
        Optional<Long> kitId = code.map(c -> kits.id(c).orElseThrow(() -> new NotFoundException("Kit " + c)));
        jobs.choose(axleId, body.version(), kitId);
        events.add(row.jobId(), axleId, EventStore.Kind.KIT_CHOSEN, code.orElse("none"), Map.of(), person.id());
        return match(axleId);
    }
}
