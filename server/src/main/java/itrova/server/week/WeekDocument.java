package itrova.server.week;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A plan as it is kept.
 *
 * @param from moment from which its minutes are counted
 * @param hours working hours it was laid into
 * @param people names of the hands, in the order of their numbers
 * @param tasks each after those it waits for
 * @param due working minute by which a job is promised
 * @param standing jobs that stood in pieces when it was laid
 * @param workshop stands, presses, welders
 * @param cost what was made small, working minutes
 * @param isBest whether no better plan exists
 * @param before finishes of the plan before, by the job; empty for the first
 * @param spread working minutes by which a job is finished in 50 and in 80 of a hundred plays
 */
record WeekDocument(
        LocalDateTime from,
        Map<String, String> hours,
        List<String> people,
        List<PlannedTask> tasks,
        Map<String, Integer> due,
        List<String> standing,
        List<Integer> workshop,
        long cost,
        boolean isBest,
        Map<String, LocalDateTime> before,
        Map<String, List<Double>> spread) {
    /**
     * A task with its place.
     *
     * @param axle key of its axle
     * @param step id of its step
     * @param waits what it waits for besides other tasks, in words; empty if nothing
     * @param hands numbers of who does it
     */
    record PlannedTask(
            String id,
            String job,
            long axle,
            String axleName,
            String step,
            String title,
            double low,
            double likely,
            double high,
            int people,
            String outside,
            @Nullable String station,
            List<String> after,
            int earliest,
            String waits,
            int start,
            List<Integer> hands) {}
}
