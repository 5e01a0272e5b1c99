package itrova.server.work;

import itrova.core.bench.HoldKind;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.Minutes;
import itrova.core.work.PlanChange;
import itrova.core.work.StepPicture;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Releases;
import itrova.server.axle.Workbench;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.ReleaseStore.Revision;
import itrova.server.suppliers.SupplierOrders;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench card: steps, and the log of who did them with which setting. */
@RestController
@RequestMapping("/api/axles/{axleId}/bench")
public class BenchController {

    private final BenchCards cards;
    private final Workbench bench;
    private final JobStore jobs;
    private final Releases releases;
    private final SupplierOrders suppliers;
    private final CurrentPerson me;

    BenchController(
            BenchCards cards,
            Workbench bench,
            JobStore jobs,
            Releases releases,
            SupplierOrders suppliers,
            CurrentPerson me) {
        this.suppliers = suppliers;
        this.cards = cards;
        this.bench = bench;
        this.jobs = jobs;
        this.releases = releases;
        this.me = me;
    }

    public record DoneView(
            String by,
            Instant at,
            String setValue,
            String held,
            @Nullable Double setTorqueNm,
            String signed) {}

    /** What is read at a hold; limits in its unit, absent where there is none. */
    public record WantedReading(
            HoldKind kind,
            String title,
            String unit,
            @Nullable Double least,
            @Nullable Double most,
            int readings,
            String source) {
        static WantedReading of(HoldKind kind) {
            return new WantedReading(
                    kind,
                    kind.title(),
                    kind.unit(),
                    kind.least().isPresent() ? kind.least().getAsDouble() : null,
                    kind.most().isPresent() ? kind.most().getAsDouble() : null,
                    kind.readings(),
                    kind.source());
        }
    }

    /**
     * @param picture bolts or nuts as they lie, where the step tightens any of a known lie
     * @param minutes own time it usually takes; absent where nobody said
     * @param people how many are needed at once
     * @param outside who does it where it goes out of the shop; empty if nobody
     * @param waitsFor titles of the steps that must be done before and are not
     */
    public record StepView(
            String id,
            String title,
            String text,
            String caution,
            boolean cautionRead,
            String hold,
            @Nullable WantedReading reading,
            @Nullable StepPicture picture,
            @Nullable Double torqueNm,
            List<String> tools,
            @Nullable Double minutes,
            int people,
            String outside,
            List<String> waitsFor,
            @Nullable DoneView done) {}

    /**
     * @param revision number of the plan frozen; 0 before the order, when the card can be read and nothing ticked
     * @param changes what a new revision would change, in words
     * @param alarms verdicts the order was placed by that do not hold any more
     * @param missing what was ordered and has not come whole
     */
    public record BenchView(
            long axleId,
            long jobId,
            String jobTitle,
            String name,
            String kit,
            boolean ordered,
            int revision,
            List<String> changes,
            List<String> alarms,
            List<String> missing,
            List<StepView> steps,
            int done,
            String seal,
            @Nullable String newerEdition) {}

    public record TickRequest(
            @NotNull @Size(max = 60) String setValue,
            @Nullable @Size(max = 200) String held,
            boolean confirmed,
            @Nullable Boolean marked,
            @Nullable @Size(max = 36) List<@NotNull @Size(max = 40) String> readings,
            @Nullable @Size(max = 200) String signed,
            @Nullable Boolean cautionRead,
            @NotNull @Size(max = 64) String seal) {}

    public record RevisionRequest(@NotNull @Size(max = 64) String seal) {}

    @GetMapping
    public BenchView card(@PathVariable long axleId) {
        return view(cards.of(axleId));
    }

    private BenchView view(BenchCards.Card card) {
        AxleRow row = card.chosen().row();
        Set<String> read = cards.cautionsRead(row.jobId());
        List<StepView> steps =
                card.plan().steps().stream().map(s -> view(card, s, read)).toList();
        return new BenchView(
                row.id(),
                row.jobId(),
                jobs.job(row.jobId()).title(),
                row.name(),
                card.chosen().selection().kit(),
                releases.order(row.id(), card.chosen().selection()).isPresent(),
                card.frozen().map(Revision::number).orElse(0),
                card.changes().stream().map(PlanChange::sentence).toList(),
                releases.overturned(card.chosen()),
                suppliers.missing(row.id()),
                steps,
                (int) steps.stream().filter(s -> s.done() != null).count(),
                card.seal(),
                bench.newerEdition(row).orElse(null));
    }

    private StepView view(BenchCards.Card card, BenchStep s, Set<String> read) {
        return new StepView(
                s.id(),
                s.title(),
                me.wording().say(s.text()),
                s.caution(),
                s.caution().isEmpty() || read.contains(s.caution()),
                s.hold(),
                s.reading().map(WantedReading::of).orElse(null),
                StepPicture.of(s, card.chosen().report().kit()).orElse(null),
                s.tighten().map(Tighten::torque).orElse(null),
                s.effort().tools(),
                s.effort().minutes().map(Minutes::likely).orElse(null),
                s.effort().people(),
                s.effort().outside(),
                card.plan().open(s, card.done().keySet()).stream()
                        .map(BenchStep::title)
                        .toList(),
                Optional.ofNullable(card.done().get(s.id()))
                        .map(BenchController::view)
                        .orElse(null));
    }

    private static DoneView view(BenchCards.Ticked t) {
        return new DoneView(
                t.by(),
                t.at(),
                t.tick().set(),
                t.tick().held(),
                t.tick().torqueNm().isPresent() ? t.tick().torqueNm().getAsDouble() : null,
                t.tick().signed());
    }

    @PostMapping("/{stepId}/tick")
    public BenchView tick(
            @PathVariable long axleId, @PathVariable String stepId, @Valid @RequestBody TickRequest body) {
        cards.tick(
                axleId,
                stepId,
                new BenchCards.Tick(
                        body.setValue(),
                        text(body.held()),
                        body.confirmed(),
                        Boolean.TRUE.equals(body.marked()),
                        body.readings() == null ? List.of() : body.readings(),
                        text(body.signed()),
                        Boolean.TRUE.equals(body.cautionRead())),
                body.seal());
        return card(axleId);
    }

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }

    @DeleteMapping("/{stepId}/tick")
    public BenchView untick(
            @PathVariable long axleId, @PathVariable String stepId, @RequestParam @Size(max = 64) String seal) {
        cards.untick(axleId, stepId, seal);
        return card(axleId);
    }

    /** Takes the steps as they would be planned now; ticks stay with their steps. */
    @PostMapping("/revision")
    public BenchView revise(@PathVariable long axleId, @Valid @RequestBody RevisionRequest body) {
        cards.revise(axleId, body.seal());
        return card(axleId);
    }
}
