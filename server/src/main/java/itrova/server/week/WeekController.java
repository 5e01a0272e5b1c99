package itrova.server.week;

import itrova.core.schedule.Chain;
import itrova.core.schedule.Week;
import itrova.core.schedule.WeekProblem;
import itrova.core.schedule.WorkingTime;
import itrova.core.schedule.Workshop;
import itrova.formats.CalendarDocument;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.JobStore;
import itrova.server.store.WeekStore;
import itrova.server.store.WeekStore.PlanState;
import itrova.server.week.WeekDocument.PlannedTask;
import itrova.server.week.WeekPlans.Plan;
import itrova.server.week.WeekTasks.Parcel;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The week over all jobs. Moments are of the shop's own clock. */
@RestController
@RequestMapping("/api/week")
public class WeekController {
    private static final int TITLE = 80;

    private final WeekPlans plans;
    private final WeekTasks tasks;
    private final WeekStore store;
    private final JobStore jobs;
    private final CurrentPerson me;

    WeekController(WeekPlans plans, WeekTasks tasks, WeekStore store, JobStore jobs, CurrentPerson me) {
        this.plans = plans;
        this.tasks = tasks;
        this.store = store;
        this.jobs = jobs;
        this.me = me;
    }

    public record WeekSettings(
            @NotNull @Size(max = 7) Map<@NotBlank String, @NotNull @Size(max = 80) String> hours,
            @Min(1) @Max(50) int stands,
            @Min(0) @Max(50) int presses,
            @Min(0) @Max(50) int welders,
            int version) {}

    /**
     * @param waits what it waits for besides other steps; empty if nothing
     * @param who names of who does it; empty for outside work
     */
    public record WeekTask(
            String id,
            long jobId,
            long axleId,
            String axle,
            String step,
            String title,
            LocalDateTime start,
            LocalDateTime end,
            List<String> who,
            String outside,
            String waits,
            boolean done) {}

    /**
     * @param finish by the plan
     * @param likely by when it is finished in 50 of a hundred plays
     * @param surely by when in 80 of a hundred
     * @param before by the plan before this; absent where it was not in it
     * @param chain what the finish hangs on, the first link first
     */
    public record WeekJob(
            long jobId,
            String title,
            @Nullable LocalDate promised,
            LocalDateTime finish,
            LocalDateTime likely,
            LocalDateTime surely,
            boolean late,
            @Nullable LocalDateTime before,
            List<String> chain) {}

    public record WeekParcel(
            String orderId, String supplier, long jobId, String title, String axle, LocalDate comes, boolean told) {}

    public record WorkingSpan(LocalDateTime from, LocalDateTime to) {}

    /** The plan that was seen; empty where none was. */
    public record SeenPlan(@NotNull @Size(max = 40) String plan) {}

    /**
     * @param plan names the plan; empty where none was laid
     * @param madeAt when the plan was laid; absent where none was
     * @param outdated what has changed since it was laid, in words
     */
    public record WeekView(
            String plan,
            @Nullable Instant madeAt,
            boolean improving,
            boolean best,
            List<String> people,
            List<WorkingSpan> spans,
            List<WeekTask> tasks,
            List<WeekJob> jobs,
            List<WeekParcel> parcels,
            List<String> outdated,
            WeekSettings settings) {}

    public record PinForm(
            @NotBlank @Size(max = 120) String task,
            @Nullable LocalDateTime notBefore) {}

    public record ParcelForm(@NotNull LocalDate comes) {}

    @GetMapping
    public WeekView look() {
        WorkingTime now = plans.timeFrom(LocalDateTime.now());
        WeekTasks.All open = tasks.gather(now);
        List<WeekParcel> parcels =
                open.parcels().stream().map(WeekController::view).toList();
        Plan plan = plans.last().orElse(null);
        if (plan == null) {
            return new WeekView(
                    "",
                    null,
                    false,
                    false,
                    plans.hands(),
                    List.of(),
                    List.of(),
                    List.of(),
                    parcels,
                    open.tasks().isEmpty() ? List.of() : List.of("Nothing is planned yet."),
                    settings());
        }
        Set<String> stillOpen = new HashSet<>();
        open.tasks().forEach(o -> stillOpen.add(o.task().id()));
        List<WeekTask> laid = plan.document().tasks().stream()
                .map(t -> view(plan, t, !stillOpen.contains(t.id())))
                .toList();
        return new WeekView(
                plan.row().id(),
                plan.row().madeAt(),
                plan.row().state() == PlanState.IMPROVING,
                plan.document().isBest(),
                plan.document().people(),
                spans(plan),
                laid,
                jobs(plan),
                parcels,
                outdated(plan, laid, open),
                settings());
    }

    /** @param axleId axle whose card has the step */
    public record TaskToday(LocalDateTime start, String title, long axleId, String job) {}

    public record PersonToday(String name, List<TaskToday> tasks) {}

    /** Who does what today, by the last plan; nobody where none was laid. */
    @GetMapping("/today")
    public List<PersonToday> today() {
        Plan plan = plans.last().orElse(null);
        if (plan == null) {
            return List.of();
        }
        LocalDate day = LocalDate.now();
        Map<Long, String> titles = new HashMap<>();
        List<WeekTask> tasks = plan.document().tasks().stream()
                .map(t -> view(plan, t, false))
                .filter(t -> !t.start().toLocalDate().isAfter(day)
                        && !t.end().toLocalDate().isBefore(day))
                .sorted(Comparator.comparing(WeekTask::start))
                .toList();
        return plan.document().people().stream()
                .map(name -> new PersonToday(
                        name,
                        tasks.stream()
                                .filter(t -> t.who().contains(name))
                                .map(t -> new TaskToday(
                                        t.start(),
                                        t.title(),
                                        t.axleId(),
                                        titles.computeIfAbsent(
                                                t.jobId(), id -> jobs.job(id).title())))
                                .toList()))
                .toList();
    }

    private WeekSettings settings() {
        WeekStore.Settings s = store.settings();
        return new WeekSettings(s.hours(), s.stands(), s.presses(), s.welders(), s.version());
    }

    private static WeekParcel view(Parcel p) {
        return new WeekParcel(
                p.orderId(),
                p.supplier(),
                p.job().id(),
                p.job().title(),
                p.axle().name(),
                p.comes(),
                p.isTold());
    }

    private static long jobId(String key) {
        return Long.parseLong(key.substring("job-".length()));
    }

    private static WeekTask view(Plan plan, PlannedTask t, boolean isDone) {
        return new WeekTask(
                t.id(),
                jobId(t.job()),
                t.axle(),
                t.axleName(),
                t.step(),
                t.title(),
                plan.time().at(t.start()),
                plan.time().endAt(t.start() + (long) WeekPlans.task(t).length()),
                t.hands().stream().map(i -> plan.document().people().get(i)).toList(),
                t.outside(),
                waited(t) ? t.waits() : "",
                isDone);
    }

    /** Whether it begins as early as a parcel or a pin lets it: what it waited for is worth a word then. */
    private static boolean waited(PlannedTask t) {
        return t.start() - t.earliest() < Workshop.SLOT || t.waits().equals(WeekTasks.PINNED);
    }

    /** Spans of working time from the plan's first day to the end of its last. */
    private static List<WorkingSpan> spans(Plan plan) {
        LocalDateTime last = WeekPlans.finishes(plan).values().stream()
                .max(LocalDateTime::compareTo)
                .orElse(plan.document().from());
        List<WorkingSpan> spans = new ArrayList<>();
        LocalDate first = plan.document().from().toLocalDate();
        for (LocalDate day = first; !day.isAfter(last.toLocalDate()); day = day.plusDays(1)) {
            for (WorkingTime.Span s : plan.time().hours().getOrDefault(day.getDayOfWeek(), List.of())) {
                spans.add(new WorkingSpan(day.atTime(s.from()), day.atTime(s.to())));
            }
        }
        return spans;
    }

    private List<WeekJob> jobs(Plan plan) {
        WeekProblem problem = WeekPlans.problem(plan.document());
        Week week = WeekPlans.week(plan.document());
        Map<String, LocalDateTime> finishes = WeekPlans.finishes(plan);
        List<WeekJob> all = new ArrayList<>();
        for (String key : problem.jobs().keySet()) {
            JobStore.JobRow job = jobs.job(jobId(key));
            List<Double> spread = plan.document().spread().getOrDefault(key, List.of());
            LocalDateTime finish = finishes.get(key);
            LocalDateTime surely = spread.isEmpty() ? finish : plan.time().endAt(Math.round(spread.get(1)));
            all.add(new WeekJob(
                    job.id(),
                    job.title(),
                    job.promised().orElse(null),
                    finish,
                    spread.isEmpty() ? finish : plan.time().endAt(Math.round(spread.get(0))),
                    surely,
                    job.promised()
                            .map(p -> surely.isAfter(p.atTime(LocalTime.MAX)))
                            .orElse(false),
                    plan.document().before().get(key),
                    Chain.of(problem, week, key).stream()
                            .map(l -> said(plan, key, l))
                            .toList()));
        }
        return all;
    }

    private String said(Plan plan, String ofJob, Chain.Link link) {
        PlannedTask t = plan.document().tasks().stream()
                .filter(p -> p.id().equals(link.task().id()))
                .findFirst()
                .orElseThrow();
        String step = t.title().length() > TITLE ? t.title().substring(0, TITLE) : t.title();
        String title = t.job().equals(ofJob) ? step : jobs.job(jobId(t.job())).title() + ": " + step;
        return link.waits() && !t.waits().isEmpty() ? title + " (" + t.waits() + ")" : title;
    }

    private static List<String> outdated(Plan plan, List<WeekTask> laid, WeekTasks.All open) {
        List<String> all = new ArrayList<>();
        Set<String> known = new HashSet<>();
        plan.document().tasks().forEach(t -> known.add(t.id()));
        long fresh = open.tasks().stream()
                .filter(o -> !known.contains(o.task().id()))
                .count();
        if (fresh > 0) {
            all.add(fresh + " steps have come that are not in the plan.");
        }
        LocalDateTime now = LocalDateTime.now();
        long behind =
                laid.stream().filter(t -> !t.done() && t.end().isBefore(now)).count();
        if (behind > 0) {
            all.add(behind + " steps should be done by now and are not.");
        }
        long moved = open.tasks().stream()
                .filter(o -> plan.document().tasks().stream()
                        .anyMatch(t -> t.id().equals(o.task().id())
                                && plan.time().at(t.start()).isBefore(o.notBefore())))
                .count();
        if (moved > 0) {
            all.add(moved + " steps cannot begin when they are planned: a parcel or a pin is later.");
        }
        return all;
    }

    /** Lays everything open anew, unless somebody else did so since the plan that was seen. */
    @PostMapping("/plan")
    public WeekView plan(@Valid @RequestBody SeenPlan body) {
        plans.planOver(body.plan(), me.get().id());
        return look();
    }

    /** Stops making the plan that was seen better; it stays as good as it is. */
    @PostMapping("/stop")
    public WeekView stop(@Valid @RequestBody SeenPlan body) {
        plans.stop(body.plan());
        return look();
    }

    @PutMapping("/settings")
    public WeekView save(@Valid @RequestBody WeekSettings body) {
        plans.save(new WeekStore.Settings(body.hours(), body.stands(), body.presses(), body.welders(), body.version()));
        return look();
    }

    /** Pins a step not before a time, or takes its pin out, and lays the week anew. */
    @PutMapping("/pins")
    public WeekView pin(@Valid @RequestBody PinForm body) {
        WorkingTime now = plans.timeFrom(LocalDateTime.now());
        if (tasks.gather(now).tasks().stream().noneMatch(o -> o.task().id().equals(body.task()))) {
            throw BadInputException.of("task", body.task(), "That step is not open: there is nothing to pin.");
        }
        if (body.notBefore() != null
                && body.notBefore().isAfter(LocalDateTime.now().plusYears(1))) {
            throw BadInputException.of(
                    "notBefore", body.notBefore().toString(), "A step is pinned within a year from now.");
        }
        store.pin(body.task(), body.notBefore());
        plans.plan(me.get().id());
        return look();
    }

    /** Tells when a parcel comes, and lays the week anew. */
    @PutMapping("/parcels/{orderId}")
    public WeekView parcel(@PathVariable String orderId, @Valid @RequestBody ParcelForm body) {
        WorkingTime now = plans.timeFrom(LocalDateTime.now());
        if (tasks.gather(now).parcels().stream().noneMatch(p -> p.orderId().equals(orderId))) {
            throw BadInputException.of("orderId", orderId, "No parcel of that order is awaited.");
        }
        LocalDate today = LocalDate.now();
        if (body.comes().isBefore(today) || body.comes().isAfter(today.plusYears(1))) {
            throw BadInputException.of(
                    "comes", body.comes().toString(), "A parcel comes from today on, within a year.");
        }
        store.parcel(orderId, body.comes());
        plans.plan(me.get().id());
        return look();
    }

    /** The week of everybody, or of one, as a calendar. */
    @GetMapping(value = "/week.ics", produces = "text/calendar")
    public ResponseEntity<String> calendar(@RequestParam(defaultValue = "") @Size(max = 80) String person) {
        List<CalendarDocument.Timed> entries = plans.last().stream()
                .flatMap(plan -> plan.document().tasks().stream().map(t -> view(plan, t, false)))
                .filter(t -> person.isEmpty() || t.who().contains(person))
                .map(t -> new CalendarDocument.Timed(
                        t.id() + "@itrova",
                        t.start(),
                        t.end(),
                        jobs.job(t.jobId()).title() + ": " + t.title(),
                        t.axle() + (t.who().isEmpty() ? ", " + t.outside() : ", " + String.join(", ", t.who()))))
                .toList();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"week.ics\"")
                .body(CalendarDocument.write(entries, Instant.now()));
    }
}
