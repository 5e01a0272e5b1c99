package itrova.core.brakes;

import static itrova.core.brakes.BrakeQuantity.ACTUATOR_PRESSURE;
import static itrova.core.brakes.BrakeQuantity.AIR_LEFT;
import static itrova.core.brakes.BrakeQuantity.ARM_SHARE;
import static itrova.core.brakes.BrakeQuantity.BOOST_KNEE;
import static itrova.core.brakes.BrakeQuantity.BOOST_RATIO;
import static itrova.core.brakes.BrakeQuantity.CABLE_EFFICIENCY;
import static itrova.core.brakes.BrakeQuantity.CALIPER_COMPLIANCE;
import static itrova.core.brakes.BrakeQuantity.CALIPER_LEVER_GAIN;
import static itrova.core.brakes.BrakeQuantity.CENTRE_HEIGHT;
import static itrova.core.brakes.BrakeQuantity.CENTRE_HEIGHT_LADEN;
import static itrova.core.brakes.BrakeQuantity.COOLING_TIME;
import static itrova.core.brakes.BrakeQuantity.CYLINDER_BORE;
import static itrova.core.brakes.BrakeQuantity.DRUM_COMPLIANCE;
import static itrova.core.brakes.BrakeQuantity.DRUM_DIAMETER;
import static itrova.core.brakes.BrakeQuantity.DRUM_WALL;
import static itrova.core.brakes.BrakeQuantity.EFFECTIVE_RADIUS;
import static itrova.core.brakes.BrakeQuantity.FLUID_SHARE;
import static itrova.core.brakes.BrakeQuantity.FRONT_EMPTY;
import static itrova.core.brakes.BrakeQuantity.FRONT_LADEN;
import static itrova.core.brakes.BrakeQuantity.HAND_LEVER;
import static itrova.core.brakes.BrakeQuantity.HAT_DRUM_DIAMETER;
import static itrova.core.brakes.BrakeQuantity.HOSE_EXPANSION;
import static itrova.core.brakes.BrakeQuantity.HOSE_LENGTH;
import static itrova.core.brakes.BrakeQuantity.HYDRAULIC_EFFICIENCY;
import static itrova.core.brakes.BrakeQuantity.LINE_BORE;
import static itrova.core.brakes.BrakeQuantity.LINE_LENGTH;
import static itrova.core.brakes.BrakeQuantity.LINING_FRICTION;
import static itrova.core.brakes.BrakeQuantity.LINING_FRICTION_HOT;
import static itrova.core.brakes.BrakeQuantity.LINING_HEEL;
import static itrova.core.brakes.BrakeQuantity.LINING_TOE;
import static itrova.core.brakes.BrakeQuantity.LINING_WIDTH;
import static itrova.core.brakes.BrakeQuantity.MASS_EMPTY;
import static itrova.core.brakes.BrakeQuantity.MASS_LADEN;
import static itrova.core.brakes.BrakeQuantity.MASTER_BORE;
import static itrova.core.brakes.BrakeQuantity.MASTER_STROKE;
import static itrova.core.brakes.BrakeQuantity.PAD_FRICTION;
import static itrova.core.brakes.BrakeQuantity.PAD_FRICTION_HOT;
import static itrova.core.brakes.BrakeQuantity.PAD_GAP;
import static itrova.core.brakes.BrakeQuantity.PAD_WEAR;
import static itrova.core.brakes.BrakeQuantity.PARKING_GAIN;
import static itrova.core.brakes.BrakeQuantity.PARKING_GRADE;
import static itrova.core.brakes.BrakeQuantity.PEDAL_EFFICIENCY;
import static itrova.core.brakes.BrakeQuantity.PEDAL_PLAY;
import static itrova.core.brakes.BrakeQuantity.PEDAL_RATIO;
import static itrova.core.brakes.BrakeQuantity.PISTON_AREA;
import static itrova.core.brakes.BrakeQuantity.PIVOT_SHARE;
import static itrova.core.brakes.BrakeQuantity.RETURN_SPRINGS;
import static itrova.core.brakes.BrakeQuantity.RING_MASS;
import static itrova.core.brakes.BrakeQuantity.ROLLING_SHARE;
import static itrova.core.brakes.BrakeQuantity.SHOE_CLEARANCE;
import static itrova.core.brakes.BrakeQuantity.SPECIFIC_HEAT;
import static itrova.core.brakes.BrakeQuantity.TYRE_DIAMETER;
import static itrova.core.brakes.BrakeQuantity.UNEVEN_LOAD;
import static itrova.core.brakes.BrakeQuantity.VALVE_KNEE;
import static itrova.core.brakes.BrakeQuantity.VALVE_SLOPE;
import static itrova.core.brakes.BrakeQuantity.WHEELBASE;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Valve;
import itrova.core.brakes.Reckoning.Values;
import itrova.core.hydraulics.DiscBrake;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.hydraulics.HoseExpansion;
import itrova.core.hydraulics.InternalShoe;
import itrova.core.hydraulics.Pedal;
import itrova.core.hydraulics.ProportioningValve;
import itrova.core.hydraulics.TrappedAir;
import itrova.core.stopping.Adhesion;
import itrova.core.stopping.BrakeHeat;
import itrova.core.stopping.Braking;
import itrova.core.stopping.ParkingHold;
import itrova.core.stopping.TwoAxles;
import java.util.OptionalDouble;
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
    /** Hand force that must hold, FMVSS 135 and ECE R13-H (N). */
    static final double MOST_HAND = 400;
    /** Static friction of a shoe at rest over its sliding value when new (common practice). */
    private static final double STATIC_SHARE = 0.9;
    /** What the road holds when the parking brake is looked at (common practice, dry). */
    private static final double DRY_ROAD = 0.8;
    /** Factor for what turns with the wheels (common practice). */
    static final double TURNING = 1.04;

    private static final double STRONGEST_FOOT = 5000;
    private static final double STRONGEST_PRESSURE = 40;
    private static final double PRESSURE_STEP = 0.1;
    /** Air (°C). */
    static final double AIR = 20;

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

    private static ProportioningValve valve(Values v) {
        return v.circuit().valve() == Valve.NONE
                ? ProportioningValve.NONE
                : new ProportioningValve(v.of(VALVE_KNEE), v.of(VALVE_SLOPE));
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
        double line = axle == REAR ? valve(v).behind(masterPressure) : masterPressure;
        return 2 * torque(v, axle, line, hot) * 1000 / rolling(v);
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

    /** Pressure behind the valve at which the vehicle decelerates by z·g (MPa). */
    static double rearPressureFor(Values v, double z, Load load) {
        return valve(v).behind(pressureFor(v, z, load, false));
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

    // --- balance ---

    /** Adhesion used at a deceleration z·g, in one state of load. */
    static Adhesion adhesion(Values v, double z, Load load) {
        double p = pressureFor(v, z, load, false);
        return Adhesion.of(vehicle(v, load), force(v, FRONT, p, false), force(v, REAR, p, false));
    }

    /**
     * Least by which the front uses more adhesion than the rear, 0.15 ≤ z ≤ 0.8, in one state of load; negative where the rear would lock
     * first. Where the brakes do not reach so far, up to what they reach.
     */
    static double balance(Values v, Load load, ProportioningValve valve) {
        TwoAxles vehicle = vehicle(v, load);
        Axle front = Axle.of(v, FRONT);
        Axle rear = Axle.of(v, REAR);
        double least = Double.POSITIVE_INFINITY;
        double before = 0;
        for (double p = PRESSURE_STEP; p < STRONGEST_PRESSURE; p += PRESSURE_STEP) {
            double z = (front.force(p) + rear.force(valve.behind(p))) / vehicle.weight();
            // the last step ends where the range does: between two points the forces are straight lines
            double at = z > Adhesion.TO ? p - PRESSURE_STEP * (z - Adhesion.TO) / (z - before) : p;
            if (z >= Adhesion.FROM) {
                Adhesion used = Adhesion.of(vehicle, front.force(at), rear.force(valve.behind(at)));
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
            return new Axle(2 * torque(v, axle, threshold + 1, false) * 1000 / rolling(v), threshold);
        }

        double force(double pressure) {
            return gain * Math.max(0, pressure - threshold);
        }
    }

    static double balance(Values v, Load load) {
        return balance(v, load, valve(v));
    }

    // --- volume ---

    /** Fluid one axle takes up to a line pressure (cm³), trapped air left out. */
    static StrokeVolume volume(Values v, int axle, double pressure) {
        AxleBrakes brakes = v.circuit().axles().get(axle);
        double bar = 10 * pressure;
        // both pistons of a cylinder go twice the clearance at the middle of their shoe
        double area = brakes.isDisc() ? 2 * v.of(PISTON_AREA, axle) : 4 * Pedal.area(v.of(CYLINDER_BORE, axle));
        double gap = 2 * (brakes.isDisc() ? v.of(PAD_GAP, axle) : v.of(SHOE_CLEARANCE, axle));
        double perBar = brakes.isDisc() ? v.of(CALIPER_COMPLIANCE, axle) : v.of(DRUM_COMPLIANCE, axle);
        double line = Pedal.area(v.of(LINE_BORE, axle)) * v.of(LINE_LENGTH, axle);
        return new StrokeVolume(
                area * gap / 1000,
                area * perBar * bar / 100 / 1000,
                2 * HoseExpansion.volume(v.of(HOSE_EXPANSION, axle), v.of(HOSE_LENGTH, axle), pressure) / 1000,
                line * FLUID_PER_BAR * bar / 1000,
                0);
    }

    /** Fluid pressed together per bar: 0.05 % in 10 bar (common practice). */
    private static final double FLUID_PER_BAR = 0.0005 / 10;

    /** Fluid of a stroke up to a pressure, all axles and the air. */
    static StrokeVolume volumes(Values v, double pressure) {
        return volumes(v, pressure, 1, 1);
    }

    private static StrokeVolume volumes(Values v, double pressure, double frontShare, double rearShare) {
        StrokeVolume air = new StrokeVolume(0, 0, 0, 0, TrappedAir.swallowed(v.of(AIR_LEFT), pressure));
        return air.plus(volume(v, FRONT, pressure), frontShare)
                .plus(volume(v, REAR, valve(v).behind(pressure)), rearShare);
    }

    /** Stroke of the master (mm) up to a pressure; of a tandem, both chambers' strokes one behind the other. */
    static double stroke(Values v, double pressure) {
        return volumes(v, pressure).total() * 1000 / Pedal.area(v.of(MASTER_BORE));
    }

    /** Pressure a full stop takes (MPa), or what the greatest foot gives where that is less. */
    private static double fullStop(Values v, double z) {
        return Math.min(pressure(v, MOST_FOOT), pressureFor(v, z, Load.LADEN, false));
    }

    /** Stroke of the master (mm) in a full stop of z·g, laden. */
    static double strokeForFullStop(Values v, double z) {
        return stroke(v, fullStop(v, z));
    }

    /** Travel of the pad (mm) in a full stop of z·g, laden. */
    static double travelForFullStop(Values v, double z) {
        return v.of(PEDAL_PLAY) + v.of(PEDAL_RATIO) * strokeForFullStop(v, z);
    }

    /** Travel of the pad (mm) under a force. */
    static double travel(Values v, double foot) {
        return v.of(PEDAL_PLAY) + v.of(PEDAL_RATIO) * stroke(v, pressure(v, foot));
    }

    /**
     * Travel of the pad (mm) under the greatest force with a part of the brakes cut off: the dead chamber goes to its end, taken as half
     * of the master's stroke (common practice), before the other presses.
     */
    static double travelWith(Values v, double frontShare, double rearShare) {
        double live = volumes(v, pressure(v, MOST_FOOT), frontShare, rearShare).total() * 1000;
        return v.of(PEDAL_PLAY) + v.of(PEDAL_RATIO) * (v.of(MASTER_STROKE) / 2 + live / Pedal.area(v.of(MASTER_BORE)));
    }

    /** Fluid that full wear of the pads draws from the reservoir (cm³): one side's pistons follow both pads. */
    static double wornPads(Values v) {
        double sum = 0;
        for (int axle = 0; axle < v.circuit().axles().size(); axle++) {
            if (v.circuit().axles().get(axle).isDisc()) {
                sum += 2 * v.of(PISTON_AREA, axle) * 2 * v.of(PAD_WEAR, axle) / 1000;
            }
        }
        return sum;
    }

    // --- standing ---

    /** Force along the road the parking brake holds (N), by the brake or by the road. */
    static double held(Values v) {
        double torque =
                switch (v.circuit().parking()) {
                    case DRUM_SHOES -> {
                        DrumBrake.Kind kind =
                                v.circuit().axles().get(REAR).shoes().orElse(DrumBrake.Kind.LEADING_TRAILING);
                        DrumBrake drum = drum(v, REAR, kind);
                        double mu = STATIC_SHARE * v.of(LINING_FRICTION, REAR);
                        yield drum.factor(mu) * shoePull(v) * drum.shoe().radius() / 1000;
                    }
                    case DRUM_IN_HAT -> {
                        double radius = v.of(HAT_DRUM_DIAMETER) / 2;
                        DrumBrake drum = new DrumBrake(
                                DrumBrake.Kind.LEADING_TRAILING,
                                new InternalShoe(
                                        radius,
                                        25,
                                        Math.toRadians(20),
                                        Math.toRadians(125),
                                        0.78 * radius,
                                        1.52 * radius));
                        yield drum.factor(STATIC_SHARE * v.of(LINING_FRICTION, REAR)) * shoePull(v) * radius / 1000;
                    }
                    case LEVER_CALIPER, SPOT_CALIPER ->
                        2
                                * STATIC_SHARE
                                * v.of(PAD_FRICTION, REAR)
                                * (MOST_HAND * v.of(HAND_LEVER) * v.of(CABLE_EFFICIENCY) / 2)
                                * v.of(CALIPER_LEVER_GAIN)
                                * v.of(EFFECTIVE_RADIUS, REAR)
                                / 1000;
                    case NONE -> 0;
                    case TRANSMISSION, NOT_LOOKED -> Double.NaN;
                };
        double byBrake = 2 * torque * 1000 / rolling(v);
        TwoAxles laden = vehicle(v, Load.LADEN);
        double byRoad = DRY_ROAD
                * Math.min(ParkingHold.rearLoad(laden, grade(v), true), ParkingHold.rearLoad(laden, grade(v), false));
        return Math.min(byBrake, byRoad);
    }

    /** Force at the shoes of one wheel under the greatest hand (N). */
    private static double shoePull(Values v) {
        return MOST_HAND * v.of(PARKING_GAIN) * v.of(CABLE_EFFICIENCY) / 2;
    }

    static double wantedStanding(Values v) {
        return ParkingHold.wanted(v.of(MASS_LADEN), grade(v));
    }

    /** Grade that must be held, rise over run. */
    private static double grade(Values v) {
        return v.of(PARKING_GRADE) / 100;
    }

    // --- heat ---

    /** The ring that takes a stop's heat: a disc's, or a drum's rim, which cools more slowly for its heat is inside. */
    static BrakeHeat ring(Values v, int axle) {
        if (v.circuit().axles().get(axle).isDisc()) {
            return new BrakeHeat(v.of(RING_MASS, axle), v.of(SPECIFIC_HEAT), v.of(COOLING_TIME, axle));
        }
        double rim = Math.PI * v.of(DRUM_DIAMETER, axle) * v.of(LINING_WIDTH, axle) * v.of(DRUM_WALL, axle);
        return new BrakeHeat(rim * IRON, v.of(SPECIFIC_HEAT), SLOWER * v.of(COOLING_TIME, axle));
    }

    /** Cast iron (kg/mm³). */
    private static final double IRON = 7.2e-6;
    /** A drum takes 1.5 to 2 times as long to cool as a disc (common practice). */
    private static final double SLOWER = 1.75;

    static double share(Values v, int axle, double z) {
        double rear = rearShare(v, z, Load.LADEN);
        return (axle == FRONT ? 1 - rear : rear) / 2;
    }

    /** Temperature of one brake's ring (°C) after laden stops from 80 km/h at 0.5·g, one a minute. */
    static double afterStops(Values v, int axle, int stops) {
        return afterStops(v, axle, stops, 80 / 3.6, Load.LADEN);
    }

    /** The same from another speed (m/s) in a state of load. */
    static double afterStops(Values v, int axle, int stops, double speed, Load load) {
        double energy = BrakeHeat.energy(vehicle(v, load).mass(), speed, TURNING) * share(v, axle, 0.5);
        return ring(v, axle).afterStops(AIR, AIR, energy, 60, stops);
    }

    /** Temperature (°C) at the foot of 6 km of 6 % at 30 km/h, laden, the brakes alone holding it (ECE R13 type II, from memory). */
    static double afterDescent(Values v, int axle) {
        double watts = v.of(MASS_LADEN) * TwoAxles.G * 0.06 * (30 / 3.6) * share(v, axle, 0.1);
        return ring(v, axle).afterDescent(AIR, AIR, watts, 6000 / (30 / 3.6));
    }

    /** Temperature of the fluid in a caliper (°C) at that foot. */
    static double fluid(Values v, int axle) {
        return fluidAt(v, Math.max(afterDescent(v, axle), afterStops(v, axle, 10)));
    }

    /** Temperature of the fluid (°C) while the ring is at its own. */
    static double fluidAt(Values v, double ring) {
        return AIR + v.of(FLUID_SHARE) * (ring - AIR);
    }

    /** Warming of the front disc's ring per joule of the whole vehicle's braking (K/J); absent for a drum. */
    static OptionalDouble warming(Values v, Load load) {
        if (!v.circuit().axles().get(FRONT).isDisc()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                TURNING * (1 - rearShare(v, 0.5, load)) / 2 / (v.of(RING_MASS, FRONT) * v.of(SPECIFIC_HEAT)));
    }

    /** Pressure behind the valve (MPa). */
    static double behindValve(Values v, double pressure) {
        return valve(v).behind(pressure);
    }

    // --- trailer ---

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

    /** Fluid all its disc axles take up to the actuator's pressure (cm³). */
    static double trailerVolume(Values v) {
        double sum = TrappedAir.swallowed(v.of(AIR_LEFT), v.of(ACTUATOR_PRESSURE));
        for (int axle = 0; axle < v.circuit().axles().size(); axle++) {
            if (v.circuit().axles().get(axle).isDisc()) {
                sum += volume(v, axle, v.of(ACTUATOR_PRESSURE)).total();
            }
        }
        return sum;
    }
}
