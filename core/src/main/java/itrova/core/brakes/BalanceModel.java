package itrova.core.brakes;

import static itrova.core.brakes.BrakeQuantity.RETURN_SPRINGS;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.hydraulics.MeteringValve;
import itrova.core.hydraulics.ProportioningValve;
import itrova.core.stopping.Adhesion;
import itrova.core.stopping.TwoAxles;

/** Which axle uses more adhesion, as functions of a circuit's quantities. */
final class BalanceModel {
    private BalanceModel() {}

    /** Adhesion used at a deceleration z·g, in one state of load. */
    static Adhesion adhesion(Values v, double z, Load load) {
        double p = BrakeModel.pressureFor(v, z, load, false);
        return Adhesion.of(
                BrakeModel.vehicle(v, load),
                BrakeModel.force(v, BrakeModel.FRONT, p, false),
                BrakeModel.force(v, BrakeModel.REAR, p, false));
    }

    /**
     * Least by which the front uses more adhesion than the rear, 0.15 ≤ z ≤ 0.8, in one state of load; negative where the rear would lock
     * first. Where the brakes do not reach so far, up to what they reach.
     */
    static double balance(Values v, Load load, ProportioningValve valve) {
        TwoAxles vehicle = BrakeModel.vehicle(v, load);
        Axle front = Axle.of(v, BrakeModel.FRONT);
        MeteringValve metering = BrakeModel.metering(v);
        Axle rear = Axle.of(v, BrakeModel.REAR);
        double least = Double.POSITIVE_INFINITY;
        double before = 0;
        for (double p = BrakeModel.PRESSURE_STEP; p < BrakeModel.STRONGEST_PRESSURE; p += BrakeModel.PRESSURE_STEP) {
            double z = (front.force(metering.ahead(p)) + rear.force(valve.behind(p))) / vehicle.weight();
            // the last step ends where the range does: between two points the forces are straight lines
            double at = z > Adhesion.TO ? p - BrakeModel.PRESSURE_STEP * (z - Adhesion.TO) / (z - before) : p;
            if (z >= Adhesion.FROM) {
                Adhesion used = Adhesion.of(vehicle, front.force(metering.ahead(at)), rear.force(valve.behind(at)));
                least = Math.min(least, used.front() - used.rear());
            }
            if (z > Adhesion.TO) {
                break;
            }
            before = z;
        }
        return least;
    }

    /**
     * An axle's force at the ground, a straight line over the pressure from where its springs give way.
     *
     * @param gain (N/MPa)
     * @param threshold (MPa)
     */
    private record Axle(double gain, double threshold) {
        static Axle of(Values v, int axle) {
            double threshold = v.circuit().axles().get(axle).isDisc() ? 0 : v.of(RETURN_SPRINGS, axle);
            return new Axle(
                    2 * BrakeModel.torque(v, axle, threshold + 1, false) * 1000 / BrakeModel.rolling(v), threshold);
        }

        double force(double pressure) {
            return gain * Math.max(0, pressure - threshold);
        }
    }

    static double balance(Values v, Load load) {
        return balance(v, load, BrakeModel.valve(v));
    }
}
