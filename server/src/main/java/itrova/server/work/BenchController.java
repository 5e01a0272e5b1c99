package itrova.server.work;

import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldWanted;
import itrova.core.fastener.Tightening;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.LooseItem;
import itrova.core.work.Minutes;
import itrova.core.work.ShaftOrder;
import itrova.core.work.StepKind;
import itrova.core.work.StepPicture;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Releases;
import itrova.server.axle.Workbench;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.ReleaseStore.Revision;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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
    private final CurrentPerson me;

    BenchController(BenchCards cards, Workbench bench, JobStore jobs, Releases releases, CurrentPerson me) {
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
            String signed,
            String tool,
            List<String> loose) {}

    /** Something a mock-up puts in only to try. */
    public record LooseView(LooseItem item, String title) {}

    /** What is read at a hold, some of it round a face; limits in its unit, absent where there is none. */
    public record WantedReading(
            HoldKind kind,
            String title,
            String unit,
            @Nullable Double min,
            @Nullable Double max,
            int readings,
            boolean round,
            String source) {
        static WantedReading of(HoldWanted wanted, Wording wording) {
            HoldKind kind = wanted.kind();
            return new WantedReading(
                    kind,
                    wording.title(kind),
                    kind.unit(),
                    wanted.min().isPresent() ? wanted.min().getAsDouble() : null,
                    wanted.max().isPresent() ? wanted.max().getAsDouble() : null,
                    kind.readings(),
                    kind.isRound(),
                    wanted.source());
        }
    }

    /** Parts on a shaft from inboard to outboard. */
    public record ShaftOrderView(Side side, List<ShaftPieceView> places) {
        static ShaftOrderView of(ShaftOrder order, Wording wording) {
            return new ShaftOrderView(
                    order.side(),
                    order.places().stream()
                            .map(p -> new ShaftPieceView(
                                    p.part(),
                                    wording.title(p.part()),
                                    p.isNow(),
                                    boxed(p.size().across()),
                                    boxed(p.size().along())))
                            .toList());
        }
    }

    private static @Nullable Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /** A part in its place, whether the step puts it there, and its diameter and width (mm) as far as they were read. */
    public record ShaftPieceView(
            ShaftOrder.Piece piece,
            String title,
            boolean now,
            @Nullable Double across,
            @Nullable Double along) {}

    /**
     * @param picture bolts or nuts as they lie, where the step tightens any of a known lie
     * @param order parts on the shaft in their order, where the step puts any there
     * @param section whether the wheel's section belongs beside it
     * @param side side it is done on; absent where it is of the whole axle
     * @param stagesNm torques it is drawn up by, crosswise each time; empty where a single fastener is tightened
     * @param readWith what its reading or torque is usually taken with; empty where it takes neither
     * @param loose what may be put in only to try, or what of it waits to be made good; empty where neither is asked
     * @param minutes own time it usually takes; absent where nobody said
     * @param people how many are needed at once
     * @param outside who does it where it goes out of the shop; empty if nobody
     * @param waitsFor titles of the steps that must be done before and are not
     */
    public record StepView(
            String id,
            StepKind kind,
            String title,
            String text,
            String caution,
            boolean cautionRead,
            String hold,
            @Nullable WantedReading reading,
            @Nullable StepPicture picture,
            @Nullable ShaftOrderView order,
            boolean section,
            @Nullable Side side,
            @Nullable Double torqueNm,
            List<Double> stagesNm,
            String readWith,
            List<LooseView> loose,
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
            @Nullable @Size(max = 40) String tool,
            @Nullable @Size(max = 10) List<@NotNull LooseItem> loose,
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
                card.changes().stream().map(c -> me.wording().say(c.sentence())).toList(),
                releases.overturned(card.chosen()).stream()
                        .map(me.wording()::say)
                        .toList(),
                cards.missing(card),
                steps,
                (int) steps.stream().filter(s -> s.done() != null).count(),
                card.seal(),
                bench.newerEdition(row).orElse(null));
    }

    private StepView view(BenchCards.Card card, BenchStep s, Set<String> read) {
        Wording wording = me.wording();
        Optional<StepPicture> picture = StepPicture.of(s, card.chosen().report().kit());
        return new StepView(
                s.id(),
                s.kind(),
                wording.say(s.title()),
                wording.say(s.text()),
                wording.say(s.caution()),
                s.caution().isEmpty() || read.contains(BenchCards.said(s.caution())),
                wording.say(s.hold()),
                s.reading().map(r -> WantedReading.of(r, wording)).orElse(null),
                picture.orElse(null),
                ShaftOrder.of(
                                s,
                                card.chosen().report().kit(),
                                card.chosen().record().end(s.side().orElse(Side.LEFT)))
                        .map(o -> ShaftOrderView.of(o, wording))
                        .orElse(null),
                s.kind().showsSection(),
                s.side().orElse(null),
                s.tighten().map(Tighten::torque).orElse(null),
                s.tighten()
                        .filter(t -> picture.isPresent())
                        .map(t -> Tightening.stages(t.torque()))
                        .orElse(List.of()),
                s.readWith(),
                loose(card, s),
                s.effort().tools(),
                s.effort().minutes().map(Minutes::likely).orElse(null),
                s.effort().people(),
                s.effort().outside(),
                card.plan().open(s, card.done().keySet()).stream()
                        .map(open -> wording.say(open.title()))
                        .toList(),
                Optional.ofNullable(card.done().get(s.id())).map(this::view).orElse(null));
    }

    private List<LooseView> loose(BenchCards.Card card, BenchStep s) {
        List<LooseItem> asked =
                s.isTrial() ? List.of(LooseItem.values()) : LooseItem.open(BenchCards.tried(card, s), List.of());
        return asked.stream().map(i -> new LooseView(i, me.wording().title(i))).toList();
    }

    private DoneView view(BenchCards.Ticked t) {
        return new DoneView(
                t.by(),
                t.at(),
                t.tick().set(),
                t.tick().held(),
                t.tick().torqueNm().isPresent() ? t.tick().torqueNm().getAsDouble() : null,
                t.tick().signed(),
                t.tick().tool(),
                t.tick().loose().stream().map(me.wording()::title).toList());
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
                        Boolean.TRUE.equals(body.cautionRead()),
                        text(body.tool()),
                        body.loose() == null ? List.of() : body.loose()),
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
