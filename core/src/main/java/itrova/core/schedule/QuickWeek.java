package itrova.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A plan at once: job after job, each of its tasks as early as hands, stations and stands allow. Always a plan, seldom the best. */
public final class QuickWeek {
    private final WeekProblem problem;
    private final Map<String, Integer> starts = new HashMap<>();
    private Usage hands = new Usage();
    private Map<Station, Usage> stations = new EnumMap<>(Station.class);
    private final Usage stands = new Usage();

    private QuickWeek(WeekProblem problem) {
        this.problem = problem;
        for (Station station : Station.values()) {
            stations.put(station, new Usage());
        }
    }

    /** Jobs begun first, then those promised first, then in the order they are named. */
    public static Week of(WeekProblem problem) {
        Set<String> order = new LinkedHashSet<>(problem.begun());
        problem.due().entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .filter(e -> problem.jobs().containsKey(e.getKey()))
                .forEach(e -> order.add(e.getKey()));
        order.addAll(problem.jobs().keySet());
        return of(problem, List.copyOf(order));
    }

    /**
     * The same tasks in the same order, each as early as it may be after those that began before it: a plan found when the time was over
     * has gaps that nothing makes. No task begins later than it did. A vehicle is not taken apart earlier, for its stand may be taken.
     */
    static Week tightened(WeekProblem problem, Week week) {
        QuickWeek quick = new QuickWeek(problem);
        problem.tasks().forEach(t -> t.begun().ifPresent(at -> quick.put(t, at)));
        Map<String, Integer> apart = new HashMap<>();
        problem.tasks().forEach(t -> apart.merge(t.job(), week.start(t), Math::min));
        problem.begun().forEach(job -> apart.put(job, 0));
        for (Task task : week.inOrder(problem)) {
            if (task.begun().isEmpty()) {
                quick.put(task, quick.earliest(task, apart.get(task.job())));
            }
        }
        return new Week(quick.starts);
    }

    /** Jobs in a given order. */
    static Week of(WeekProblem problem, List<String> order) {
        QuickWeek quick = new QuickWeek(problem);
        Map<String, List<Task>> jobs = problem.jobs();
        // what was begun goes on where it is, whatever comes first
        for (Task task : problem.tasks()) {
            task.begun().ifPresent(at -> quick.put(task, at));
        }
        for (String job : order) {
            quick.lay(job, jobs.get(job));
        }
        return new Week(quick.starts);
    }

    private void lay(String job, List<Task> tasks) {
        boolean isBegun = problem.begun().contains(job);
        int from = 0;
        while (true) {
            Usage handsBefore = hands.copy();
            Map<Station, Usage> stationsBefore = new EnumMap<>(Station.class);
            stations.forEach((s, u) -> stationsBefore.put(s, u.copy()));
            int first = Integer.MAX_VALUE;
            int last = 0;
            for (Task task : tasks) {
                if (task.begun().isEmpty()) {
                    put(task, earliest(task, from));
                }
                first = Math.min(first, starts.get(task.id()));
                last = Math.max(last, starts.get(task.id()) + task.length());
            }
            int start = isBegun ? 0 : first;
            int blocked = isBegun
                    ? -1
                    : stands.fullUntil(start, last, problem.workshop().stands());
            if (blocked < 0) {
                stands.add(start, last, 1);
                return;
            }
            hands = handsBefore;
            stations = stationsBefore;
            from = Math.max(blocked, from + Workshop.SLOT);
        }
    }

    private int earliest(Task task, int from) {
        int at = Math.max(from, task.earliest());
        for (String id : task.after()) {
            at = Math.max(at, starts.get(id) + byId().get(id).length());
        }
        at = up(at);
        while (true) {
            int end = at + task.length();
            int blocked = hands.fullUntil(at, end, problem.workshop().people() - task.people() + 1);
            if (task.people() == 0) {
                blocked = -1;
            }
            if (blocked < 0 && task.station().isPresent()) {
                Station station = task.station().get();
                blocked = stations.get(station)
                        .fullUntil(at, end, problem.workshop().count(station));
            }
            if (blocked < 0) {
                return at;
            }
            at = blocked;
        }
    }

    private Map<String, Task> tasks = Map.of();

    private Map<String, Task> byId() {
        if (tasks.isEmpty()) {
            tasks = problem.byId();
        }
        return tasks;
    }

    private static int up(int minutes) {
        return (minutes + Workshop.SLOT - 1) / Workshop.SLOT * Workshop.SLOT;
    }

    private void put(Task task, int at) {
        starts.put(task.id(), at);
        hands.add(at, at + task.length(), task.people());
        task.station().ifPresent(s -> stations.get(s).add(at, at + task.length(), 1));
    }

    /** How much of something is taken when. */
    private static final class Usage {
        private final List<int[]> taken = new ArrayList<>();

        void add(int from, int to, int amount) {
            if (amount > 0) {
                taken.add(new int[] {from, to, amount});
            }
        }

        Usage copy() {
            Usage copy = new Usage();
            copy.taken.addAll(taken);
            return copy;
        }

        /** Where at least {@code max} are taken at once within a time: when that ends first; else −1. */
        int fullUntil(int from, int to, int max) {
            List<int[]> within =
                    taken.stream().filter(t -> t[0] < to && t[1] > from).toList();
            List<Integer> points = new ArrayList<>(
                    within.stream().map(t -> Math.max(from, t[0])).toList());
            points.add(from);
            points.sort(Comparator.reverseOrder());
            // the latest full moment: what begins after it is free to the end
            for (int at : points) {
                int amount = 0;
                int until = Integer.MAX_VALUE;
                for (int[] t : within) {
                    if (t[0] <= at && t[1] > at) {
                        amount += t[2];
                        until = Math.min(until, t[1]);
                    }
                }
                if (amount >= max && amount > 0) {
                    return until;
                }
            }
            return -1;
        }
    }
}
