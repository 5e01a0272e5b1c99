package itrova.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Tasks laid into working time.
 *
 * @param starts when each begins (working min), by its id
 */
public record Week(Map<String, Integer> starts) {
    /** A minute over the promise weighs as much as this many minutes of a job's finish. */
    static final int LATE_WEIGHS = 10;

    public Week {
        starts = Map.copyOf(starts);
    }

    public int start(Task task) {
        return starts.get(task.id());
    }

    public int end(Task task) {
        return start(task) + task.length();
    }

    /** When each job is finished (working min). */
    public Map<String, Integer> finishes(WeekProblem problem) {
        Map<String, Integer> finishes = new LinkedHashMap<>();
        problem.tasks().forEach(t -> finishes.merge(t.job(), end(t), Math::max));
        return finishes;
    }

    /** What is made small: the jobs' finishes, and above all what is over a promise (working min). */
    public long cost(WeekProblem problem) {
        return finishes(problem).entrySet().stream()
                .mapToLong(e -> e.getValue()
                        + (problem.dueOf(e.getKey()).isPresent()
                                ? (long) LATE_WEIGHS
                                        * Math.max(
                                                0,
                                                e.getValue()
                                                        - problem.dueOf(e.getKey())
                                                                .getAsInt())
                                : 0))
                .sum();
    }

    /** Tasks in the order they begin. */
    public List<Task> inOrder(WeekProblem problem) {
        // the sort keeps tasks that begin together in the order they wait for each other
        return problem.tasks().stream()
                .sorted(Comparator.comparingInt(this::start))
                .toList();
    }

    /**
     * Who does what: persons by number, as few changes between jobs as come of giving each task to those who were last at its job.
     *
     * @return numbers of the people of each task, by its id
     * @throws IllegalStateException if more hands are wanted at once than there are
     */
    public Map<String, List<Integer>> people(WeekProblem problem) {
        int[] free = new int[problem.workshop().people()];
        String[] last = new String[free.length];
        Map<String, List<Integer>> people = new HashMap<>();
        for (Task task : inOrder(problem)) {
            List<Integer> order = new ArrayList<>();
            for (int i = 0; i < free.length; i++) {
                order.add(i);
            }
            order.sort(Comparator.comparing((Integer i) -> !task.job().equals(last[i]))
                    .thenComparing(i -> -free[i]));
            List<Integer> taken = order.stream()
                    .filter(i -> free[i] <= start(task))
                    .limit(task.people())
                    .toList();
            if (taken.size() < task.people()) {
                throw new IllegalStateException("Too many tasks at " + start(task) + ": " + Arrays.toString(free));
            }
            for (int i : taken) {
                free[i] = end(task);
                last[i] = task.job();
            }
            people.put(task.id(), taken);
        }
        return people;
    }

    /** Every way in which this is no plan, in words; empty for a plan. */
    public List<String> faults(WeekProblem problem) {
        List<String> faults = new ArrayList<>();
        Map<String, Task> byId = problem.byId();
        Map<Integer, Integer> hands = new HashMap<>();
        Map<String, Integer> stations = new HashMap<>();
        for (Task task : problem.tasks()) {
            if (start(task) < task.earliest() && task.begun().isEmpty()) {
                faults.add(task.id() + " begins before it may");
            }
            if (task.begun().isPresent() && task.begun().getAsInt() != start(task)) {
                faults.add(task.id() + " was begun and is moved");
            }
            task.after().stream()
                    .filter(id -> end(byId.get(id)) > start(task))
                    .forEach(id -> faults.add(task.id() + " begins before " + id + " is over"));
            for (int t = start(task); t < end(task); t += Workshop.SLOT) {
                hands.merge(t, task.people(), Integer::sum);
                int at = t;
                task.station().ifPresent(s -> stations.merge(s + " " + at, 1, Integer::sum));
            }
        }
        hands.forEach((t, n) -> {
            if (n > problem.workshop().people()) {
                faults.add(n + " hands at " + t);
            }
        });
        stations.forEach((at, n) -> {
            if (n > problem.workshop().count(Station.valueOf(at.substring(0, at.indexOf(' '))))) {
                faults.add("station taken twice: " + at);
            }
        });
        faults.addAll(stands(problem));
        return faults;
    }

    private List<String> stands(WeekProblem problem) {
        List<int[]> changes = new ArrayList<>();
        problem.jobs().forEach((job, tasks) -> {
            int from = tasks.stream().mapToInt(this::start).min().orElse(0);
            int to = tasks.stream().mapToInt(this::end).max().orElse(0);
            changes.add(new int[] {problem.begun().contains(job) ? 0 : from, 1});
            changes.add(new int[] {to, -1});
        });
        changes.sort(Comparator.<int[]>comparingInt(c -> c[0]).thenComparingInt(c -> c[1]));
        int stands = 0;
        // those that were begun stand where they stand, even where they are too many
        int most = Math.max(problem.workshop().stands(), problem.begun().size());
        for (int[] change : changes) {
            stands += change[1];
            if (stands > most) {
                return List.of("too many vehicles in pieces at " + change[0]);
            }
        }
        return Collections.emptyList();
    }
}
