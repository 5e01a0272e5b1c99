package itrova.server.week;

import itrova.core.schedule.BestWeek;
import itrova.core.schedule.FinishSpread;
import itrova.core.schedule.QuickWeek;
import itrova.core.schedule.Station;
import itrova.core.schedule.Task;
import itrova.core.schedule.Week;
import itrova.core.schedule.WeekProblem;
import itrova.core.schedule.WorkingTime;
import itrova.core.schedule.Workshop;
import itrova.core.work.Minutes;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.store.NotFoundException;
import itrova.server.store.PeopleStore;
import itrova.server.store.Person;
import itrova.server.store.Role;
import itrova.server.store.WeekStore;
import itrova.server.store.WeekStore.PlanRow;
import itrova.server.store.WeekStore.PlanState;
import itrova.server.store.WeekStore.Settings;
import itrova.server.week.WeekDocument.PlannedTask;
import itrova.server.week.WeekTasks.Open;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Lays plans: a quick one at once, then the same made better in the background until it is the best or its time is over. */
@Service
class WeekPlans {
    private static final int PLAYS = 500;

    private final WeekStore store;
    private final WeekTasks tasks;
    private final PeopleStore people;
    private final ObjectProvider<WeekQueue> queue;
    private final JsonMapper json;
    /** A plan is made better for so long at the most (s). */
    private final double improveSeconds;

    WeekPlans(
            WeekStore store,
            WeekTasks tasks,
            PeopleStore people,
            ObjectProvider<WeekQueue> queue,
            JsonMapper json,
            @Value("${itrova.week-seconds:5}") double improveSeconds) {
        this.improveSeconds = improveSeconds;
        this.store = store;
        this.tasks = tasks;
        this.people = people;
        this.queue = queue;
        this.json = json;
    }

    /** A plan with how it stands. */
    record Plan(PlanRow row, WeekDocument document, WorkingTime time) {}

    Optional<Plan> last() {
        return store.last().map(row -> {
            WeekDocument d = json.readValue(row.document(), WeekDocument.class);
            return new Plan(row, d, WeekHours.read(d.hours(), d.from()));
        });
    }

    /** Who works: everybody who may change anything and has not left. */
    List<String> hands() {
        return people.all().stream()
                .filter(p -> !p.isRetired() && p.role() != Role.VIEWER)
                .map(Person::name)
                .toList();
    }

    WorkingTime timeFrom(LocalDateTime start) {
        return WeekHours.read(store.settings().hours(), start);
    }

    /**
     * Lays what is open anew, over the plan that was seen.
     *
     * @param seen id of it; empty where none was
     * @throws ConflictException if another was laid meanwhile
     */
    @Transactional
    public void planOver(String seen, long personId) {
        String last = store.lastForUpdate().orElse("");
        if (!last.equals(seen)) {
            throw new ConflictException(
                    "The week was laid anew since you saw it. Look at it as it is now; nothing was changed.");
        }
        plan(personId);
    }

    /** Lays what is open anew from now on. */
    @Transactional
    public void plan(long personId) {
        LocalDateTime now = LocalDateTime.now().truncatedTo(ChronoUnit.MINUTES);
        Settings settings = store.settings();
        WorkingTime time = WeekHours.read(settings.hours(), now);
        WeekTasks.All all = tasks.gather(time);
        List<String> hands = hands();
        WeekProblem problem;
        try {
            problem = new WeekProblem(
                    new Workshop(
                            hands.size(),
                            settings.stands(),
                            Map.of(Station.PRESS, settings.presses(), Station.WELDER, settings.welders())),
                    all.tasks().stream().map(Open::task).toList(),
                    all.due(),
                    all.standing());
        } catch (IllegalArgumentException e) {
            throw new ConflictException(e.getMessage());
        }
        Map<String, LocalDateTime> before = new HashMap<>();
        last().ifPresent(old -> finishes(old).forEach(before::put));
        Map<String, Open> byId = new LinkedHashMap<>();
        all.tasks().forEach(o -> byId.put(o.task().id(), o));
        Week quick = QuickWeek.of(problem);
        WeekDocument document = new WeekDocument(
                now,
                settings.hours(),
                hands,
                byId.values().stream().map(o -> planned(o, quick)).toList(),
                all.due(),
                List.copyOf(all.standing()),
                List.of(settings.stands(), settings.presses(), settings.welders()),
                0,
                false,
                before,
                Map.of());
        String id = UUID.randomUUID().toString();
        store.add(id, json.writeValueAsString(with(document, problem, quick, false)), personId);
        queue.getObject().add(id);
    }

    /** When each job is finished by a plan. */
    static Map<String, LocalDateTime> finishes(Plan plan) {
        Map<String, LocalDateTime> finishes = new HashMap<>();
        for (PlannedTask t : plan.document().tasks()) {
            LocalDateTime end = plan.time().endAt(t.start() + (long) task(t).length());
            finishes.merge(t.job(), end, (a, b) -> a.isAfter(b) ? a : b);
        }
        return finishes;
    }

    private static PlannedTask planned(Open o, Week week) {
        Task t = o.task();
        return new PlannedTask(
                t.id(),
                t.job(),
                o.axle().id(),
                o.axle().name(),
                o.step().id(),
                t.title(),
                t.minutes().low(),
                t.minutes().likely(),
                t.minutes().high(),
                t.people(),
                o.step().effort().outside(),
                t.station().map(Station::name).orElse(null),
                t.after(),
                t.earliest(),
                o.waits(),
                week.start(t),
                List.of());
    }

    static Task task(PlannedTask t) {
        return new Task(
                t.id(),
                t.job(),
                t.title(),
                new Minutes(t.low(), t.likely(), t.high()),
                t.people(),
                Optional.ofNullable(t.station()).map(Station::valueOf),
                t.after(),
                t.earliest(),
                OptionalInt.empty());
    }

    static WeekProblem problem(WeekDocument d) {
        return new WeekProblem(
                new Workshop(
                        Math.max(1, d.people().size()),
                        d.workshop().get(0),
                        Map.of(
                                Station.PRESS,
                                d.workshop().get(1),
                                Station.WELDER,
                                d.workshop().get(2))),
                d.tasks().stream().map(WeekPlans::task).toList(),
                d.due(),
                new HashSet<>(d.standing()));
    }

    static Week week(WeekDocument d) {
        Map<String, Integer> starts = new HashMap<>();
        d.tasks().forEach(t -> starts.put(t.id(), t.start()));
        return new Week(starts);
    }

    private static WeekDocument with(WeekDocument d, WeekProblem problem, Week week, boolean isBest) {
        Map<String, List<Integer>> hands = week.people(problem);
        FinishSpread spread = FinishSpread.of(problem, week, PLAYS, d.from().hashCode());
        Map<String, List<Double>> told = new LinkedHashMap<>();
        problem.jobs()
                .keySet()
                .forEach(job -> told.put(job, List.of(spread.within(job, 0.5), spread.within(job, 0.8))));
        return new WeekDocument(
                d.from(),
                d.hours(),
                d.people(),
                d.tasks().stream()
                        .map(t -> new PlannedTask(
                                t.id(),
                                t.job(),
                                t.axle(),
                                t.axleName(),
                                t.step(),
                                t.title(),
                                t.low(),
                                t.likely(),
                                t.high(),
                                t.people(),
                                t.outside(),
                                t.station(),
                                t.after(),
                                t.earliest(),
                                t.waits(),
                                week.starts().get(t.id()),
                                hands.get(t.id())))
                        .toList(),
                d.due(),
                d.standing(),
                d.workshop(),
                week.cost(problem),
                isBest,
                d.before(),
                told);
    }

    /** Makes a plan better, if it still waits for it. */
    void improve(String id, BooleanSupplier isLeaving) {
        PlanRow row = store.find(id).orElse(null);
        if (row == null || row.state() != PlanState.IMPROVING) {
            return;
        }
        WeekDocument d = json.readValue(row.document(), WeekDocument.class);
        WeekProblem problem = problem(d);
        BestWeek better = BestWeek.of(
                problem,
                week(d),
                row.isStopped() ? 0 : improveSeconds,
                cost -> {},
                () -> isLeaving.getAsBoolean()
                        || store.find(id).map(PlanRow::isStopped).orElse(true));
        store.better(id, json.writeValueAsString(with(d, problem, better.week(), better.isBest())), PlanState.READY);
    }

    /** Stops what makes a plan better; it stays as good as it is. */
    @Transactional
    public void stop(String id) {
        store.find(id).orElseThrow(() -> new NotFoundException("Plan " + id));
        store.stop(id);
    }

    /** Sets when and with what is worked. */
    @Transactional
    public void save(Settings settings) {
        WeekHours.read(settings.hours(), LocalDateTime.now());
        if (settings.stands() < 1) {
            throw BadInputException.of("stands", Integer.toString(settings.stands()), "A shop has at least one stand.");
        }
        store.save(settings);
    }
}
