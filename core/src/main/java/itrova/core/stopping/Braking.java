package itrova.core.stopping;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Deceleration of a vehicle whose axles brake with given forces at the ground, held by the road.
 *
 * @param vehicle its loads
 * @param friction what the road holds
 */
public record Braking(TwoAxles vehicle, double friction) {
    private static final double HARDEST = 1.6;

    /**
     * Deceleration as a share of g.
     *
     * <p>Each axle gives its brake's force, at most what the road holds under its load at that deceleration; the deceleration is the one
     * that goes with both.
     *
     * @param front force the front brakes would give (N)
     * @param rear force the rear brakes would give (N)
     */
    public double deceleration(double front, double rear) {
        DoubleUnaryOperator excess =
                z -> (given(front, vehicle.front(z)) + given(rear, vehicle.rear(z))) / vehicle.weight() - z;
        if (excess.applyAsDouble(0) <= 0) {
            return 0;
        }
        return new BrentSolver(1e-10).solve(200, excess::applyAsDouble, 0, HARDEST);
    }

    private double given(double force, double load) {
        return Math.min(force, friction * load);
    }

    /** Whether the rear axle is at the road's limit before the front one. */
    public boolean isRearFirst(double front, double rear) {
        double z = (front + rear) / vehicle.weight();
        return rear / Math.max(1e-9, vehicle.rear(z)) > front / vehicle.front(z);
    }
}
