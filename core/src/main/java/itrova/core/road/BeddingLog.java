package itrova.core.road;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Stops counted by a rule.
 *
 * @param rule how many of which kind
 * @param stops when each was counted, oldest first; what is beyond the rule counts no further
 */
public record BeddingLog(BeddingRule rule, List<Instant> stops) {
    /** Two stops cannot follow each other more closely: a double touch. */
    public static final Duration LEAST_BETWEEN = Duration.ofSeconds(5);

    public BeddingLog {
        stops = List.copyOf(stops);
    }

    /** How far a phase is. */
    public record PhaseDone(BeddingPhase phase, int done) {
        public boolean whole() {
            return done >= phase.stops();
        }
    }

    /** Every phase with what is done of it. */
    public List<PhaseDone> phases() {
        List<PhaseDone> all = new ArrayList<>();
        int left = stops.size();
        for (BeddingPhase phase : rule.phases()) {
            int done = Math.min(left, phase.stops());
            all.add(new PhaseDone(phase, done));
            left -= done;
        }
        return all;
    }

    /** The phase the next stop belongs to; absent when all are done. */
    public Optional<BeddingPhase> next() {
        return phases().stream().filter(p -> !p.whole()).map(PhaseDone::phase).findFirst();
    }

    public boolean whole() {
        return stops.size() >= rule.stops();
    }

    /** When the brake may be used again, the pause after the last stop over; absent before the first. */
    public Optional<Instant> ready() {
        return stops.isEmpty() ? Optional.empty() : Optional.of(readyAfter(stops.size() - 1));
    }

    private Instant readyAfter(int index) {
        List<BeddingPhase> order = rule.inOrder();
        double pause = order.get(Math.min(index, order.size() - 1)).pause();
        return stops.get(index).plusMillis(Math.round(pause * 1000));
    }

    /** How many stops came before the pause after the one before was over. */
    public int early() {
        int early = 0;
        for (int i = 1; i < stops.size(); i++) {
            if (stops.get(i).isBefore(readyAfter(i - 1))) {
                early++;
            }
        }
        return early;
    }

    /**
     * Counts a stop.
     *
     * @throws IllegalStateException if nothing is left to count, or the last was counted a moment ago
     */
    public BeddingLog with(Instant at) {
        if (whole()) {
            throw new IllegalStateException("All " + rule.stops() + " stops are counted: nothing is left to count.");
        }
        if (!stops.isEmpty()
                && Duration.between(stops.get(stops.size() - 1), at).compareTo(LEAST_BETWEEN) < 0) {
            throw new IllegalStateException(
                    "A stop was counted less than 5 seconds ago. Nothing was counted twice; count the next when it is done.");
        }
        List<Instant> more = new ArrayList<>(stops);
        more.add(at);
        return new BeddingLog(rule, more);
    }
}
