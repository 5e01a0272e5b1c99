package itrova.server.road;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.record.VehicleKind;
import itrova.core.road.BeddingLog;
import itrova.core.road.BeddingRule;
import itrova.core.road.FirstMove;
import itrova.core.road.Recheck;
import itrova.core.road.RoadCase;
import itrova.core.road.RoadGate;
import itrova.core.road.StopRun;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.SeenOtherException;
import itrova.server.axle.Workbench;
import itrova.server.bleed.BleedBay;
import itrova.server.store.Decision;
import itrova.server.store.Decision.Drove;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Kind;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.NotFoundException;
import itrova.server.store.Role;
import itrova.server.work.BenchCards;
import itrova.server.work.BenchCards.Standing;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done with a vehicle on the road, and whether it may be there at all. */
@Service
public class RoadLog {
    /** Work after which every first move is tried anew. */
    private static final Set<Kind> WORK =
            EnumSet.of(Kind.STEP_TICKED, Kind.STEP_UNTICKED, Kind.BLED, Kind.KIT_CHOSEN, Kind.ORDER_PLACED);

    private final JobStore jobs;
    private final Workbench bench;
    private final BenchCards cards;
    private final BleedBay bleeding;
    private final EventStore events;
    private final CurrentPerson me;
    private final Clock clock = Clock.systemUTC();

    RoadLog(JobStore jobs, Workbench bench, BenchCards cards, BleedBay bleeding, EventStore events, CurrentPerson me) {
        this.jobs = jobs;
        this.bench = bench;
        this.cards = cards;
        this.bleeding = bleeding;
        this.events = events;
        this.me = me;
    }

    RoadState of(long jobId) {
        JobRow job = jobs.job(jobId);
        List<EventRow> log = events.ofJob(jobId);
        List<RoadState.Kept> entries = entries(log);
        long lastWork = log.stream()
                .filter(e -> WORK.contains(e.kind()))
                .mapToLong(EventRow::id)
                .max()
                .orElse(0);
        List<RoadState.Kept> moves = entries.stream()
                .filter(k -> k.is(Drove.What.MOVE) && k.event().id() > lastWork)
                .toList();
        List<Standing> work = new ArrayList<>();
        for (AxleRow row : jobs.axles(jobId)) {
            cards.standing(row).ifPresent(work::add);
        }
        RoadCase roadCase = new RoadCase(
                work.stream().map(Standing::work).toList(),
                bleeding.standing(jobId),
                job.vehicleKind() == VehicleKind.TRAILER,
                moves.stream()
                        .map(k -> new RoadCase.Tried(
                                k.drove().told("move"), k.drove().told("fine").equals("true")))
                        .toList(),
                bedding(entries));
        return new RoadState(job, bench.vehicle(jobId), entries, work, moves, roadCase, RoadGate.of(roadCase));
    }

    /**
     * What the dossier's paper says of the road.
     *
     * @param again what is looked at again, when, or what was found
     * @param open what keeps the vehicle standing or from its owner
     * @param told what the owner is told of
     * @param signed who signed the hand-over as it stands
     */
    public record Paper(List<String> again, List<String> open, List<String> told, List<String> signed) {}

    /** For the dossier's paper. */
    @Transactional(readOnly = true)
    public Paper paper(long jobId) {
        RoadState card = of(jobId);
        List<Phrase> open = new ArrayList<>(card.gate().standing());
        open.addAll(card.gate().handing());
        return new Paper(
                card.rechecks().stream().map(r -> again(card, r)).toList(),
                me.said(open),
                card.listed(),
                card.signatures().stream()
                        .map(s -> s.as().name().toLowerCase(java.util.Locale.ROOT) + ": " + s.name())
                        .toList());
    }

    private String again(RoadState card, Recheck r) {
        String what = me.wording().say(r.what());
        if (card.done(r).isPresent()) {
            return what + " Done: " + card.done(r).get().drove().told("note");
        }
        OptionalDouble km = r.odometer(card.startKm());
        return what
                + card.start()
                        .map(start -> " By " + r.date(start)
                                + (km.isPresent()
                                        ? ", or at "
                                                + me.wording().amount(Amount.kilometres(km.getAsDouble(), 0))
                                                + ", whichever is first."
                                        : "."))
                        .orElse("");
    }

    private static List<RoadState.Kept> entries(List<EventRow> log) {
        List<RoadState.Kept> all = new ArrayList<>();
        Set<String> back = new HashSet<>();
        for (EventRow e : log) {
            Decision.of(e).ifPresent(d -> {
                if (d instanceof Drove drove) {
                    if (drove.what() == Drove.What.TAKEN_BACK) {
                        back.add(drove.told("of"));
                    } else {
                        all.add(new RoadState.Kept(e, drove));
                    }
                }
            });
        }
        all.removeIf(k -> back.contains(Long.toString(k.event().id())));
        return all;
    }

    private static Optional<BeddingLog> bedding(List<RoadState.Kept> entries) {
        Optional<RoadState.Kept> rule =
                entries.stream().filter(k -> k.is(Drove.What.RULE)).reduce((first, second) -> second);
        return rule.map(taken -> new BeddingLog(
                BeddingWords.read(taken.drove().told("rule")),
                entries.stream()
                        .filter(k -> k.is(Drove.What.STOP)
                                && k.event().id() > taken.event().id())
                        .map(k -> k.event().at())
                        .toList()));
    }

    /** Logs how a first move went. */
    @Transactional
    public void move(long jobId, String id, boolean isFine, String note) {
        RoadState card = locked(jobId);
        FirstMove move = FirstMove.of(card.roadCase().isTrailer()).stream()
                .filter(m -> m.id().equals(id))
                .findFirst()
                .orElseThrow(() -> BadInputException.of("move", id, "“" + id + "” is no first move of this vehicle."));
        refuse(card.gate().holdsBack(move, card.roadCase()));
        if (!isFine && note.isBlank()) {
            throw BadInputException.of("note", "", "Write what was not as it should be.");
        }
        add(jobId, new Drove(Drove.What.MOVE, Map.of("move", id, "fine", Boolean.toString(isFine), "note", note)));
    }

    private void refuse(Optional<Phrase> why) {
        why.ifPresent(p -> {
            throw new ConflictException(me.wording().say(p));
        });
    }

    /** Takes a bedding rule; stops counted by another count no further. */
    @Transactional
    public void rule(long jobId, BeddingRule rule) {
        locked(jobId);
        add(jobId, new Drove(Drove.What.RULE, Map.of("rule", BeddingWords.write(rule))));
    }

    /** The usual rule of the work done on a vehicle, its pauses long enough for its discs. */
    BeddingRule defaultRule(long jobId) {
        RoadState card = of(jobId);
        BeddingRule rule = BeddingRule.byDefault(card.plans());
        return card.vehicle().problem().isPresent()
                ? rule
                : rule.coolOn(card.vehicle().planned());
    }

    /**
     * Counts a stop.
     *
     * @param celsius how hot the disc was read after it, if anybody read it
     */
    @Transactional
    public void stop(long jobId, OptionalDouble celsius) {
        RoadState card = locked(jobId);
        if (!card.gate().moves()) {
            refuse(card.gate().standing().stream().findFirst().map(p -> Phrase.of("road.stands", p)));
        }
        FirstMove firstAfter = FirstMove.of(card.roadCase().isTrailer()).stream()
                .takeWhile(m -> !m.isAfterBedding())
                .filter(m -> !card.roadCase().went(m.id()).equals(Optional.of(true)))
                .findFirst()
                .orElse(null);
        if (firstAfter != null) {
            refuse(Optional.of(Phrase.of("road.not-tried", firstAfter.title())));
        }
        BeddingLog log = card.roadCase()
                .bedding()
                .orElseThrow(() -> new ConflictException("Take a bedding rule first: then its stops are counted."));
        try {
            log.with(Instant.now(clock));
        } catch (IllegalStateException e) {
            throw new ConflictException(e.getMessage());
        }
        add(
                jobId,
                new Drove(
                        Drove.What.STOP,
                        celsius.isPresent() ? Map.of("celsius", Double.toString(celsius.getAsDouble())) : Map.of()));
    }

    /** Logs a stop measured before or after the work. */
    @Transactional
    public void run(long jobId, boolean isAfter, StopRun run) {
        RoadState card = locked(jobId);
        if (isAfter && !card.gate().moves()) {
            refuse(card.gate().standing().stream().findFirst().map(p -> Phrase.of("road.stands", p)));
        }
        add(
                jobId,
                new Drove(
                        Drove.What.RUN,
                        Map.of(
                                "when", isAfter ? "after" : "before",
                                "speed", Double.toString(run.speed()),
                                "distance", Double.toString(run.distance()))));
    }

    /** Logs the odometer (km). */
    @Transactional
    public void odometer(long jobId, double km) {
        forward(locked(jobId), km);
        add(jobId, new Drove(Drove.What.ODOMETER, Map.of("km", Double.toString(km))));
    }

    private static void forward(RoadState card, double km) {
        double last = card.nowKm().orElse(0);
        if (km < last) {
            throw BadInputException.of(
                    "km",
                    Double.toString(km),
                    String.format(
                            java.util.Locale.ROOT,
                            "An odometer does not run back: %.0f km was told before, %.0f km now. Read it again, or take the wrong one back.",
                            last,
                            km));
        }
    }

    /** Logs that something was looked at again. */
    @Transactional
    public void recheck(long jobId, String id, OptionalDouble km, String note) {
        RoadState card = locked(jobId);
        Recheck recheck = card.rechecks().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("Look again “" + id + "”"));
        if (card.start().isEmpty()) {
            throw new ConflictException(
                    "Nothing was driven since the last work: there is nothing to look at again yet.");
        }
        if (card.done(recheck).isPresent()) {
            throw new ConflictException("That was looked at before. Nothing was changed.");
        }
        if (note.isBlank()) {
            throw BadInputException.of("note", "", "Write what was found, such as “all dry, nuts at torque”.");
        }
        km.ifPresent(k -> forward(card, k));
        Map<String, String> told = new java.util.HashMap<>(Map.of("id", id, "note", note));
        km.ifPresent(k -> told.put("km", Double.toString(k)));
        add(jobId, new Drove(Drove.What.RECHECK, told));
    }

    /** Signs the hand-over of the vehicle as it was seen. */
    @Transactional
    public void sign(long jobId, RoadState.Signer as, String name, String seal) {
        RoadState card = locked(jobId);
        if (!card.seal().equals(seal)) {
            throw new SeenOtherException(
                    "The card has changed since you saw it. Nothing was signed. Look at it as it is now.",
                    seal,
                    card.seal());
        }
        if (!card.gate().isHandedOver()) {
            Phrase first = card.gate().moves()
                    ? card.gate().handing().get(0)
                    : card.gate().standing().get(0);
            throw new ConflictException("It is not handed over while something is open: "
                    + me.wording().say(first));
        }
        if (as == RoadState.Signer.LEAD && me.get().role() != Role.LEAD) {
            throw new ConflictException("Only a lead signs as the lead.");
        }
        if (as == RoadState.Signer.OWNER
                && card.signatures().stream()
                                .filter(s -> s.as() != RoadState.Signer.OWNER)
                                .count()
                        < RoadState.Signer.values().length - 1) {
            throw new ConflictException("Mechanic and lead sign first, then the owner takes over.");
        }
        if (card.signatures().stream().anyMatch(s -> s.as() == as)) {
            throw new ConflictException("That is signed already. Nothing was changed.");
        }
        String who = as == RoadState.Signer.OWNER ? name : me.get().name();
        if (who.isBlank()) {
            throw BadInputException.of("name", "", "Write the name of who takes the vehicle over.");
        }
        add(jobId, new Drove(Drove.What.SIGNED, Map.of("as", as.name(), "name", who, "seal", seal)));
    }

    /** Takes an entry back; it stays in the log with that. */
    @Transactional
    public void takeBack(long jobId, long entry) {
        RoadState card = locked(jobId);
        if (card.entries().stream().noneMatch(k -> k.event().id() == entry)) {
            throw new NotFoundException("Entry " + entry + " of the road card");
        }
        add(jobId, new Drove(Drove.What.TAKEN_BACK, Map.of("of", Long.toString(entry))));
    }

    /** The card, its job kept from other writes until this one is done. */
    private RoadState locked(long jobId) {
        jobs.lockJob(jobId);
        return of(jobId);
    }

    private void add(long jobId, Drove drove) {
        events.add(Place.job(jobId), drove, me.get().id());
    }
}
