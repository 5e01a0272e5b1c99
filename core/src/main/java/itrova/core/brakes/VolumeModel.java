package itrova.core.brakes;

import static itrova.core.brakes.BrakeQuantity.ACTUATOR_PRESSURE;
import static itrova.core.brakes.BrakeQuantity.AIR_LEFT;
import static itrova.core.brakes.BrakeQuantity.CALIPER_COMPLIANCE;
import static itrova.core.brakes.BrakeQuantity.CYLINDER_BORE;
import static itrova.core.brakes.BrakeQuantity.DRUM_COMPLIANCE;
import static itrova.core.brakes.BrakeQuantity.HOSE_EXPANSION;
import static itrova.core.brakes.BrakeQuantity.HOSE_LENGTH;
import static itrova.core.brakes.BrakeQuantity.LINE_BORE;
import static itrova.core.brakes.BrakeQuantity.LINE_LENGTH;
import static itrova.core.brakes.BrakeQuantity.MASTER_BORE;
import static itrova.core.brakes.BrakeQuantity.MASTER_STROKE;
import static itrova.core.brakes.BrakeQuantity.PAD_GAP;
import static itrova.core.brakes.BrakeQuantity.PAD_WEAR;
import static itrova.core.brakes.BrakeQuantity.PEDAL_PLAY;
import static itrova.core.brakes.BrakeQuantity.PEDAL_RATIO;
import static itrova.core.brakes.BrakeQuantity.PISTON_AREA;
import static itrova.core.brakes.BrakeQuantity.SHOE_CLEARANCE;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.Reckoning.Values;
import itrova.core.hydraulics.HoseExpansion;
import itrova.core.hydraulics.Pedal;
import itrova.core.hydraulics.TrappedAir;

/** Fluid a circuit takes up, strokes and travels, as functions of its quantities. */
final class VolumeModel {
    private VolumeModel() {}

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
        return air.plus(volumeAt(v, BrakeModel.FRONT, pressure), frontShare)
                .plus(volumeAt(v, BrakeModel.REAR, pressure), rearShare);
    }

    private static StrokeVolume volumeAt(Values v, int axle, double masterPressure) {
        return volume(v, axle, BrakeModel.line(v, axle, masterPressure));
    }

    /** Fluid that calipers, drums, hoses and lines take by giving way up to a pressure (cm³): gaps and air left out. */
    static double elastic(Values v, double pressure) {
        double sum = 0;
        for (int axle = 0; axle < v.circuit().axles().size(); axle++) {
            StrokeVolume taken = volumeAt(v, axle, pressure);
            sum += taken.compliance() + taken.hoses() + taken.lines();
        }
        return sum;
    }

    /** Stroke of the master (mm) up to a pressure; of a tandem, both chambers' strokes one behind the other. */
    static double stroke(Values v, double pressure) {
        return volumes(v, pressure).total() * 1000 / Pedal.area(v.of(MASTER_BORE));
    }

    /** Pressure a full stop takes (MPa), or what the greatest foot gives where that is less. */
    private static double fullStop(Values v, double z) {
        return Math.min(BrakeModel.pressure(v, BrakeModel.MOST_FOOT), BrakeModel.pressureFor(v, z, Load.LADEN, false));
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
        return v.of(PEDAL_PLAY) + v.of(PEDAL_RATIO) * stroke(v, BrakeModel.pressure(v, foot));
    }

    /**
     * Travel of the pad (mm) under the greatest force with a part of the brakes cut off: the dead chamber goes to its end, taken as half
     * of the master's stroke (common practice), before the other presses.
     */
    static double travelWith(Values v, double frontShare, double rearShare) {
        double live = volumes(v, BrakeModel.pressure(v, BrakeModel.MOST_FOOT), frontShare, rearShare)
                        .total()
                * 1000;
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
