package itrova.core.work;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The longest chain of steps that wait for each other, by the mean of their three-point times (PERT, Malcolm et al. 1959), with hands enough
 * for everything else to go on beside it.
 *
 * @param ids of its steps, the first one first
 * @param minutes its mean length (min)
 * @param sigma standard deviation of its length (min), its steps taken as independent
 */
public record CriticalPath(List<String> ids, double minutes, double sigma) {
    public CriticalPath {
        ids = List.copyOf(ids);
    }

    /** The critical path of a plan; empty for an empty plan. A step nobody said the time of takes none. */
    public static CriticalPath of(BenchPlan plan) {
        Map<String, Double> end = new HashMap<>();
        Map<String, String> before = new HashMap<>();
        String last = "";
        for (BenchStep step : plan.steps()) { // in an order in which they can be done: what it waits for is known
            String latest = "";
            for (String id : step.after()) {
                if (latest.isEmpty() || end.get(id) > end.get(latest)) {
                    latest = id;
                }
            }
            double start = latest.isEmpty() ? 0 : end.get(latest);
            end.put(step.id(), start + mean(step));
            before.put(step.id(), latest);
            if (last.isEmpty() || end.get(step.id()) > end.get(last)) {
                last = step.id();
            }
        }
        List<String> ids = new ArrayList<>();
        double variance = 0;
        for (String id = last; !id.isEmpty(); id = before.get(id)) {
            ids.add(id);
            variance += plan.step(id)
                    .orElseThrow()
                    .effort()
                    .minutes()
                    .map(Minutes::variance)
                    .orElse(0.0);
        }
        Collections.reverse(ids);
        return new CriticalPath(ids, last.isEmpty() ? 0 : end.get(last), Math.sqrt(variance));
    }

    private static double mean(BenchStep step) {
        return step.effort().minutes().map(Minutes::mean).orElse(0.0);
    }
}
