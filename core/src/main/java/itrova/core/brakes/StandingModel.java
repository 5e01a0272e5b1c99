package itrova.core.brakes;

import static itrova.core.brakes.BrakeQuantity.CABLE_EFFICIENCY;
import static itrova.core.brakes.BrakeQuantity.CALIPER_LEVER_GAIN;
import static itrova.core.brakes.BrakeQuantity.EFFECTIVE_RADIUS;
import static itrova.core.brakes.BrakeQuantity.HAND_LEVER;
import static itrova.core.brakes.BrakeQuantity.HAT_DRUM_DIAMETER;
import static itrova.core.brakes.BrakeQuantity.LINING_FRICTION;
import static itrova.core.brakes.BrakeQuantity.MASS_LADEN;
import static itrova.core.brakes.BrakeQuantity.PAD_FRICTION;
import static itrova.core.brakes.BrakeQuantity.PARKING_GAIN;
import static itrova.core.brakes.BrakeQuantity.PARKING_GRADE;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.hydraulics.InternalShoe;
import itrova.core.stopping.ParkingHold;
import itrova.core.stopping.TwoAxles;

/** What holds a vehicle on a hill, as functions of a circuit's quantities. */
final class StandingModel {
    /** Hand force that must hold, FMVSS 135 and ECE R13-H (N). */
    static final double MOST_HAND = 400;
    /** Static friction of a shoe at rest over its sliding value when new (common practice). */
    private static final double STATIC_SHARE = 0.9;
    /** What the road holds when the parking brake is looked at (common practice, dry). */
    private static final double DRY_ROAD = 0.8;

    private StandingModel() {}

    /** Force along the road the parking brake holds (N), by the brake or by the road. */
    static double held(Values v) {
        double torque =
                switch (v.circuit().parking()) {
                    case DRUM_SHOES -> {
                        DrumBrake.Kind kind = v.circuit()
                                .axles()
                                .get(BrakeModel.REAR)
                                .shoes()
                                .orElse(DrumBrake.Kind.LEADING_TRAILING);
                        DrumBrake drum = BrakeModel.drum(v, BrakeModel.REAR, kind);
                        double mu = STATIC_SHARE * v.of(LINING_FRICTION, BrakeModel.REAR);
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
                        yield drum.factor(STATIC_SHARE * v.of(LINING_FRICTION, BrakeModel.REAR))
                                * shoePull(v)
                                * radius
                                / 1000;
                    }
                    case LEVER_CALIPER, SPOT_CALIPER ->
                        2
                                * STATIC_SHARE
                                * v.of(PAD_FRICTION, BrakeModel.REAR)
                                * (MOST_HAND * v.of(HAND_LEVER) * v.of(CABLE_EFFICIENCY) / 2)
                                * v.of(CALIPER_LEVER_GAIN)
                                * v.of(EFFECTIVE_RADIUS, BrakeModel.REAR)
                                / 1000;
                    case NONE -> 0;
                    case TRANSMISSION, NOT_LOOKED -> Double.NaN;
                };
        double byBrake = 2 * torque * 1000 / BrakeModel.rolling(v);
        TwoAxles laden = BrakeModel.vehicle(v, Load.LADEN);
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
}
