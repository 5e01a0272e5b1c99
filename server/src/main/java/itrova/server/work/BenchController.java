package itrova.server.work;

import itrova.core.choice.Overturned;
import itrova.core.order.OrderGate;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.PlanChange;
import itrova.formats.ReportSeal;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.SeenOtherException;
import itrova.server.axle.Chosen;
import itrova.server.axle.Releases;
import itrova.server.axle.Workbench;
import itrova.server.store.Decision;
import itrova.server.store.Decision.StepTicked;
import itrova.server.store.Decision.StepUnticked;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.NotFoundException;
import itrova.server.store.ReleaseStore;
import itrova.server.store.ReleaseStore.Revision;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
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

    private final Workbench bench;
    private final JobStore jobs;
    private final EventStore events;
    private final Releases releases;
    private final ReleaseStore plans;
    private final CurrentPerson me;

    BenchController(
            Workbench bench,
            JobStore jobs,
            EventStore events,
            Releases releases,
            ReleaseStore plans,
            CurrentPerson me) {
        this.bench = bench;
        this.jobs = jobs;
        this.events = events;
        this.releases = releases;
        this.plans = plans;
        this.me = me;
    }

    public record DoneView(
            String by,
            Instant at,
            String setValue,
            String held,
            @Nullable Double setTorqueNm) {}

    /**
     * @param waitsFor titles of the steps that must be done before and are not
     */
    public record StepView(
            String id,
            String title,
            String text,
            String caution,
            String hold,
            @Nullable Double torqueNm,
            List<String> waitsFor,
            @Nullable DoneView done) {}

    /**
     * @param revision number of the plan frozen; 0 before the order, when the card can be read and nothing ticked
     * @param changes what a new revision would change, in words
     * @param alarms verdicts the order was placed by that do not hold any more
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
            List<StepView> steps,
            int done,
            String seal,
            @Nullable String newerEdition) {}

    public record TickRequest(
            @NotNull @Size(max = 60) String setValue,
            @Nullable @Size(max = 200) String held,
            boolean confirmed,
            @NotNull @Size(max = 64) String seal) {}

    public record RevisionRequest(@NotNull @Size(max = 64) String seal) {}

    /** The card as it stands: the plan frozen with the order, or what it would be. */
    private record Card(Chosen chosen, Optional<Revision> frozen, BenchPlan live, Map<String, Ticked> done) {
        BenchPlan plan() {
            return frozen.map(Revision::plan).orElse(live);
        }

        List<PlanChange> changes() {
            return frozen.map(f -> PlanChange.between(f.plan(), live)).orElse(List.of());
        }

        /** Names the card as it is: kit and steps with their torques, not what is ticked. */
        String seal() {
            return ReportSeal.of(chosen.selection().describe() + plan().steps());
        }

        BenchStep step(String id) {
            return plan().step(id).orElseThrow(() -> new NotFoundException("Step " + id));
        }
    }

    private record Ticked(StepTicked tick, String by, Instant at) {}

    private Card card(Chosen chosen) {
        Map<String, Ticked> done = new HashMap<>();
        String kit = chosen.selection().kit();
        for (EventRow e : events.ofAxle(chosen.row().id())) {
            Decision.of(e).ifPresent(d -> {
                if (d instanceof StepTicked tick && tick.kit().equals(kit)) {
                    done.put(tick.stepId(), new Ticked(tick, e.by(), e.at()));
                } else if (d instanceof StepUnticked untick && untick.kit().equals(kit)) {
                    done.remove(untick.stepId());
                }
            });
        }
        return new Card(
                chosen,
                plans.revision(chosen.row().id(), chosen.selection()),
                BenchPlan.of(chosen.report(), chosen.row().form().kind()),
                done);
    }

    @GetMapping
    public BenchView card(@PathVariable long axleId) {
        return view(card(bench.chosen(bench.axle(axleId))));
    }

    private BenchView view(Card card) {
        AxleRow row = card.chosen().row();
        List<StepView> steps =
                card.plan().steps().stream().map(s -> view(card, s)).toList();
        return new BenchView(
                row.id(),
                row.jobId(),
                jobs.job(row.jobId()).title(),
                row.name(),
                card.chosen().selection().kit(),
                releases.order(row.id(), card.chosen().selection()).isPresent(),
                card.frozen().map(Revision::number).orElse(0),
                card.changes().stream().map(PlanChange::sentence).toList(),
                releases.overturned(card.chosen()).stream()
                        .map(Overturned::sentence)
                        .toList(),
                steps,
                (int) steps.stream().filter(s -> s.done() != null).count(),
                card.seal(),
                bench.newerEdition(row).orElse(null));
    }

    private StepView view(Card card, BenchStep s) {
        return new StepView(
                s.id(),
                s.title(),
                me.wording().say(s.text()),
                s.caution(),
                s.hold(),
                s.tighten().map(Tighten::torque).orElse(null),
                card.plan().open(s, card.done().keySet()).stream()
                        .map(BenchStep::title)
                        .toList(),
                Optional.ofNullable(card.done().get(s.id()))
                        .map(BenchController::view)
                        .orElse(null));
    }

    private static DoneView view(Ticked t) {
        return new DoneView(
                t.by(),
                t.at(),
                t.tick().set(),
                t.tick().held(),
                t.tick().torqueNm().isPresent() ? t.tick().torqueNm().getAsDouble() : null);
    }

    /** The card of an axle kept from other writes, if it is the one seen. */
    private Card seen(long axleId, String seal) {
        Card card = card(bench.chosen(bench.lockedAxle(axleId)));
        if (!card.seal().equals(seal)) {
            throw new SeenOtherException(
                    "The card you saw has changed meanwhile: it is for kit "
                            + card.chosen().selection().describe()
                            + " now. Nothing was changed. Look at the step as it is now.",
                    seal,
                    card.seal());
        }
        return card;
    }

    @PostMapping("/{stepId}/tick")
    public BenchView tick(
            @PathVariable long axleId, @PathVariable String stepId, @Valid @RequestBody TickRequest body) {
        card(bench.chosen(bench.axle(axleId))).step(stepId);
        Card card = seen(axleId, body.seal());
        BenchStep step = card.step(stepId);
        if (card.frozen().isEmpty()) {
            throw new ConflictException("Kit " + card.chosen().selection().describe()
                    + " is not ordered: nothing is taken apart for it. Place the order first.");
        }
        if (card.done().containsKey(stepId)) {
            throw new ConflictException("“" + step.title()
                    + "” was ticked before. Nothing was changed; take the tick back first if it is to be done again.");
        }
        List<BenchStep> open = card.plan().open(step, card.done().keySet());
        if (!open.isEmpty()) {
            throw new ConflictException("“" + step.title() + "” comes after “"
                    + open.stream().map(BenchStep::title).collect(Collectors.joining("” and “"))
                    + "”. Do and tick that first.");
        }
        OptionalDouble torque = step.tighten().isPresent()
                ? OptionalDouble.of(torque(body, step.tighten().get()))
                : OptionalDouble.empty();
        String held = body.held() == null ? "" : body.held().strip();
        if (!step.hold().isEmpty() && held.isEmpty()) {
            throw BadInputException.of(
                    "held", "", "This step holds: “" + step.hold() + "” Write what you measured or saw.");
        }
        events.add(
                Place.axle(card.chosen().row().jobId(), axleId),
                new StepTicked(
                        stepId,
                        card.chosen().selection().kit(),
                        step.title(),
                        body.setValue().strip(),
                        held,
                        torque),
                me.get().id());
        return card(axleId);
    }

    private double torque(TickRequest body, Tighten wanted) {
        double set;
        try {
            set = ShopNotation.parse(body.setValue(), Dimension.TORQUE, Unit.usual(Dimension.TORQUE, me.units()))
                    .si();
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(
                    "setValue", body.setValue(), "This step wants the torque that was set. " + e.getMessage());
        }
        if (!(set > 0)) {
            throw BadInputException.of(
                    "setValue", body.setValue(), "A torque is more than zero. Write it like 75 N·m or 55 lbf·ft.");
        }
        if (!body.confirmed()) {
            wanted.question(set).ifPresent(question -> {
                throw BadInputException.unlikely(
                        "setValue", body.setValue(), question + " Tick again to log it as set.", Optional.empty());
            });
        }
        return set;
    }

    @DeleteMapping("/{stepId}/tick")
    public BenchView untick(
            @PathVariable long axleId, @PathVariable String stepId, @RequestParam @Size(max = 64) String seal) {
        Card card = seen(axleId, seal);
        BenchStep step = card.step(stepId);
        if (!card.done().containsKey(stepId)) {
            return view(card);
        }
        List<BenchStep> resting = card.plan().resting(step, card.done().keySet());
        if (!resting.isEmpty()) {
            throw new ConflictException("“" + resting.get(0).title() + "” was done on top of “" + step.title()
                    + "”. Take that tick back first.");
        }
        events.add(
                Place.axle(card.chosen().row().jobId(), axleId),
                new StepUnticked(stepId, card.chosen().selection().kit()),
                me.get().id());
        return card(axleId);
    }

    /** Takes the steps as they would be planned now; ticks stay with their steps. */
    @PostMapping("/revision")
    public BenchView revise(@PathVariable long axleId, @Valid @RequestBody RevisionRequest body) {
        Card card = seen(axleId, body.seal());
        if (card.frozen().isEmpty()) {
            throw new ConflictException("Nothing is ordered yet: the card shows the plan as it would be now anyway.");
        }
        if (OrderGate.of(card.chosen().report()).state() == OrderGate.State.SHUT) {
            throw new ConflictException(
                    card.chosen().selection().describe()
                            + " is proven not to fit as the axle stands now: no plan is made for it. Look at the order, then choose other work, another kit or another wheel.");
        }
        if (!card.changes().isEmpty()) {
            plans.freeze(
                    axleId, card.chosen().selection(), card.live(), me.get().id());
        }
        return card(axleId);
    }
}
