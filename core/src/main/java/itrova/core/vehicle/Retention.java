package itrova.core.vehicle;

/** What keeps the shaft of a live axle in its housing. */
public enum Retention {
    PRESSED_BEARING("pressed bearing and retainer"),
    C_CLIP("C-clip inside the differential");

    private final String word;

    Retention(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
