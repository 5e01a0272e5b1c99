package itrova.server.week;

import itrova.core.order.SupplierOrder;
import itrova.core.schedule.Station;
import itrova.core.schedule.Task;
import itrova.core.schedule.WorkingTime;
import itrova.core.settings.ShopSettings;
import itrova.core.settings.WorkTerms;
import itrova.core.wording.Wording;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.Minutes;
import itrova.server.axle.Workbench;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.SupplierStore.SupplierOrderRow;
import itrova.server.store.WeekStore;
import itrova.server.suppliers.SupplierOrders;
import itrova.server.work.BenchCards;
import itrova.server.work.BenchCards.Standing;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What is to be done of all jobs: open steps of what is ordered, with what they wait for. */
@Component
class WeekTasks {
    private static final int MOST_JOBS = 200;
    /** Working days a parcel of which nobody told anything is reckoned with; common practice. */
    private static final int UNTOLD_DAYS = 5;

    /** What a step waits for that somebody pinned. */
    static final String PINNED = "pinned";

    private final JobStore jobs;
    private final BenchCards cards;
    private final Workbench bench;
    private final SupplierOrders suppliers;
    private final WeekStore week;

    WeekTasks(JobStore jobs, BenchCards cards, Workbench bench, SupplierOrders suppliers, WeekStore week) {
        this.jobs = jobs;
        this.cards = cards;
        this.bench = bench;
        this.suppliers = suppliers;
        this.week = week;
    }

    /**
     * A task with where it belongs.
     *
     * @param notBefore when it may begin at the earliest, other tasks aside
     * @param waits why, in words; empty if it may at once
     */
    record Open(Task task, JobRow job, AxleRow axle, BenchStep step, LocalDateTime notBefore, String waits) {}

    /**
     * A parcel that has not come whole.
     *
     * @param isTold whether somebody told the day, or it is reckoned from the order
     */
    record Parcel(String orderId, String supplier, JobRow job, AxleRow axle, LocalDate comes, boolean isTold) {}

    /**
     * All of it.
     *
     * @param standing jobs that stand in pieces
     * @param due working minute by which jobs are promised
     */
    record All(List<Open> tasks, List<Parcel> parcels, Set<String> standing, Map<String, Integer> due) {}

    static String key(JobRow job) {
        return "job-" + job.id();
    }

    All gather(WorkingTime time) {
        List<Open> tasks = new ArrayList<>();
        List<Parcel> parcels = new ArrayList<>();
        Set<String> standing = new HashSet<>();
        Map<String, Integer> due = new HashMap<>();
        Map<String, LocalDate> told = week.parcels();
        Map<String, LocalDateTime> pins = week.pins();
        ShopSettings settings = bench.settings();
        for (JobRow job : jobs.jobs("", 0, MOST_JOBS)) {
            int before = tasks.size();
            for (AxleRow axle : jobs.axles(job.id())) {
                Optional<Standing> work = cards.standing(axle);
                if (work.isEmpty() || work.get().work().openSteps().isEmpty()) {
                    continue;
                }
                List<Parcel> own = parcels(job, axle, time, told);
                parcels.addAll(own);
                Optional<LocalDate> last = own.stream().map(Parcel::comes).max(LocalDate::compareTo);
                if (!work.get().done().isEmpty()) {
                    standing.add(key(job));
                }
                axle(tasks, job, axle, work.get(), last, pins, time, settings);
            }
            if (tasks.size() > before) {
                job.promised().ifPresent(day -> due.put(key(job), (int) time.until(day.atTime(LocalTime.MAX))));
            }
        }
        return new All(tasks, parcels, standing, due);
    }

    private static void axle(
            List<Open> tasks,
            JobRow job,
            AxleRow axle,
            Standing work,
            Optional<LocalDate> parcel,
            Map<String, LocalDateTime> pins,
            WorkingTime time,
            ShopSettings settings) {
        BenchPlan plan = work.plan();
        for (BenchStep step : plan.steps()) {
            if (work.done().contains(step.id())) {
                continue;
            }
            String id = "axle-" + axle.id() + ":" + step.id();
            LocalDateTime notBefore = time.start();
            String waits = "";
            // nothing is taken apart before its parts are there; what is in pieces already goes on without them as far
            // as it can
            if (parcel.isPresent() && (work.done().isEmpty() || plan.wantsParts(step))) {
                // a parcel comes in the course of its day: what is in it is used from the next on
                notBefore = parcel.get().plusDays(1).atStartOfDay();
                waits = "parcel of " + parcel.get();
            }
            LocalDateTime pin = pins.get(id);
            if (pin != null && pin.isAfter(notBefore)) {
                notBefore = pin;
                waits = PINNED;
            }
            long earliest = time.until(notBefore);
            boolean isOutside = !step.effort().outside().isEmpty();
            tasks.add(new Open(
                    new Task(
                            id,
                            key(job),
                            Wording.METRIC.say(step.title()),
                            isOutside ? away(step, time, settings) : minutes(step),
                            isOutside ? 0 : step.effort().people(),
                            Station.of(step.kind()),
                            step.after().stream()
                                    .filter(a -> !work.done().contains(a))
                                    .map(a -> "axle-" + axle.id() + ":" + a)
                                    .toList(),
                            (int) earliest,
                            OptionalInt.empty()),
                    job,
                    axle,
                    step,
                    notBefore,
                    waits));
        }
    }

    private static Minutes minutes(BenchStep step) {
        return step.effort().minutes().orElse(UNTOLD);
    }

    /** A step nobody said the time of; common practice for small things. */
    private static final Minutes UNTOLD = new Minutes(5, 15, 30);

    /** How long a part is away, by the terms of the work. */
    private static Minutes away(BenchStep step, WorkingTime time, ShopSettings settings) {
        double day = time.day();
        int days = step.name()
                .work()
                .map(k -> settings.works(k.name())
                        .map(WorkTerms::days)
                        .orElse(k.defaultTerms().days()))
                .orElse(1);
        double likely = Math.max(1, days) * day;
        return new Minutes(likely, likely, likely + day);
    }

    private List<Parcel> parcels(JobRow job, AxleRow axle, WorkingTime time, Map<String, LocalDate> told) {
        List<Parcel> open = new ArrayList<>();
        for (SupplierOrderRow row : suppliers.ofAxle(axle.id())) {
            SupplierOrder order = row.order();
            if (order.state() == SupplierOrder.State.CANCELLED
                    || order.lines().stream().allMatch(l -> l.awaited() <= 0)) {
                continue;
            }
            LocalDate ordered = LocalDate.ofInstant(row.changedAt(), ZoneId.systemDefault());
            int days = order.lines().stream()
                    .filter(l -> l.awaited() > 0)
                    .mapToInt(SupplierOrder.Line::leadDays)
                    .max()
                    .orElse(UNTOLD_DAYS);
            LocalDate comes = told.containsKey(row.id()) ? told.get(row.id()) : workingDay(ordered, days, time);
            // what is overdue does not come before tomorrow
            LocalDate today = time.start().toLocalDate();
            open.add(new Parcel(
                    row.id(),
                    order.supplier(),
                    job,
                    axle,
                    comes.isBefore(today) ? today : comes,
                    told.containsKey(row.id())));
        }
        return open;
    }

    private static LocalDate workingDay(LocalDate from, int days, WorkingTime time) {
        LocalDate day = from;
        for (int left = days; left > 0; ) {
            day = day.plusDays(1);
            if (!time.hours().getOrDefault(day.getDayOfWeek(), List.of()).isEmpty()) {
                left--;
            }
        }
        return day;
    }
}
