package itrova.core.order;

import itrova.core.brakes.PlannedVehicle;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.phrase.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whether a kit may be ordered.
 *
 * <p>Both the kit at its axle and the brakes of the whole vehicle as planned must be proven.
 *
 * <p>A lead's signature with a reason covers what is <em>not proven</em>. Nothing covers what is <em>proven not</em>:
 * engagement, load, pressure and clearance never, and for the rest the way is work, another kit or a new reading. Only the way back to drums may be given up.
 *
 * @param state open, held or shut
 * @param holding the findings at the axle that hold it
 * @param brakes what of the vehicle's brakes holds it
 */
public record OrderGate(State state, List<Finding> holding, List<BrakeHold> brakes) {
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
        brakes = List.copyOf(brakes);
    }

    /** Judges a kit at its axle and the brakes of the vehicle planned with it. */
    public static OrderGate of(KitReport report, PlannedVehicle vehicle) {
        OrderGate axle = of(report);
        List<BrakeHold> brakes = held(vehicle);
        boolean isShut = brakes.stream().anyMatch(b -> b.verdict() == Verdict.DOES_NOT_FIT);
        State state = isShut || axle.state == State.SHUT
                ? State.SHUT
                : brakes.isEmpty() && axle.state == State.OPEN ? State.OPEN : State.HELD;
        return new OrderGate(state, axle.holding, brakes);
    }

    private static List<BrakeHold> held(PlannedVehicle vehicle) {
        Optional<Phrase> problem = vehicle.problem();
        if (problem.isPresent()) {
            return List.of(
                    new BrakeHold(Phrase.of("order.brakes-of-the-whole-vehicle"), Verdict.NOT_PROVEN, problem.get()));
        }
        return vehicle.findings().orElseThrow().findings().stream()
                .filter(f -> f.isCritical() && f.verdict() != Verdict.FITS)
                .map(f -> new BrakeHold(Phrase.all(f.check()), f.verdict(), f.next()))
                .toList();
    }

    /** How many findings hold it. */
    public int holds() {
        return holding.size() + brakes.size();
    }

    /** Judges a kit at its axle alone. */
    public static OrderGate of(KitReport report) {
        List<Finding> misfits = with(report, Verdict.DOES_NOT_FIT);
        if (!misfits.stream().allMatch(OrderGate::mayBeGivenUp)) {
            return new OrderGate(
                    State.SHUT, misfits.stream().filter(f -> !mayBeGivenUp(f)).toList(), List.of());
        }
        List<Finding> holding = new ArrayList<>(misfits);
        holding.addAll(with(report, Verdict.NOT_PROVEN));
        return new OrderGate(holding.isEmpty() ? State.OPEN : State.HELD, holding, List.of());
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
