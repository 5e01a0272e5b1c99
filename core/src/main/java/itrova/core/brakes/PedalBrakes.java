package itrova.core.brakes;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import itrova.core.stopping.StoppingDistance;
import itrova.core.stopping.TwoAxles;
import java.util.function.ToDoubleFunction;

/** Pedal, master and distance of a vehicle with a pedal. */
final class PedalBrakes {
    private static final String CAR_RULES = "FMVSS 135 and ECE R13-H: 6.43 m/s² at no more than 500 N";
    private static final String HELP_FAILED =
            "ECE R13-H (from memory): what is left without help stops with 2.44 m/s² at 500 N";
    private static final double DRY = 0.8;
    private static final double WET = 0.5;
    private static final double HUNDRED = 100 / 3.6;
    /** Deceleration left where the help fails (m/s²). */
    private static final double WITHOUT_HELP = 2.44;

    private final BrakeReportBuilder j;

    private PedalBrakes(BrakeReportBuilder j) {
        this.j = j;
    }

    static void judge(BrakeReportBuilder j) {
        PedalBrakes pedal = new PedalBrakes(j);
        pedal.figures();
        pedal.volumes();
        pedal.distances();
        pedal.findings();
    }

    private void figures() {
        j.figure(BrakeFigureKind.PRESSURE_AT_500_N, v -> BrakeModel.pressure(v, BrakeModel.MOST_FOOT));
        atG(0.3, BrakeFigureKind.PRESSURE_FOR_0_3_G, BrakeFigureKind.PEDAL_FORCE_FOR_0_3_G);
        atG(0.5, BrakeFigureKind.PRESSURE_FOR_0_5_G, BrakeFigureKind.PEDAL_FORCE_FOR_0_5_G);
        atG(0.8, BrakeFigureKind.PRESSURE_FOR_0_8_G, BrakeFigureKind.PEDAL_FORCE_FOR_0_8_G);
        j.figure(BrakeFigureKind.PEDAL_FORCE_AT_LOCK_DRY, v -> BrakeModel.footAtLock(v, DRY, Load.LADEN));
        j.figure(BrakeFigureKind.PEDAL_FORCE_AT_LOCK_WET, v -> BrakeModel.footAtLock(v, WET, Load.LADEN));
        j.figure(BrakeFigureKind.PEDAL_FORCE_HOT_FOR_0_5_G, v -> BrakeModel.footFor(v, 0.5, Load.LADEN, true));
        j.figure(
                BrakeFigureKind.FRONT_WHEEL_TORQUE_AT_0_5_G,
                v -> BrakeModel.torqueFor(v, BrakeModel.FRONT, 0.5, Load.LADEN));
        j.figure(
                BrakeFigureKind.REAR_WHEEL_TORQUE_AT_0_5_G,
                v -> BrakeModel.torqueFor(v, BrakeModel.REAR, 0.5, Load.LADEN));
        if (j.circuit.valve().isMetering()) {
            j.figure(BrakeFigureKind.DECELERATION_BEFORE_FRONT, v -> BrakeModel.beforeFront(v, Load.EMPTY));
        }
        j.figure(BrakeFigureKind.REAR_SHARE_AT_0_5_G, v -> 100 * BrakeModel.rearShare(v, 0.5, Load.LADEN));
    }

    private void atG(double z, BrakeFigureKind pressure, BrakeFigureKind foot) {
        j.figure(pressure, v -> BrakeModel.pressureFor(v, z, Load.LADEN, false));
        j.figure(foot, v -> BrakeModel.footFor(v, z, Load.LADEN, false));
    }

    private void volumes() {
        j.figure(BrakeFigureKind.VOLUME_OF_GAPS_AT_500_N, v -> full(v).gaps());
        j.figure(BrakeFigureKind.VOLUME_OF_COMPLIANCE_AT_500_N, v -> full(v).compliance());
        j.figure(BrakeFigureKind.VOLUME_OF_HOSES_AT_500_N, v -> full(v).hoses());
        j.figure(BrakeFigureKind.VOLUME_OF_LINES_AT_500_N, v -> full(v).lines());
        j.figure(BrakeFigureKind.VOLUME_OF_AIR_AT_500_N, v -> full(v).air());
        j.figure(
                BrakeFigureKind.MASTER_STROKE_AT_500_N,
                v -> VolumeModel.stroke(v, BrakeModel.pressure(v, BrakeModel.MOST_FOOT)));
        j.figure(BrakeFigureKind.PEDAL_TRAVEL_AT_500_N, v -> VolumeModel.travel(v, BrakeModel.MOST_FOOT));
        if (j.circuit.hasDiscs()) {
            j.figure(BrakeFigureKind.FLUID_FOR_WORN_PADS, VolumeModel::wornPads);
        }
    }

    private static StrokeVolume full(Values v) {
        return VolumeModel.volumes(v, BrakeModel.pressure(v, BrakeModel.MOST_FOOT));
    }

    private void distances() {
        braking(1, 1, BrakeFigureKind.DECELERATION_DRY_AT_500_N, BrakeFigureKind.DISTANCE_FROM_100_KM_H);
        j.figure(BrakeFigureKind.DECELERATION_WET_AT_500_N, v -> BrakeModel.deceleration(v, WET, Load.LADEN, 1, 1));
        switch (j.circuit.split()) {
            case FRONT_REAR -> {
                braking(
                        1,
                        0,
                        BrakeFigureKind.DECELERATION_FRONT_CIRCUIT_ONLY,
                        BrakeFigureKind.DISTANCE_FRONT_CIRCUIT_ONLY);
                braking(
                        0,
                        1,
                        BrakeFigureKind.DECELERATION_REAR_CIRCUIT_ONLY,
                        BrakeFigureKind.DISTANCE_REAR_CIRCUIT_ONLY);
                j.figure(BrakeFigureKind.PEDAL_TRAVEL_FRONT_CIRCUIT_ONLY, v -> VolumeModel.travelWith(v, 1, 0));
                j.figure(BrakeFigureKind.PEDAL_TRAVEL_REAR_CIRCUIT_ONLY, v -> VolumeModel.travelWith(v, 0, 1));
            }
            case DIAGONAL -> {
                braking(
                        0.5,
                        0.5,
                        BrakeFigureKind.DECELERATION_ONE_CIRCUIT_ONLY,
                        BrakeFigureKind.DISTANCE_ONE_CIRCUIT_ONLY);
                j.figure(BrakeFigureKind.PEDAL_TRAVEL_ONE_CIRCUIT_ONLY, v -> VolumeModel.travelWith(v, 0.5, 0.5));
            }
            case SINGLE, NOT_LOOKED -> {
                // one cut line leaves nothing, or nobody knows what it leaves
            }
        }
    }

    private void braking(double front, double rear, BrakeFigureKind deceleration, BrakeFigureKind distance) {
        j.figure(deceleration, v -> BrakeModel.deceleration(v, DRY, Load.LADEN, front, rear));
        j.figure(
                distance,
                v -> StoppingDistance.constant(HUNDRED, BrakeModel.deceleration(v, DRY, Load.LADEN, front, rear)));
    }

    private void findings() {
        double z = BrakeModel.WANTED / TwoAxles.G;
        foot(
                BrakeCheck.PRESSURE,
                "MPa",
                v -> BrakeModel.pressure(v, BrakeModel.MOST_FOOT) - BrakeModel.pressureFor(v, z, Load.LADEN, false),
                "brakes.pressure",
                CAR_RULES);
        foot(
                BrakeCheck.PEDAL_FORCE,
                "N",
                v -> BrakeModel.MOST_FOOT - BrakeModel.footFor(v, z, Load.LADEN, false),
                "brakes.pedal-force",
                CAR_RULES);
        foot(
                BrakeCheck.PEDAL_TRAVEL,
                "mm",
                v -> v.of(BrakeQuantity.PEDAL_ROOM) - VolumeModel.travelForFullStop(v, z),
                "brakes.pedal-travel",
                "Common practice: in a full stop the pad is clear of the floor");
        foot(
                BrakeCheck.MASTER_STROKE,
                "mm",
                v -> v.of(BrakeQuantity.MASTER_STROKE) * 2 / 3 - VolumeModel.strokeForFullStop(v, z),
                "brakes.master-stroke",
                "Common practice: no more than two thirds of the stroke in a full stop");
        if (j.circuit.hasDiscs()) {
            j.judge(
                    BrakeCheck.RESERVOIR,
                    "cm³",
                    v -> v.of(BrakeQuantity.RESERVOIR) - VolumeModel.wornPads(v),
                    "brakes.reservoir",
                    "FMVSS 105 S5.4.2: the reservoir holds the fluid of full pad wear");
        }
        if (j.circuit.booster() == BrakeCircuit.Booster.VACUUM) {
            j.judge(
                    BrakeCheck.BOOSTER_VACUUM,
                    "N",
                    v -> BrakeModel.MOST_FOOT - BrakeModel.footWithoutHelp(v, WITHOUT_HELP / TwoAxles.G, Load.LADEN),
                    "brakes.booster-vacuum",
                    HELP_FAILED);
        }
    }

    /** A finding about the foot: with a booster nobody looked at nothing of it is proven. */
    private void foot(BrakeCheck check, String unit, ToDoubleFunction<Values> margin, String words, String source) {
        if (j.circuit.booster() != BrakeCircuit.Booster.NOT_LOOKED) {
            j.judge(check, unit, margin, words, source);
        } else {
            j.told(check, Verdict.NOT_PROVEN, Phrase.of(words), Phrase.of("brakes.look-at-the-booster"), source);
        }
    }
}
