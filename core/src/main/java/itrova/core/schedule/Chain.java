package itrova.core.schedule;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a job's finish hangs on: the chain of tasks that follow each other without a gap, back to where nothing more holds it. */
public final class Chain {
    private Chain() {}

    /**
     * A link.
     *
     * @param task what is done
     * @param waits whether it waited for its parcel or pin, not for another task
     */
    public record Link(Task task, boolean waits) {}

    /** The chain of a job, the first link first. */
    public static List<Link> of(WeekProblem problem, Week week, String job) {
        Map<String, Task> byId = problem.byId();
        Task last = problem.tasks().stream()
                .filter(t -> t.job().equals(job))
                .max(java.util.Comparator.comparingInt(week::end))
                .orElseThrow();
        List<Link> chain = new ArrayList<>();
        for (Optional<Task> at = Optional.of(last); at.isPresent(); ) {
            Task task = at.get();
            int start = week.start(task);
            Optional<Task> held = task.after().stream()
                    .map(byId::get)
                    .filter(t -> week.end(t) == start)
                    .findFirst()
                    .or(() -> problem.tasks().stream()
                            .filter(t -> week.end(t) == start
                                    && (t.people() > 0 && task.people() > 0
                                            || t.station().isPresent()
                                                    && t.station().equals(task.station())))
                            .findFirst());
            boolean isWaiting = start > 0
                    && task.begun().isEmpty()
                    && start - task.earliest() < Workshop.SLOT
                    && start >= task.earliest();
            chain.add(new Link(task, isWaiting));
            at = isWaiting || start == 0 ? Optional.empty() : held;
        }
        Collections.reverse(chain);
        return chain;
    }
}
