package itrova.core.order;

import itrova.core.fit.Finding;
import itrova.core.fit.KitReport;
import itrova.core.fit.Verdict;
import java.util.List;

/**
 * Whether a kit may be ordered.
 *
 * <p>A lead's signature with a reason covers what is <em>not proven</em>. Nothing covers what is <em>proven not</em>:
 * engagement, load and clearance never, and for the rest the way is work, another kit or a new reading.
 *
 * @param state open, held or shut
 * @param holding the findings that hold it
 */
public record OrderGate(State state, List<Finding> holding) {
    /** State of the gate. */
    public enum State {
        /** Every critical check is proven. */
        OPEN,
        /** Something is not proven; a lead may sign for it. */
        HELD,
        /** Something is proven not to fit; nobody may sign for it. */
        SHUT
    }

    public OrderGate {
        holding = List.copyOf(holding);
    }

    /** Judges a report. */
    public static OrderGate of(KitReport report) {
        List<Finding> misfits = with(report, Verdict.DOES_NOT_FIT);
        if (!misfits.isEmpty()) {
            return new OrderGate(State.SHUT, misfits);
        }
        List<Finding> unproven = with(report, Verdict.NOT_PROVEN);
        return new OrderGate(unproven.isEmpty() ? State.OPEN : State.HELD, unproven);
    }

    private static List<Finding> with(KitReport report, Verdict verdict) {
        return report.findings().stream()
                .filter(f -> f.check().isCritical() && f.verdict() == verdict)
                .toList();
    }
}
