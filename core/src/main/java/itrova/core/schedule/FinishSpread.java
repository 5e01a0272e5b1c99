package itrova.core.schedule;

import itrova.core.work.Minutes;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * When jobs are finished if steps take shorter or longer, the order of the plan kept.
 *
 * @param finishes sorted finishes of each job (working min)
 */
public record FinishSpread(Map<String, double[]> finishes) {
    /**
     * Plays a plan many times with each step's time drawn anew (triangular between its low and its high).
     *
     * @param seed the same gives the same
     */
    public static FinishSpread of(WeekProblem problem, Week week, int plays, long seed) {
        List<Task> order = week.inOrder(problem);
        Map<String, double[]> finishes = new LinkedHashMap<>();
        problem.jobs().keySet().forEach(job -> finishes.put(job, new double[plays]));
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < plays; i++) {
            Map<String, Double> ends = play(problem.workshop(), order, random);
            for (Task task : order) {
                double[] own = finishes.get(task.job());
                own[i] = Math.max(own[i], ends.get(task.id()));
            }
        }
        finishes.values().forEach(Arrays::sort);
        return new FinishSpread(finishes);
    }

    private static Map<String, Double> play(Workshop workshop, List<Task> order, SplittableRandom random) {
        double[] hands = new double[workshop.people()];
        Map<Station, double[]> stations = new EnumMap<>(Station.class);
        for (Station s : Station.values()) {
            stations.put(s, new double[Math.max(1, workshop.count(s))]);
        }
        Map<String, Double> ends = new HashMap<>();
        for (Task task : order) {
            Arrays.sort(hands);
            double at = task.begun().isPresent() ? task.begun().getAsInt() : task.earliest();
            for (String id : task.after()) {
                at = Math.max(at, ends.get(id));
            }
            if (task.people() > 0) {
                at = Math.max(at, hands[task.people() - 1]);
            }
            double[] station = task.station().map(stations::get).orElse(null);
            if (station != null) {
                Arrays.sort(station);
                at = Math.max(at, station[0]);
            }
            double end = at + drawn(task.minutes(), random);
            for (int i = 0; i < task.people(); i++) {
                hands[i] = end;
            }
            if (station != null) {
                station[0] = end;
            }
            ends.put(task.id(), end);
        }
        return ends;
    }

    /** Triangular, by its inverse distribution. */
    static double drawn(Minutes m, SplittableRandom random) {
        double width = m.high() - m.low();
        if (!(width > 0)) {
            return m.likely();
        }
        double p = random.nextDouble();
        double peak = (m.likely() - m.low()) / width;
        return p < peak
                ? m.low() + Math.sqrt(p * width * (m.likely() - m.low()))
                : m.high() - Math.sqrt((1 - p) * width * (m.high() - m.likely()));
    }

    /**
     * The working minute by which a job is finished in a share of the plays.
     *
     * @param share such as 0.8
     */
    public double within(String job, double share) {
        double[] sorted = finishes.get(job);
        return sorted[Math.min(sorted.length - 1, (int) Math.ceil(share * sorted.length) - 1)];
    }
}
