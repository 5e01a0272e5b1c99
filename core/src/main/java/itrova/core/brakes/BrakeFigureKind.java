package itrova.core.brakes;

import itrova.core.phrase.Titled;
import java.util.Locale;

/** Figures told of a vehicle's brakes. */
public enum BrakeFigureKind implements Titled {
    BALANCE_EMPTY("Adhesion of front beyond rear at its least, empty", ""),
    BALANCE_LADEN("Adhesion of front beyond rear at its least, laden", ""),
    COMBINATION_DECELERATION("Deceleration of tow vehicle and trailer together", "m/s²"),
    COMBINATION_DECELERATION_TRAILER_FAILED("The same with the trailer's brakes failed", "m/s²"),
    COUPLING_THRUST("Push of the trailer on the coupling in that stop", "N"),
    DECELERATION_BEFORE_FRONT("Deceleration by the rear alone before the metering valve opens, empty", "m/s²"),
    DECELERATION_DRY_AT_500_N("Deceleration on a dry road at 500 N", "m/s²"),
    DECELERATION_FRONT_CIRCUIT_ONLY("Deceleration with the rear circuit cut, at 500 N", "m/s²"),
    DECELERATION_ONE_CIRCUIT_ONLY("Deceleration with one circuit cut, at 500 N", "m/s²"),
    DECELERATION_REAR_CIRCUIT_ONLY("Deceleration with the front circuit cut, at 500 N", "m/s²"),
    DECELERATION_WET_AT_500_N("Deceleration on a wet road at 500 N", "m/s²"),
    DISTANCE_FROM_100_KM_H("Braking distance from 100 km/h, dry, without reaction", "m"),
    DISTANCE_FRONT_CIRCUIT_ONLY("Braking distance from 100 km/h with the rear circuit cut", "m"),
    DISTANCE_ONE_CIRCUIT_ONLY("Braking distance from 100 km/h with one circuit cut", "m"),
    DISTANCE_REAR_CIRCUIT_ONLY("Braking distance from 100 km/h with the front circuit cut", "m"),
    FLUID_FOR_WORN_PADS("Fluid that worn pads draw from the reservoir", "cm³"),
    FRONT_FLUID("Fluid in the front calipers at its hottest", "°C"),
    FRONT_RING_AFTER_DESCENT("Front disc or drum after 6 km of 6 % at 30 km/h", "°C"),
    FRONT_RING_AFTER_ONE_STOP("Front disc or drum after one laden stop from 80 km/h", "°C"),
    FRONT_RING_AFTER_TEN_STOPS("Front disc or drum after ten laden stops from 80 km/h", "°C"),
    FRONT_WHEEL_TORQUE_AT_0_5_G("Torque of one front wheel at 0.5 g", "N·m"),
    MASTER_STROKE_AT_500_N("Stroke of the master at 500 N", "mm"),
    PEDAL_FORCE_AT_LOCK_DRY("Force on the pedal at which the first wheel locks, dry, laden", "N"),
    PEDAL_FORCE_AT_LOCK_WET("Force on the pedal at which the first wheel locks, wet, laden", "N"),
    PEDAL_FORCE_FOR_0_3_G("Force on the pedal for 0.3 g", "N"),
    PEDAL_FORCE_FOR_0_5_G("Force on the pedal for 0.5 g", "N"),
    PEDAL_FORCE_FOR_0_8_G("Force on the pedal for 0.8 g", "N"),
    PEDAL_FORCE_HOT_FOR_0_5_G("Force on the pedal for 0.5 g, brakes hot", "N"),
    PEDAL_TRAVEL_AT_500_N("Travel of the pedal at 500 N", "mm"),
    PEDAL_TRAVEL_FRONT_CIRCUIT_ONLY("Travel of the pedal at 500 N with the rear circuit cut", "mm"),
    PEDAL_TRAVEL_ONE_CIRCUIT_ONLY("Travel of the pedal at 500 N with one circuit cut", "mm"),
    PEDAL_TRAVEL_REAR_CIRCUIT_ONLY("Travel of the pedal at 500 N with the front circuit cut", "mm"),
    PRESSURE_AT_500_N("Pressure at 500 N", "MPa"),
    PRESSURE_FOR_0_3_G("Pressure for 0.3 g", "MPa"),
    PRESSURE_FOR_0_5_G("Pressure for 0.5 g", "MPa"),
    PRESSURE_FOR_0_8_G("Pressure for 0.8 g", "MPa"),
    REAR_SHARE_AT_0_5_G("Share of the stopping the rear does at 0.5 g", "%"),
    REAR_WHEEL_TORQUE_AT_0_5_G("Torque of one rear wheel at 0.5 g", "N·m"),
    STANDING_FORCE_HELD("Force the parking brake holds at 400 N by hand", "N"),
    STANDING_FORCE_WANTED("Force that holds it laden on the grade", "N"),
    TRAILER_DECELERATION("Deceleration the trailer's own brakes make of its load", "m/s²"),
    VOLUME_AT_ACTUATOR_PRESSURE("Fluid the trailer takes at the actuator's pressure", "cm³"),
    VOLUME_OF_AIR_AT_500_N("Fluid of a stroke at 500 N: trapped air", "cm³"),
    VOLUME_OF_COMPLIANCE_AT_500_N("Fluid of a stroke at 500 N: calipers, pads, drums giving way", "cm³"),
    VOLUME_OF_GAPS_AT_500_N("Fluid of a stroke at 500 N: gaps", "cm³"),
    VOLUME_OF_HOSES_AT_500_N("Fluid of a stroke at 500 N: hoses swelling", "cm³"),
    VOLUME_OF_LINES_AT_500_N("Fluid of a stroke at 500 N: lines and fluid pressed together", "cm³"),
    TORQUE_AT_ACTUATOR_PRESSURE("Torque of an axle at the actuator's pressure", "N·m"),
    TORQUE_WANTED_PER_AXLE("Torque an axle's load wants", "N·m");

    private final String title;
    private final String unit;

    BrakeFigureKind(String title, String unit) {
        this.title = title;
        this.unit = unit;
    }

    @Override
    public String title() {
        return title;
    }

    public String unit() {
        return unit;
    }

    /** Its name in documents. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
