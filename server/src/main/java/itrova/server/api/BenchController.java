package itrova.server.api;

import itrova.core.judge.KitReport;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Tighten;
import itrova.formats.ReportSeal;
import itrova.server.security.Person;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.NotFoundException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
class BenchController {

    private final Workbench bench;
    private final JobStore jobs;
    private final EventStore events;
    private final CurrentPerson me;

    BenchController(Workbench bench, JobStore jobs, EventStore events, CurrentPerson me) {
        this.bench = bench;
        this.jobs = jobs;
        this.events = events;
        this.me = me;
    }

    record DoneView(
            String by,
            Instant at,
            String setValue,
            @Nullable Double setTorqueNm) {}

    record StepView(
            String id,
            String title,
            String text,
            String caution,
            String hold,
            @Nullable Double torqueNm,
            @Nullable DoneView done) {}

    record BenchView(
            long axleId,
            long jobId,
            String jobTitle,
            String name,
            String kit,
            boolean ordered,
            List<StepView> steps,
            int done,
            String seal,
            @Nullable String newerEdition) {}

    record TickRequest(
            @NotNull @Size(max = 60) String setValue,
            boolean confirmed,
            @NotNull @Size(max = 64) String seal) {}

    @GetMapping
    BenchView card(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        KitReport report = bench.chosen(row);
        List<EventRow> log = events.ofAxle(axleId);
        Map<String, EventRow> done = new HashMap<>();
        String kit = report.kit().code();
        for (EventRow e : log) {
            if (e.kind() == EventStore.Kind.STEP_TICKED
                    && kit.equals(e.payload().get("kit"))) {
                done.put(e.subject(), e);
            } else if (e.kind() == EventStore.Kind.STEP_UNTICKED
                    && kit.equals(e.payload().get("kit"))) {
                done.remove(e.subject());
            }
        }
        boolean ordered = log.stream()
                .anyMatch(e ->
                        e.kind() == EventStore.Kind.ORDER_PLACED && e.subject().equals(kit));
        BenchPlan plan = BenchPlan.of(report, row.form().kind());
        List<StepView> steps = plan.steps().stream()
                .map(s -> new StepView(
                        s.id(),
                        s.title(),
                        s.text(),
                        s.caution(),
                        s.hold(),
                        s.tighten().map(Tighten::torque).orElse(null),
                        done.containsKey(s.id()) ? view(done.get(s.id())) : null))
                .toList();
        return new BenchView(
                axleId,
                row.jobId(),
                jobs.job(row.jobId()).title(),
                row.name(),
                kit,
                ordered,
                steps,
                (int) steps.stream().filter(s -> s.done() != null).count(),
                seal(report, plan),
                bench.newerEdition(row).orElse(null));
    }

    /** Names the card as it is: kit and steps with their torques, not what is ticked. */
    private static String seal(KitReport report, BenchPlan plan) {
        return ReportSeal.of(report.kit().code() + plan.steps());
    }

    private static boolean isTicked(List<EventRow> log, String kit, String stepId) {
        boolean ticked = false;
        for (EventRow e : log) {
            if (e.subject().equals(stepId) && kit.equals(e.payload().get("kit"))) {
                ticked = e.kind() == EventStore.Kind.STEP_TICKED;
            }
        }
        return ticked;
    }

    private static DoneView view(EventRow e) {
        String torque = e.payload().get("torqueNm");
        return new DoneView(
                e.by(),
                e.at(),
                e.payload().getOrDefault("setValue", ""),
                torque == null ? null : Double.valueOf(torque));
    }

    @PostMapping("/{stepId}/tick")
    BenchView tick(@PathVariable long axleId, @PathVariable String stepId, @Valid @RequestBody TickRequest body) {
        AxleRow row = bench.lockedAxle(axleId);
        KitReport report = bench.chosen(row);
        BenchStep step = step(report, row, stepId);
        seen(report, row, body.seal());
        if (isTicked(events.ofAxle(axleId), report.kit().code(), stepId)) {
            throw new ConflictException("“" + step.title()
                    + "” was ticked before. Nothing was changed; take the tick back first if it is to be done again.");
        }
        Person person = me.get();
        Map<String, String> payload = new HashMap<>(Map.of(
                "kit",
                report.kit().code(),
                "title",
                step.title(),
                "setValue",
                body.setValue().strip()));
        if (step.tighten().isPresent()) {
            double set = torque(body, step.tighten().get());
            payload.put("torqueNm", Double.toString(set));
        }
        events.add(Place.axle(row.jobId(), axleId), EventStore.Kind.STEP_TICKED, stepId, payload, person.id());
        return card(axleId);
    }

    private static void seen(KitReport report, AxleRow row, String seal) {
        String now = seal(report, BenchPlan.of(report, row.form().kind()));
        if (!now.equals(seal)) {
            throw new SeenOtherException(
                    "The card you saw has changed meanwhile: it is for kit "
                            + report.kit().code() + " now. Nothing was changed. Look at the step as it is now.",
                    seal,
                    now);
        }
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
    BenchView untick(
            @PathVariable long axleId, @PathVariable String stepId, @RequestParam @Size(max = 64) String seal) {
        AxleRow row = bench.lockedAxle(axleId);
        KitReport report = bench.chosen(row);
        step(report, row, stepId);
        seen(report, row, seal);
        if (!isTicked(events.ofAxle(axleId), report.kit().code(), stepId)) {
            return card(axleId);
        }
        events.add(
                Place.axle(row.jobId(), axleId),
                EventStore.Kind.STEP_UNTICKED,
                stepId,
                Map.of("kit", report.kit().code()),
                me.get().id());
        return card(axleId);
    }

    private static BenchStep step(KitReport report, AxleRow row, String stepId) {
        return BenchPlan.of(report, row.form().kind()).steps().stream()
                .filter(s -> s.id().equals(stepId))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("Step " + stepId));
    }
}
