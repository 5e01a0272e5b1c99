package itrova.core.brakes;

import static itrova.core.brakes.BrakeQuantity.ACTUATOR_PRESSURE;
import static itrova.core.brakes.BrakeQuantity.ARM_SHARE;
import static itrova.core.brakes.BrakeQuantity.BOOST_KNEE;
import static itrova.core.brakes.BrakeQuantity.BOOST_RATIO;
import static itrova.core.brakes.BrakeQuantity.CENTRE_HEIGHT;
import static itrova.core.brakes.BrakeQuantity.CENTRE_HEIGHT_LADEN;
import static itrova.core.brakes.BrakeQuantity.CYLINDER_BORE;
import static itrova.core.brakes.BrakeQuantity.DRUM_DIAMETER;
import static itrova.core.brakes.BrakeQuantity.EFFECTIVE_RADIUS;
import static itrova.core.brakes.BrakeQuantity.FRONT_EMPTY;
import static itrova.core.brakes.BrakeQuantity.FRONT_LADEN;
import static itrova.core.brakes.BrakeQuantity.HYDRAULIC_EFFICIENCY;
import static itrova.core.brakes.BrakeQuantity.LINING_FRICTION;
import static itrova.core.brakes.BrakeQuantity.LINING_FRICTION_HOT;
import static itrova.core.brakes.BrakeQuantity.LINING_HEEL;
import static itrova.core.brakes.BrakeQuantity.LINING_TOE;
import static itrova.core.brakes.BrakeQuantity.LINING_WIDTH;
import static itrova.core.brakes.BrakeQuantity.MASS_EMPTY;
import static itrova.core.brakes.BrakeQuantity.MASS_LADEN;
import static itrova.core.brakes.BrakeQuantity.MASTER_BORE;
import static itrova.core.brakes.BrakeQuantity.METERING_FULL;
import static itrova.core.brakes.BrakeQuantity.METERING_HOLD;
import static itrova.core.brakes.BrakeQuantity.PAD_FRICTION;
import static itrova.core.brakes.BrakeQuantity.PAD_FRICTION_HOT;
import static itrova.core.brakes.BrakeQuantity.PEDAL_EFFICIENCY;
import static itrova.core.brakes.BrakeQuantity.PEDAL_RATIO;
import static itrova.core.brakes.BrakeQuantity.PISTON_AREA;
import static itrova.core.brakes.BrakeQuantity.PIVOT_SHARE;
import static itrova.core.brakes.BrakeQuantity.RETURN_SPRINGS;
import static itrova.core.brakes.BrakeQuantity.ROLLING_SHARE;
import static itrova.core.brakes.BrakeQuantity.TYRE_DIAMETER;
import static itrova.core.brakes.BrakeQuantity.UNEVEN_LOAD;
import static itrova.core.brakes.BrakeQuantity.VALVE_KNEE;
import static itrova.core.brakes.BrakeQuantity.VALVE_SLOPE;
import static itrova.core.brakes.BrakeQuantity.WHEELBASE;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.Reckoning.Values;
import itrova.core.hydraulics.DiscBrake;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.hydraulics.InternalShoe;
import itrova.core.hydraulics.MeteringValve;
import itrova.core.hydraulics.Pedal;
import itrova.core.hydraulics.ProportioningValve;
import itrova.core.stopping.Adhesion;
import itrova.core.stopping.Braking;
import itrova.core.stopping.TwoAxles;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;

/** What a circuit does, as functions of its quantities. Two wheels an axle. */
final class BrakeModel {
    static final int FRONT = 0;
    static final int REAR = 1;
    /** Force that must do, FMVSS 135 and ECE R13-H (N). */
    static final double MOST_FOOT = 500;
    /** Mean fully developed deceleration wanted of a car at that force, FMVSS 135 and ECE R13-H (m/s²). */
    static final double WANTED = 6.43;

    private static final double STRONGEST_FOOT = 5000;
    static final double STRONGEST_PRESSURE = 40;
    static final double PRESSURE_STEP = 0.1;

    private BrakeModel() {}

    static TwoAxles vehicle(Values v, Load load) {
        return load == Load.EMPTY
                ? TwoAxles.byFrontLoad(v.of(MASS_EMPTY), v.of(FRONT_EMPTY), v.of(WHEELBASE), v.of(CENTRE_HEIGHT))
                : TwoAxles.byFrontLoad(v.of(MASS_LADEN), v.of(FRONT_LADEN), v.of(WHEELBASE), v.of(CENTRE_HEIGHT_LADEN));
    }

    /** Rolling radius (mm). */
    static double rolling(Values v) {
        return v.of(TYRE_DIAMETER) * v.of(ROLLING_SHARE);
    }

    // --- pressure ---

    /** Pressure in the master (MPa) under a force on the pad (N). */
    static double pressure(Values v, double foot) {
        if (v.circuit().booster() == Booster.NOT_LOOKED) {
            return Double.NaN;
        }
        boolean helped = v.circuit().booster() != Booster.NONE;
        double ratio = helped ? v.of(BOOST_RATIO) : 1;
        double knee = helped ? v.of(BOOST_KNEE) : 0;
        return Pedal.pressure(
                foot, v.of(PEDAL_RATIO), v.of(PEDAL_EFFICIENCY), ratio, knee, Pedal.area(v.of(MASTER_BORE)));
    }

    static ProportioningValve valve(Values v) {
        return v.circuit().valve().isProportioning()
                ? new ProportioningValve(v.of(VALVE_KNEE), v.of(VALVE_SLOPE))
                : ProportioningValve.NONE;
    }

    static MeteringValve metering(Values v) {
        return v.circuit().valve().isMetering()
                ? new MeteringValve(v.of(METERING_HOLD), v.of(METERING_FULL))
                : MeteringValve.NONE;
    }

    /** Pressure in the line of an axle (MPa) at one in the master. */
    static double line(Values v, int axle, double masterPressure) {
        return axle == REAR ? valve(v).behind(masterPressure) : metering(v).ahead(masterPressure);
    }

    /** Deceleration (m/s²) the rear makes alone before a metering valve lets the front begin. */
    static double beforeFront(Values v, Load load) {
        return TwoAxles.G
                * force(v, REAR, v.of(METERING_HOLD), false)
                / vehicle(v, load).weight();
    }

    // --- torque and force ---

    static DrumBrake drum(Values v, int axle, DrumBrake.Kind kind) {
        double radius = v.of(DRUM_DIAMETER, axle) / 2;
        return new DrumBrake(
                kind,
                new InternalShoe(
                        radius,
                        v.of(LINING_WIDTH, axle),
                        Math.toRadians(v.of(LINING_HEEL, axle)),
                        Math.toRadians(v.of(LINING_TOE, axle)),
                        v.of(PIVOT_SHARE, axle) * radius,
                        v.of(ARM_SHARE, axle) * radius));
    }

    /** Torque of one wheel (N·m) at a pressure in its line (MPa), cold or hot. */
    static double torque(Values v, int axle, double pressure, boolean hot) {
        AxleBrakes brakes = v.circuit().axles().get(axle);
        double efficiency = v.of(HYDRAULIC_EFFICIENCY);
        return brakes.shoes()
                .map(kind -> drum(v, axle, kind)
                        .torque(
                                pressure,
                                v.of(RETURN_SPRINGS, axle),
                                Pedal.area(v.of(CYLINDER_BORE, axle)),
                                v.of(hot ? LINING_FRICTION_HOT : LINING_FRICTION, axle),
                                efficiency))
                .orElseGet(() -> DiscBrake.torque(
                        pressure,
                        0,
                        v.of(PISTON_AREA, axle),
                        v.of(hot ? PAD_FRICTION_HOT : PAD_FRICTION, axle),
                        v.of(EFFECTIVE_RADIUS, axle),
                        efficiency));
    }

    /** Force at the ground of one axle (N). */
    static double force(Values v, int axle, double masterPressure, boolean hot) {
        return 2 * torque(v, axle, line(v, axle, masterPressure), hot) * 1000 / rolling(v);
    }

    /** Master pressure that decelerates by z·g without any wheel locking (MPa); infinite where none does. */
    static double pressureFor(Values v, double z, Load load, boolean hot) {
        double wanted = z * vehicle(v, load).weight();
        DoubleUnaryOperator excess = p -> force(v, FRONT, p, hot) + force(v, REAR, p, hot) - wanted;
        if (!(excess.applyAsDouble(STRONGEST_PRESSURE) >= 0)) {
            return Double.POSITIVE_INFINITY;
        }
        return new BrentSolver(1e-9).solve(200, excess::applyAsDouble, 0, STRONGEST_PRESSURE);
    }

    /** Force on the pad that decelerates by z·g (N); infinite where none does. */
    static double footFor(Values v, double z, Load load, boolean hot) {
        return footFor(v, pressureFor(v, z, load, hot));
    }

    private static double footFor(Values v, double wanted) {
        if (!(pressure(v, STRONGEST_FOOT) >= wanted)) {
            return Double.POSITIVE_INFINITY;
        }
        return new BrentSolver(1e-9).solve(200, f -> pressure(v, f) - wanted, 0, STRONGEST_FOOT);
    }

    /** Force on the pad that decelerates by z·g with the booster failed (N). */
    static double footWithoutHelp(Values v, double z, Load load) {
        return pressureFor(v, z, load, false)
                * Pedal.area(v.of(MASTER_BORE))
                / (v.of(PEDAL_RATIO) * v.of(PEDAL_EFFICIENCY));
    }

    /** Force on the pad at which the first axle is at the road's limit (N); infinite where none gets there. */
    static double footAtLock(Values v, double road, Load load) {
        TwoAxles vehicle = vehicle(v, load);
        DoubleUnaryOperator excess = p -> {
            double front = force(v, FRONT, p, false);
            double rear = force(v, REAR, p, false);
            Adhesion used = Adhesion.of(vehicle, front, rear);
            return Math.max(used.front(), used.rear()) - road;
        };
        double high = STRONGEST_PRESSURE;
        while (high > PRESSURE_STEP
                && (!Double.isFinite(excess.applyAsDouble(high)) || excess.applyAsDouble(high / 2) > 0)) {
            high /= 2;
        }
        if (!(excess.applyAsDouble(high) >= 0)) {
            return Double.POSITIVE_INFINITY;
        }
        return footFor(v, new BrentSolver(1e-9).solve(200, excess::applyAsDouble, 0, high));
    }

    /** Torque of one wheel (N·m) at a deceleration of z·g, cold. */
    static double torqueFor(Values v, int axle, double z, Load load) {
        return torque(v, axle, line(v, axle, pressureFor(v, z, load, false)), false);
    }

    /** Share of the braking the rear does at z. */
    static double rearShare(Values v, double z, Load load) {
        double p = pressureFor(v, z, load, false);
        double rear = force(v, REAR, p, false);
        return rear / (rear + force(v, FRONT, p, false));
    }

    /** Deceleration (m/s²) at the greatest force on a road that holds so much, with both, or only one, of the axles braking. */
    static double deceleration(Values v, double road, Load load, double frontShare, double rearShare) {
        return deceleration(v, MOST_FOOT, road, load, frontShare, rearShare);
    }

    /** The same at another force on the pad (N). */
    static double deceleration(Values v, double foot, double road, Load load, double frontShare, double rearShare) {
        double p = pressure(v, foot);
        return TwoAxles.G
                * new Braking(vehicle(v, load), road)
                        .deceleration(frontShare * force(v, FRONT, p, false), rearShare * force(v, REAR, p, false));
    }

    /** Torque an axle's share of the load wants (N·m for both wheels): half of its load at the rolling radius (ECE R13, category O2). */
    static double wantedTorque(Values v, double axleLoad) {
        return 0.5 * v.of(UNEVEN_LOAD) * axleLoad * TwoAxles.G * rolling(v) / 1000;
    }

    /** Force at the ground of all its disc axles at the actuator's pressure (N). */
    static double trailerForce(Values v) {
        double sum = 0;
        for (int axle = 0; axle < v.circuit().axles().size(); axle++) {
            if (v.circuit().axles().get(axle).isDisc()) {
                sum += 2 * torque(v, axle, v.of(ACTUATOR_PRESSURE), false) * 1000 / rolling(v);
            }
        }
        return sum;
    }
}
