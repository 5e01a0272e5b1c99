package itrova.core.brakes;

import itrova.core.phrase.Titled;

/** What is judged of a vehicle's brakes. */
public enum BrakeCheck implements Titled {
    PRESSURE("Pressure for a full stop", true),
    PEDAL_FORCE("Force on the pedal", true),
    PEDAL_TRAVEL("Pedal travel in reserve", true),
    MASTER_STROKE("Stroke of the master", true),
    RESERVOIR("Reservoir against worn pads", true),
    RESIDUAL("Residual valve", true),
    FLUID("Kind of fluid", true),
    SPLIT("Circuits", false),
    BALANCE_EMPTY("Front before rear, empty", true),
    BALANCE_LADEN("Front before rear, laden", true),
    PARKING("Holding on a hill", true),
    BOILING_NEW("Fluid against boiling, new", true),
    BOILING_OLD("Fluid against boiling, old", false),
    ACTUATOR("Actuator's pressure", true);

    private final String title;
    private final boolean critical;

    BrakeCheck(String title, boolean critical) {
        this.title = title;
        this.critical = critical;
    }

    @Override
    public String title() {
        return title;
    }

    /** Whether the vehicle may not go out before it is proven. */
    public boolean isCritical() {
        return critical;
    }
}
