package itrova.core.order;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether a kit may be ordered.
 *
 * <p>A lead's signature with a reason covers what is <em>not proven</em>. Nothing covers what is <em>proven not</em>:
 * engagement, load and clearance never, and for the rest the way is work, another kit or a new reading. Only the way back to drums may be given up.
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
        if (!misfits.stream().allMatch(OrderGate::mayBeGivenUp)) {
            return new OrderGate(
                    State.SHUT, misfits.stream().filter(f -> !mayBeGivenUp(f)).toList());
        }
        List<Finding> holding = new ArrayList<>(misfits);
        holding.addAll(with(report, Verdict.NOT_PROVEN));
        return new OrderGate(holding.isEmpty() ? State.OPEN : State.HELD, holding);
    }

    /** The way back to drums is the owner's wish: giving it up is signed for like what is not proven. */
    private static boolean mayBeGivenUp(Finding f) {
        return f.check() == CheckId.REVERSIBLE;
    }

    private static List<Finding> with(KitReport report, Verdict verdict) {
        return report.findings().stream()
                .filter(f -> f.check().isCritical() && f.verdict() == verdict)
                .toList();
    }
}
