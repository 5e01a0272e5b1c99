package itrova.server.road;

import itrova.core.brakes.BeddingHeat;
import itrova.core.phrase.Amount;
import itrova.core.quantity.Measured;
import itrova.core.road.BeddingLog;
import itrova.core.road.BeddingPhase;
import itrova.core.road.BeddingRule;
import itrova.core.road.FirstMove;
import itrova.core.road.Recheck;
import itrova.core.road.StopRun;
import itrova.core.road.StopTest;
import itrova.core.stopping.StoppingDistance;
import itrova.formats.CalendarDocument;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.road.RoadState.Kept;
import itrova.server.road.RoadState.Signer;
import itrova.server.road.RoadViews.BeddingView;
import itrova.server.road.RoadViews.HandOverSignature;
import itrova.server.road.RoadViews.MoveView;
import itrova.server.road.RoadViews.PhaseView;
import itrova.server.road.RoadViews.RecheckView;
import itrova.server.road.RoadViews.RoadEntry;
import itrova.server.road.RoadViews.RoadView;
import itrova.server.road.RoadViews.RunView;
import itrova.server.road.RoadViews.StopSetView;
import itrova.server.road.RoadViews.StopsView;
import itrova.server.store.Decision.Drove;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The road card of a job and its hand-over. Speeds in km/h, distances in m, odometers in km, decelerations in m/s². */
@RestController
@RequestMapping("/api/jobs/{jobId}/road")
public class RoadController {
    private final RoadLog road;
    private final CurrentPerson me;

    RoadController(RoadLog road, CurrentPerson me) {
        this.road = road;
        this.me = me;
    }

    public record MoveForm(
            @NotBlank @Size(max = 40) String move,
            boolean fine,
            @NotNull @Size(max = 300) String note) {}

    /** A series as the pads' papers say; speeds as typed. */
    public record PapersRule(
            @Min(1) @Max(60) int stops,
            @NotNull @Size(max = 20) String from,
            @NotNull @Size(max = 20) String to,
            @Min(0) @Max(3600) int pause) {}

    /** Without papers the usual rule of the work done. */
    public record RuleForm(@Nullable @Valid PapersRule papers) {}

    public record RunForm(
            boolean after,
            @NotNull @Size(max = 20) String speed,
            @NotNull @Size(max = 20) String distance) {}

    public record OdometerForm(@NotNull @Size(max = 20) String km) {}

    public record RecheckForm(
            @NotNull @Size(max = 20) String km,
            @NotNull @Size(max = 300) String note) {}

    public record SignForm(
            @NotNull Signer as,
            @NotNull @Size(max = 80) String name,
            @NotNull @Size(max = 64) String seal) {}

    @GetMapping
    public RoadView look(@PathVariable long jobId) {
        RoadState card = road.of(jobId);
        return new RoadView(
                jobId,
                card.job().title(),
                card.roadCase().isTrailer(),
                me.said(card.gate().standing()),
                me.said(card.gate().handing()),
                FirstMove.of(card.roadCase().isTrailer()).stream()
                        .map(m -> new MoveView(
                                m.id(),
                                me.wording().say(m.title()),
                                me.wording().say(m.text()),
                                me.wording().say(m.caution()),
                                m.isAfterBedding(),
                                card.roadCase().went(m.id()).orElse(null),
                                card.gate()
                                        .holdsBack(m, card.roadCase())
                                        .map(me.wording()::say)
                                        .orElse("")))
                        .toList(),
                card.roadCase().bedding().map(b -> bedding(card, b)).orElse(null),
                stops(card),
                card.nowKm().isPresent() ? card.nowKm().getAsDouble() : null,
                card.rechecks().stream().map(r -> recheck(card, r)).toList(),
                card.listed(),
                card.signatures().stream()
                        .map(s ->
                                new HandOverSignature(s.as().name().toLowerCase(Locale.ROOT), s.name(), s.by(), s.at()))
                        .toList(),
                card.isHandedOver(),
                card.isChangedSince(),
                card.seal(),
                entries(card));
    }

    private BeddingView bedding(RoadState card, BeddingLog log) {
        Optional<BeddingHeat> heat = card.vehicle().problem().isPresent()
                ? Optional.empty()
                : Optional.of(log.rule().heat(card.vehicle().planned()));
        return new BeddingView(
                log.phases().stream()
                        .map(p -> new PhaseView(
                                me.wording().say(p.phase().title()),
                                p.phase().stops(),
                                p.phase().from(),
                                p.phase().to(),
                                p.phase().pause(),
                                p.done()))
                        .toList(),
                log.stops().size(),
                log.rule().stops(),
                log.ready().orElse(null),
                log.early(),
                heat.flatMap(BeddingHeat::hottest).map(Measured::value).orElse(null),
                heat.flatMap(BeddingHeat::hottest).map(Measured::expanded).orElse(null),
                BeddingHeat.TOO_HOT,
                card.lastHeat().isPresent() ? card.lastHeat().getAsDouble() : null,
                heat.map(h -> h.missing().stream()
                                .map(at -> me.wording().say(at.words()))
                                .toList())
                        .orElse(List.of()));
    }

    private static final double KMH = 3.6;
    private static final double TWENTY_MPH = 20 * 1609.344 / 3600;

    private static StopsView stops(RoadState card) {
        Optional<StopTest> before = set("before", card.runs("before"));
        Optional<StopTest> after = set("after", card.runs("after"));
        Optional<StopTest.Compared> compared =
                before.isPresent() && after.isPresent() ? after.map(a -> a.against(before.get())) : Optional.empty();
        return new StopsView(
                view(card, "before", before),
                view(card, "after", after),
                compared.map(StopTest.Compared::change).orElse(null),
                compared.flatMap(StopTest.Compared::gained).map(Measured::value).orElse(null),
                compared.flatMap(StopTest.Compared::gained)
                        .map(Measured::expanded)
                        .orElse(null));
    }

    private static Optional<StopTest> set(String name, List<StopRun> runs) {
        try {
            return Optional.of(StopTest.of(name, runs));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static StopSetView view(RoadState card, String when, Optional<StopTest> test) {
        String why = "";
        if (test.isEmpty()) {
            try {
                StopTest.of(when, card.runs(when));
            } catch (IllegalArgumentException e) {
                why = e.getMessage();
            }
        }
        return new StopSetView(
                card.of(Drove.What.RUN).stream()
                        .filter(k -> k.drove().told("when").equals(when))
                        .map(k -> run(
                                k.event().id(),
                                new StopRun(
                                        Double.parseDouble(k.drove().told("speed")),
                                        Double.parseDouble(k.drove().told("distance")))))
                        .toList(),
                test.map(t -> t.deceleration().value()).orElse(null),
                test.map(t -> t.deceleration().expanded()).orElse(null),
                why,
                test.map(t -> StoppingDistance.constant(
                                TWENTY_MPH, t.deceleration().value()))
                        .orElse(null));
    }

    private static RunView run(long id, StopRun run) {
        return new RunView(id, run.speed() * KMH, run.distance(), run.deceleration());
    }

    private RecheckView recheck(RoadState card, Recheck r) {
        Optional<Kept> done = card.done(r);
        Recheck.State state = done.isPresent()
                ? Recheck.State.DONE
                : card.start()
                        .map(start ->
                                r.state(start, card.startKm(), LocalDate.now(ZoneId.systemDefault()), card.nowKm()))
                        .orElse(Recheck.State.AHEAD);
        OptionalDouble at = r.odometer(card.startKm());
        return new RecheckView(
                r.id(),
                me.wording().say(r.what()),
                at.isPresent() ? at.getAsDouble() : null,
                card.start().map(r::date).orElse(null),
                state,
                done.map(k -> k.drove().told("note")).orElse(null));
    }

    private List<RoadEntry> entries(RoadState card) {
        List<RoadEntry> all = new ArrayList<>();
        for (Kept k : card.entries()) {
            all.add(new RoadEntry(k.event().id(), k.event().at(), k.event().by(), said(card, k.drove())));
        }
        Collections.reverse(all);
        return all;
    }

    private String said(RoadState card, Drove d) {
        return switch (d.what()) {
            case MOVE ->
                FirstMove.of(card.roadCase().isTrailer()).stream()
                                .filter(m -> m.id().equals(d.told("move")))
                                .findFirst()
                                .map(m -> me.wording().say(m.title()))
                                .orElse(d.told("move"))
                        + (d.told("fine").equals("true") ? ": as it should be" : ": NOT as it should be")
                        + (d.told("note").isEmpty() ? "" : ", " + d.told("note"));
            case RULE ->
                "Bedding rule taken: "
                        + BeddingWords.read(d.told("rule")).phases().stream()
                                .map(this::phase)
                                .collect(Collectors.joining("; "));
            case STOP ->
                "A stop of bedding in"
                        + (d.told().containsKey("celsius")
                                ? ", disc read at " + RoadText.heat(Double.parseDouble(d.told("celsius")), me.units())
                                : "");
            case RUN ->
                "Stop measured " + d.told("when") + " the work: "
                        + me.wording().amount(Amount.kilometresPerHour(Double.parseDouble(d.told("speed")) * KMH, 0))
                        + " in " + me.wording().amount(Amount.metres(Double.parseDouble(d.told("distance")), 1));
            case ODOMETER -> "Odometer " + km(d);
            case RECHECK ->
                "Looked at again (" + d.told("id") + "): " + d.told("note")
                        + (d.told("km").isEmpty() ? "" : ", " + km(d));
            case SIGNED -> "Hand-over signed as " + d.told("as").toLowerCase(Locale.ROOT) + ": " + d.told("name");
            case TAKEN_BACK -> "taken back";
        };
    }

    private String km(Drove d) {
        return me.wording().amount(Amount.kilometres(Double.parseDouble(d.told("km")), 0));
    }

    private String phase(BeddingPhase p) {
        return p.stops() + " × "
                + me.wording().amount(Amount.kilometresPerHour(p.from(), 0).asBare()) + " to "
                + me.wording().amount(Amount.kilometresPerHour(p.to(), 0));
    }

    @PostMapping("/moves")
    public RoadView move(@PathVariable long jobId, @Valid @RequestBody MoveForm body) {
        road.move(jobId, body.move(), body.fine(), body.note().strip());
        return look(jobId);
    }

    @PostMapping("/rule")
    public RoadView rule(@PathVariable long jobId, @Valid @RequestBody RuleForm body) {
        road.rule(jobId, body.papers() == null ? road.defaultRule(jobId) : papers(body.papers()));
        return look(jobId);
    }

    private BeddingRule papers(PapersRule p) {
        double from = RoadText.speed("from", p.from(), me.units());
        double to = RoadText.speed("to", p.to(), me.units());
        try {
            return BeddingRule.ofPapers(p.stops(), from, to, p.pause());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("papers", p.from(), e.getMessage());
        }
    }

    /** @param temperature of the disc after the stop, as read; absent where nobody read it */
    public record StopForm(@Nullable @Size(max = 20) String temperature) {}

    @PostMapping("/stops")
    public RoadView stop(@PathVariable long jobId, @RequestBody(required = false) @Valid @Nullable StopForm body) {
        String read = body == null || body.temperature() == null ? "" : body.temperature();
        road.stop(
                jobId,
                read.isBlank()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(RoadText.temperature("temperature", read, me.units())));
        return look(jobId);
    }

    @PostMapping("/runs")
    public RoadView run(@PathVariable long jobId, @Valid @RequestBody RunForm body) {
        StopRun run;
        try {
            run = new StopRun(
                    RoadText.speed("speed", body.speed(), me.units()) / KMH,
                    RoadText.distance("distance", body.distance(), me.units()));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("speed", body.speed(), e.getMessage());
        }
        road.run(jobId, body.after(), run);
        return look(jobId);
    }

    @PostMapping("/odometer")
    public RoadView odometer(@PathVariable long jobId, @Valid @RequestBody OdometerForm body) {
        road.odometer(jobId, RoadText.odometer("km", body.km(), me.units()));
        return look(jobId);
    }

    @PostMapping("/rechecks/{id}")
    public RoadView recheck(@PathVariable long jobId, @PathVariable String id, @Valid @RequestBody RecheckForm body) {
        road.recheck(
                jobId,
                id,
                body.km().isBlank()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(RoadText.odometer("km", body.km(), me.units())),
                body.note().strip());
        return look(jobId);
    }

    @PostMapping("/signatures")
    public RoadView sign(@PathVariable long jobId, @Valid @RequestBody SignForm body) {
        road.sign(jobId, body.as(), body.name().strip(), body.seal());
        return look(jobId);
    }

    @DeleteMapping("/entries/{id}")
    public RoadView takeBack(@PathVariable long jobId, @PathVariable long id) {
        road.takeBack(jobId, id);
        return look(jobId);
    }

    /** What is to be looked at again, as a calendar. */
    @GetMapping(value = "/reminders.ics", produces = "text/calendar")
    public ResponseEntity<String> reminders(@PathVariable long jobId) {
        RoadState card = road.of(jobId);
        List<CalendarDocument.Day> all = card.start().stream()
                .flatMap(start -> card.rechecks().stream()
                        .filter(r -> card.done(r).isEmpty())
                        .map(r -> new CalendarDocument.Day(
                                "job-" + jobId + "-" + r.id() + "@itrova",
                                r.date(start),
                                card.job().title() + ": " + me.wording().say(r.what()),
                                r.odometer(card.startKm()).isPresent()
                                        ? "Or at "
                                                + me.wording()
                                                        .amount(Amount.kilometres(
                                                                r.odometer(card.startKm())
                                                                        .getAsDouble(),
                                                                0))
                                                + " on the odometer, whichever is first."
                                        : "")))
                .toList();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"look-again-" + jobId + ".ics\"")
                .body(CalendarDocument.write(all, Instant.now()));
    }
}
