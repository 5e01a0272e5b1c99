package itrova.core.bench;

import itrova.core.table.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What is wrong with a brake, by a complaint and what was tried: causes by their probability, and what tells most for its time. */
public final class TroubleTree {
    private static final int HUNDRED = 100;
    private static final List<Cause> CAUSES = causes();
    private static final List<Trial> TRIALS = trials();

    private TroubleTree() {}

    /** What is complained of. */
    public enum Complaint {
        LOW_PEDAL("The pedal goes low"),
        SPONGY("The pedal is spongy"),
        PUMPS_UP("The pedal pumps up"),
        DRAGS("A wheel drags"),
        PULLS("It pulls to a side"),
        NO_HOLD("The parking brake does not hold");

        private final String title;

        Complaint(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /**
     * What may be behind it.
     *
     * @param weights how often, of each complaint, before anything is tried
     */
    public record Cause(String id, String title, String remedy, Map<Complaint, Double> weights) {}

    /**
     * What can be tried.
     *
     * @param yes probability of a yes with each cause, by the cause's id
     */
    public record Trial(
            String id, double minutes, String question, Set<Complaint> complaints, Map<String, Double> yes) {}

    /** A cause with its probability. */
    public record Suspect(Cause cause, double probability) {}

    /**
     * A trial with what it tells.
     *
     * @param bits information to be expected of it
     */
    public record Advice(Trial trial, double bits) {
        /** Information by the minute. */
        public double bitsPerMinute() {
            return bits / trial.minutes();
        }
    }

    private static List<Cause> causes() {
        int first = 3;
        return Table.rows(TroubleTree.class, "troubles.psv", first + Complaint.values().length).stream()
                .map(c -> {
                    Map<Complaint, Double> weights = new LinkedHashMap<>();
                    for (Complaint complaint : Complaint.values()) {
                        weights.put(complaint, Double.parseDouble(c[first + complaint.ordinal()]));
                    }
                    return new Cause(c[0], c[1], c[2], weights);
                })
                .toList();
    }

    private static List<Trial> trials() {
        int first = 4;
        return Table.rows(TroubleTree.class, "trials.psv", first + CAUSES.size()).stream()
                .map(c -> {
                    Map<String, Double> yes = new LinkedHashMap<>();
                    for (int i = 0; i < CAUSES.size(); i++) {
                        yes.put(CAUSES.get(i).id(), Double.parseDouble(c[first + i]) / HUNDRED);
                    }
                    Set<Complaint> complaints = EnumSet.noneOf(Complaint.class);
                    Arrays.stream(c[3].split(" ")).map(Complaint::valueOf).forEach(complaints::add);
                    return new Trial(c[0], Double.parseDouble(c[1]), c[2], complaints, yes);
                })
                .toList();
    }

    /**
     * Causes by falling probability (Bayes).
     *
     * @param answers what was tried, by the trial's id, and whether the answer was yes
     * @throws IllegalArgumentException if a trial is none of the table's
     */
    public static List<Suspect> suspects(Complaint complaint, Map<String, Boolean> answers) {
        Map<Cause, Double> weights = new LinkedHashMap<>();
        for (Cause cause : CAUSES) {
            double weight = cause.weights().get(complaint);
            for (Map.Entry<String, Boolean> answer : answers.entrySet()) {
                double yes = trial(answer.getKey()).yes().get(cause.id());
                weight *= answer.getValue() ? yes : 1 - yes;
            }
            weights.put(cause, weight);
        }
        double sum = weights.values().stream().mapToDouble(w -> w).sum();
        List<Suspect> suspects = new ArrayList<>();
        weights.forEach((cause, weight) -> {
            if (weight > 0) {
                suspects.add(new Suspect(cause, weight / sum));
            }
        });
        suspects.sort(Comparator.comparingDouble((Suspect s) -> -s.probability()));
        return suspects;
    }

    /** Trials not done yet that tell something of the complaint, those first that tell most by the minute. */
    public static List<Advice> next(Complaint complaint, Map<String, Boolean> answers) {
        List<Suspect> now = suspects(complaint, answers);
        return TRIALS.stream()
                .filter(t -> t.complaints().contains(complaint) && !answers.containsKey(t.id()))
                .map(t -> new Advice(t, bits(now, t)))
                .sorted(Comparator.comparingDouble((Advice a) -> -a.bitsPerMinute()))
                .toList();
    }

    /** How much less is unknown after a trial, to be expected: Shannon's mutual information. */
    private static double bits(List<Suspect> now, Trial trial) {
        double yes = 0;
        double within = 0;
        for (Suspect s : now) {
            double p = trial.yes().get(s.cause().id());
            yes += s.probability() * p;
            within += s.probability() * unknown(p);
        }
        return unknown(yes) - within;
    }

    private static double unknown(double p) {
        return p <= 0 || p >= 1 ? 0 : -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
    }

    private static Trial trial(String id) {
        return TRIALS.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("“" + id + "” is nothing that is tried. Take one of "
                        + String.join(", ", TRIALS.stream().map(Trial::id).toList()) + "."));
    }
}
