package itrova.core.vehicle;

/** Kind of axle end; decides what is measured, how it is drawn and which checks apply. */
public enum AxleEndKind {
    FRONT_SPINDLE("front spindle"),
    REAR_LIVE_AXLE("rear live axle"),
    CLOSED_KNUCKLE("closed knuckle, four-wheel drive"),
    PORTAL_HUB("portal hub"),
    REAR_UPRIGHT("independent rear upright"),
    TRAILER_SPINDLE("trailer spindle");

    private final String word;

    AxleEndKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether the hub turns on a bare spindle whose journals can be measured. */
    public boolean hasSpindle() {
        return this == FRONT_SPINDLE || this == CLOSED_KNUCKLE || this == TRAILER_SPINDLE;
    }

    /** Whether the wheel is steered. */
    public boolean isSteered() {
        return this == FRONT_SPINDLE || this == CLOSED_KNUCKLE;
    }
}
