package itrova.core.vehicle;

/** How the bearings of a spindle are held and adjusted. */
public enum SpindleNut {
    CASTLE("castle nut and cotter"),
    TANGED_WASHER("tanged washer and two nuts"),
    PIN_AND_RING("nut with pin and lock ring");

    private final String word;

    SpindleNut(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
