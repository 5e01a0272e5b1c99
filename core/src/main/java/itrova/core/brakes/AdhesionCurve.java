package itrova.core.brakes;

import itrova.core.quantity.Measured;
import itrova.core.stopping.Adhesion;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Adhesion used by both axles over the deceleration, with doubt.
 *
 * @param load state of load
 * @param points by rising deceleration; empty where something it hangs on is missing
 */
public record AdhesionCurve(Load load, List<Point> points) {
    private static final double STEP = 0.05;
    private static final double LAST = 0.9;

    public AdhesionCurve {
        points = List.copyOf(points);
    }

    /**
     * One deceleration.
     *
     * @param z deceleration over g
     * @param front adhesion the front axle uses
     * @param rear adhesion the rear axle uses
     * @param allowed most adhesion either may use there by the published line, 0.2 ≤ k ≤ 0.8
     */
    public record Point(double z, Measured front, Measured rear, double allowed) {}

    /** The curve of a vehicle with a pedal; empty for a trailer. */
    public static AdhesionCurve of(BrakeCircuit circuit, Load load) {
        List<Point> points = new ArrayList<>();
        if (circuit.isTrailer()) {
            return new AdhesionCurve(load, points);
        }
        Reckoning reckoning = new Reckoning(circuit);
        for (double z = 2 * STEP; z < LAST + STEP / 2; z += STEP) {
            double at = z;
            Optional<Measured> front = reckoning
                    .of(v -> BalanceModel.adhesion(v, at, load).front())
                    .value();
            Optional<Measured> rear =
                    reckoning.of(v -> BalanceModel.adhesion(v, at, load).rear()).value();
            if (front.isEmpty() || rear.isEmpty() || !isFinite(front.get()) || !isFinite(rear.get())) {
                break;
            }
            points.add(new Point(at, front.get(), rear.get(), (at - Adhesion.least(0)) / SLOPE));
        }
        return new AdhesionCurve(load, points);
    }

    /** Slope of the published line over the adhesion used. */
    private static final double SLOPE = Adhesion.least(1) - Adhesion.least(0);

    private static boolean isFinite(Measured m) {
        return Double.isFinite(m.value()) && Double.isFinite(m.expanded());
    }
}
