package itrova.server.work;

import itrova.core.order.OrderGate;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.road.RoadCase.AxleWork;
import itrova.core.wording.Wording;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.LooseItem;
import itrova.core.work.PlanChange;
import itrova.formats.ReportSeal;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.SeenOtherException;
import itrova.server.axle.Chosen;
import itrova.server.axle.Releases;
import itrova.server.axle.VehicleAxles;
import itrova.server.axle.Workbench;
import itrova.server.store.Decision;
import itrova.server.store.Decision.CautionRead;
import itrova.server.store.Decision.StepTicked;
import itrova.server.store.Decision.StepUnticked;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.NotFoundException;
import itrova.server.store.ReleaseStore;
import itrova.server.store.ReleaseStore.Revision;
import itrova.server.store.Role;
import itrova.server.suppliers.SupplierOrders;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Bench cards: the plan frozen with the order, what was ticked of it, and its revisions. */
@Service
public class BenchCards {
    private final Workbench bench;
    private final VehicleAxles axles;
    private final EventStore events;
    private final ReleaseStore plans;
    private final StepReadings readings;
    private final Releases releases;
    private final SupplierOrders suppliers;
    private final CurrentPerson me;

    BenchCards(
            Workbench bench,
            VehicleAxles axles,
            EventStore events,
            ReleaseStore plans,
            StepReadings readings,
            Releases releases,
            SupplierOrders suppliers,
            CurrentPerson me) {
        this.releases = releases;
        this.suppliers = suppliers;
        this.readings = readings;
        this.axles = axles;
        this.bench = bench;
        this.events = events;
        this.plans = plans;
        this.me = me;
    }

    /**
     * What somebody says of a step done.
     *
     * @param setValue torque set, as typed; empty where none is
     * @param held what its hold was answered with
     * @param confirmed whether an unlikely torque was asked about before
     * @param marked whether no wrench reached: wrench-tight and marked
     * @param readings what was read at its hold, as typed
     * @param signed why a lead lets a reading pass outside its limits, or goes on without parts; empty where nobody does
     * @param isCautionRead whether the step's caution was read with it
     * @param tool what it was read or set with; empty where nobody said
     * @param loose what was put in only to try, or what of it was made good
     */
    record Tick(
            String setValue,
            String held,
            boolean confirmed,
            boolean marked,
            List<String> readings,
            String signed,
            boolean isCautionRead,
            String tool,
            List<LooseItem> loose) {
        Tick {
            readings = List.copyOf(readings);
            loose = List.copyOf(loose);
        }
    }

    /** The card as it stands: the plan frozen with the order, or what it would be. */
    record Card(Chosen chosen, Optional<Revision> frozen, BenchPlan live, Map<String, Ticked> done) {
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

    record Ticked(StepTicked tick, String by, Instant at) {}

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
        return new Card(chosen, plans.revision(chosen.row().id(), chosen.selection()), axles.plan(chosen), done);
    }

    /**
     * Work on an axle something was ordered for, as the road sees it.
     *
     * @param work what is open of it
     * @param plan the plan it is done by
     * @param marked steps whose fastener was tightened where no torque wrench reached
     * @param letPass steps a lead let pass, with the reason
     * @param done ids of the steps that are done
     */
    public record Standing(
            AxleWork work, BenchPlan plan, List<String> marked, List<String> letPass, Set<String> done) {}

    /** How the work on an axle stands; absent where nothing was ordered for it. */
    @Transactional(readOnly = true)
    public Optional<Standing> standing(AxleRow row) {
        if (releases.orders(row.id()).isEmpty()) {
            return Optional.empty();
        }
        Card card;
        try {
            card = card(bench.chosen(row));
        } catch (ConflictException | NotFoundException e) {
            // ordered, and now nothing is chosen or what was is gone: that is open, and says so
            return Optional.of(new Standing(
                    new AxleWork(
                            row.name(), List.of(Phrase.given(String.valueOf(e.getMessage()))), List.of(), List.of()),
                    new BenchPlan(List.of()),
                    List.of(),
                    List.of(),
                    Set.of()));
        }
        List<String> marked = new ArrayList<>();
        List<String> letPass = new ArrayList<>();
        for (BenchStep step : card.plan().steps()) {
            Ticked ticked = card.done().get(step.id());
            if (ticked == null) {
                continue;
            }
            if (step.tighten().isPresent() && ticked.tick().torqueNm().isEmpty()) {
                marked.add(row.name() + ": " + said(step.title()));
            }
            if (!ticked.tick().signed().isEmpty()) {
                letPass.add(row.name() + ": " + said(step.title()) + ": "
                        + ticked.tick().signed());
            }
        }
        List<Phrase> open = card.plan().steps().stream()
                .filter(s -> !card.done().containsKey(s.id()))
                .map(BenchStep::title)
                .toList();
        // another kit chosen after the order: its card is open and not ordered
        return Optional.of(new Standing(
                new AxleWork(
                        row.name(),
                        open,
                        releases.overturned(card.chosen()),
                        card.changes().stream().map(PlanChange::sentence).toList()),
                card.plan(),
                marked,
                letPass,
                Set.copyOf(card.done().keySet())));
    }

    /** The card as it stands. */
    Card of(long axleId) {
        return card(bench.chosen(bench.axle(axleId)));
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

    /** Ticks a step of the card seen; what it holds and what torque was set are logged with it. */
    void tick(long axleId, String stepId, Tick body, String seal) {
        Card card = seen(axleId, seal);
        BenchStep step = card.step(stepId);
        if (card.frozen().isEmpty()) {
            throw new ConflictException("Kit " + card.chosen().selection().describe()
                    + " is not ordered: nothing is taken apart for it. Place the order first.");
        }
        if (card.done().containsKey(stepId)) {
            throw new ConflictException("“" + said(step.title())
                    + "” was ticked before. Nothing was changed; take the tick back first if it is to be done again.");
        }
        List<BenchStep> open = card.plan().open(step, card.done().keySet());
        if (!open.isEmpty()) {
            throw new ConflictException("“" + said(step.title()) + "” comes after “"
                    + open.stream().map(s -> said(s.title())).collect(Collectors.joining("” and “"))
                    + "”. Do and tick that first.");
        }
        List<String> missing = card.plan().wantsParts(step) ? missing(card) : List.of();
        if (!missing.isEmpty()
                && !(me.get().role() == Role.LEAD && !body.signed().isEmpty())) {
            throw new ConflictException(
                    "“" + said(step.title()) + "” wants parts that did not come, or were not good when tried: "
                            + String.join(", ", missing)
                            + ". Count or try them in on the order sheet, or let a lead sign with the reason. Nothing was changed.");
        }
        checkLoose(card, step, body.loose());
        boolean isNewlyRead = isNewlyRead(card, step, body.isCautionRead());
        OptionalDouble torque = step.tighten().isPresent() && !body.marked()
                ? OptionalDouble.of(torque(body, step.tighten().get()))
                : OptionalDouble.empty();
        String held = held(step, body);
        if (isNewlyRead) {
            events.add(
                    Place.job(card.chosen().row().jobId()),
                    new CautionRead(said(step.caution()), me.get().login()),
                    me.get().id());
        }
        events.add(
                Place.axle(card.chosen().row().jobId(), axleId),
                new StepTicked(
                        stepId,
                        card.chosen().selection().kit(),
                        said(step.title()),
                        body.setValue().strip(),
                        held,
                        torque,
                        body.signed(),
                        body.tool(),
                        step.isTrial() || step.makesGood() ? body.loose() : List.of()),
                me.get().id());
    }

    /** As the record keeps it, whoever reads it: nothing said of a step by itself has a quantity. */
    static String said(Phrase phrase) {
        return Wording.METRIC.say(phrase);
    }

    /** What a side's mock-up put in only to try. */
    static List<LooseItem> tried(Card card, BenchStep step) {
        return card.plan()
                .trialOf(step)
                .flatMap(trial -> Optional.ofNullable(card.done().get(trial.id())))
                .map(t -> t.tick().loose())
                .orElse(List.of());
    }

    /** Parts of what is chosen that did not come, or came and were not good when they were tried, in words. */
    List<String> missing(Card card) {
        long axleId = card.chosen().row().id();
        List<String> toCome = suppliers.missing(
                axleId,
                releases.order(axleId, card.chosen().selection())
                        .map(t -> t.decision().covers())
                        .orElse(""));
        return Stream.concat(
                        toCome.stream(),
                        releases.notGood(axleId, card.chosen().selection().kit()).stream()
                                .map(t -> me.wording().say(t.words())))
                .toList();
    }

    /** A trial says what it put in loosely; what it did is counted out again before the work goes on. */
    private void checkLoose(Card card, BenchStep step, List<LooseItem> told) {
        if (step.isTrial() && !LooseItem.isTold(told)) {
            throw BadInputException.of(
                    "loose",
                    "",
                    "Say what was put in only to try, or that nothing was: it is counted out again later.");
        }
        List<LooseItem> open = LooseItem.open(tried(card, step), told);
        if (step.makesGood() && !open.isEmpty()) {
            throw BadInputException.of(
                    "loose",
                    "",
                    "Put in only to try at the mock-up and not made good: "
                            + open.stream().map(LooseItem::title).collect(Collectors.joining("; ")) + ".");
        }
    }

    /** Cautions the signed-in person has read in a job. */
    Set<String> cautionsRead(long jobId) {
        String login = me.get().login();
        return events.ofJob(jobId).stream()
                .flatMap(e -> Decision.of(e).stream())
                .filter(d -> d instanceof CautionRead read && read.login().equals(login))
                .map(d -> ((CautionRead) d).caution())
                .collect(Collectors.toSet());
    }

    /** Whether a caution is read with this tick for the first time by this person in this job; refused where it was not read at all. */
    private boolean isNewlyRead(Card card, BenchStep step, boolean isRead) {
        if (step.caution().isEmpty()
                || cautionsRead(card.chosen().row().jobId()).contains(said(step.caution()))) {
            return false;
        }
        if (!isRead) {
            throw BadInputException.of(
                    "cautionRead",
                    "",
                    "Read the caution of this step first: “" + said(step.caution()) + "” Then tick it again.");
        }
        return true;
    }

    /** What is logged of the hold: readings judged, words where it wants to be seen, and where no wrench reached. */
    private String held(BenchStep step, Tick body) {
        List<String> told = new ArrayList<>();
        step.reading().ifPresent(wanted -> told.add(readings.take(wanted, body.readings(), body.signed())));
        if (step.reading().isEmpty() && !step.hold().isEmpty() && body.held().isEmpty()) {
            throw BadInputException.of(
                    "held", "", "This step holds: “" + said(step.hold()) + "” Write what you measured or saw.");
        }
        if (body.marked() && step.tighten().isPresent()) {
            told.add(MARKED);
        }
        if (!body.held().isEmpty()) {
            told.add(body.held());
        }
        return String.join(". ", told);
    }

    /** What is written where no wrench reaches; it is listed at hand-over. */
    static final String MARKED = "Wrench-tight and marked, no torque read";

    private double torque(Tick body, Tighten wanted) {
        double set;
        try {
            set = ShopNotation.parse(body.setValue(), Dimension.TORQUE, Unit.defaultFor(Dimension.TORQUE, me.units()))
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

    /** Takes a tick back, unless more was done on top of it. */
    void untick(long axleId, String stepId, String seal) {
        Card card = seen(axleId, seal);
        BenchStep step = card.step(stepId);
        if (!card.done().containsKey(stepId)) {
            return;
        }
        List<BenchStep> resting = card.plan().resting(step, card.done().keySet());
        if (!resting.isEmpty()) {
            throw new ConflictException("“" + said(resting.get(0).title()) + "” was done on top of “"
                    + said(step.title()) + "”. Take that tick back first.");
        }
        events.add(
                Place.axle(card.chosen().row().jobId(), axleId),
                new StepUnticked(stepId, card.chosen().selection().kit()),
                me.get().id());
    }

    /** Takes the steps as they would be planned now; ticks stay with their steps. */
    void revise(long axleId, String seal) {
        Card card = seen(axleId, seal);
        if (card.frozen().isEmpty()) {
            throw new ConflictException("Nothing is ordered yet: the card shows the plan as it would be now anyway.");
        }
        if (card.chosen().gate().state() == OrderGate.State.SHUT) {
            throw new ConflictException(
                    card.chosen().selection().describe()
                            + " is proven not to fit as the axle stands now: no plan is made for it. Look at the order, then choose other work, another kit or another wheel.");
        }
        if (!card.changes().isEmpty()) {
            plans.freeze(
                    axleId, card.chosen().selection(), card.live(), me.get().id());
        }
    }
}
