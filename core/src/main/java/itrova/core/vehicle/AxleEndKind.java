package itrova.core.vehicle;

/** Kind of axle end; decides what is measured and which checks apply. */
public enum AxleEndKind {
    FRONT_SPINDLE("front spindle"),
    REAR_LIVE_AXLE("rear live axle"),
    TRAILER_SPINDLE("trailer spindle");

    private final String word;

    AxleEndKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
