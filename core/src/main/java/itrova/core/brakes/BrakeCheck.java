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
    BOILING_NEW("Fluid against boiling, new", false),
    BOILING_OLD("Fluid against boiling, old", false),
    BOOSTER_VACUUM("Stopping without the booster's help", false),
    RESIDUAL_DRUMS("Residual valve of drums", false),
    RUN_BACK("Reservoir above the calipers", false),
    PUSH_ROD("Push-rod play", false),
    STOP_LAMP("Stop-lamp switch", false),
    WARNING("Lamp for a failed circuit", false),
    METERING("Metering valve", false),
    FITTINGS("Lines into ports", true),
    ACTUATOR("Actuator's pressure", true),
    ACTUATOR_VOLUME("Actuator's volume", true),
    REVERSE("Backing the trailer", true),
    BREAKAWAY("Breakaway", true),
    COMBINATION("Stopping together with the tow vehicle", false);

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

    /** Whether the vehicle may not go out before it is proven; of holding on a hill, whether the law asks for it decides. */
    public boolean isCritical() {
        return critical;
    }
}
