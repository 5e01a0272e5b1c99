package itrova.core.brakes;

import itrova.core.phrase.Titled;
import java.util.Locale;

/** Figures told of a vehicle's brakes. */
public enum BrakeFigureKind implements Titled {
    BALANCE_EMPTY("Adhesion of front beyond rear at its least, empty", ""),
    BALANCE_LADEN("Adhesion of front beyond rear at its least, laden", ""),
    DECELERATION_DRY_AT_500_N("Deceleration on a dry road at 500 N", "m/s²"),
    DECELERATION_FRONT_CIRCUIT_ONLY("Deceleration with the rear circuit cut, at 500 N", "m/s²"),
    DECELERATION_ONE_CIRCUIT_ONLY("Deceleration with one circuit cut, at 500 N", "m/s²"),
    DECELERATION_REAR_CIRCUIT_ONLY("Deceleration with the front circuit cut, at 500 N", "m/s²"),
    DECELERATION_WET_AT_500_N("Deceleration on a wet road at 500 N", "m/s²"),
    DISTANCE_FROM_100_KM_H("Braking distance from 100 km/h, dry, without reaction", "m"),
    FLUID_FOR_WORN_PADS("Fluid that worn pads draw from the reservoir", "cm³"),
    FRONT_FLUID("Fluid in the front calipers at its hottest", "°C"),
    FRONT_RING_AFTER_DESCENT("Front disc after 6 km of 6 % at 30 km/h", "°C"),
    FRONT_RING_AFTER_TEN_STOPS("Front disc after ten laden stops from 80 km/h", "°C"),
    FRONT_WHEEL_TORQUE_AT_0_5_G("Torque of one front wheel at 0.5 g", "N·m"),
    MASTER_STROKE_AT_500_N("Stroke of the master at 500 N", "mm"),
    PEDAL_FORCE_FOR_0_3_G("Force on the pedal for 0.3 g", "N"),
    PEDAL_FORCE_FOR_0_5_G("Force on the pedal for 0.5 g", "N"),
    PEDAL_FORCE_FOR_0_8_G("Force on the pedal for 0.8 g", "N"),
    PEDAL_FORCE_HOT_FOR_0_5_G("Force on the pedal for 0.5 g, brakes hot", "N"),
    PEDAL_TRAVEL_AT_500_N("Travel of the pedal at 500 N", "mm"),
    PRESSURE_AT_500_N("Pressure at 500 N", "MPa"),
    PRESSURE_FOR_0_3_G("Pressure for 0.3 g", "MPa"),
    PRESSURE_FOR_0_5_G("Pressure for 0.5 g", "MPa"),
    PRESSURE_FOR_0_8_G("Pressure for 0.8 g", "MPa"),
    REAR_SHARE_AT_0_5_G("Share of the stopping the rear does at 0.5 g", "%"),
    STANDING_FORCE_HELD("Force the parking brake holds at 400 N by hand", "N"),
    STANDING_FORCE_WANTED("Force that holds it laden on 20 %", "N"),
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
