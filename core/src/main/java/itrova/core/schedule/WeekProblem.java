package itrova.core.schedule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Tasks to be laid, and what they are laid on.
 *
 * @param tasks each after those it waits for
 * @param due working minute by which a job is promised, by the job; jobs without a promise are absent
 * @param standing jobs that stand on a stand already, in pieces
 */
public record WeekProblem(Workshop workshop, List<Task> tasks, Map<String, Integer> due, Set<String> standing) {
    /**
     * @throws IllegalArgumentException if a task waits for one that is not there or comes later, wants more hands than there are, or a
     *     station the shop does not have
     */
    public WeekProblem {
        tasks = List.copyOf(tasks);
        due = Map.copyOf(due);
        standing = Set.copyOf(standing);
        Set<String> known = new HashSet<>();
        for (Task task : tasks) {
            for (String id : task.after()) {
                if (!known.contains(id)) {
                    throw new IllegalArgumentException(
                            "“" + task.title() + "” waits for " + id + ", which does not come before it.");
                }
            }
            if (!known.add(task.id())) {
                throw new IllegalArgumentException("Two tasks are called " + task.id() + ".");
            }
            if (task.people() > workshop.people()) {
                throw new IllegalArgumentException("“" + task.title() + "” wants " + task.people()
                        + " people at once, the shop has " + workshop.people() + ".");
            }
            task.station().ifPresent(s -> {
                if (workshop.count(s) < 1) {
                    throw new IllegalArgumentException("“" + task.title() + "” wants a "
                            + s.name().toLowerCase(java.util.Locale.ROOT)
                            + ", and the shop has none: have it done outside, or say so under Week.");
                }
            });
        }
    }

    /** Tasks by their job, jobs in the order they are first named. */
    public Map<String, List<Task>> jobs() {
        Map<String, List<Task>> jobs = new LinkedHashMap<>();
        for (Task task : tasks) {
            jobs.computeIfAbsent(task.job(), j -> new ArrayList<>()).add(task);
        }
        return jobs;
    }

    /** A problem in which no vehicle stands in pieces but those of which a task is begun. */
    public static WeekProblem of(Workshop workshop, List<Task> tasks, Map<String, Integer> due) {
        return new WeekProblem(workshop, tasks, due, Set.of());
    }

    /** Jobs of which something is begun: they stand on their stand already. */
    Set<String> begun() {
        Set<String> begun = new LinkedHashSet<>();
        tasks.stream()
                .filter(t -> t.begun().isPresent() || standing.contains(t.job()))
                .forEach(t -> begun.add(t.job()));
        return begun;
    }

    Map<String, Task> byId() {
        Map<String, Task> byId = new HashMap<>();
        tasks.forEach(t -> byId.put(t.id(), t));
        return byId;
    }

    OptionalInt dueOf(String job) {
        return due.containsKey(job) ? OptionalInt.of(due.get(job)) : OptionalInt.empty();
    }

    /** The same with tasks of a job that come no earlier than they do and not before a time: what a late parcel does. */
    public WeekProblem late(Set<String> ids, int earliest) {
        return new WeekProblem(
                workshop,
                tasks.stream()
                        .map(t -> ids.contains(t.id())
                                ? new Task(
                                        t.id(),
                                        t.job(),
                                        t.title(),
                                        t.minutes(),
                                        t.people(),
                                        t.station(),
                                        t.after(),
                                        Math.max(t.earliest(), earliest),
                                        t.begun())
                                : t)
                        .toList(),
                due,
                standing);
    }
}
