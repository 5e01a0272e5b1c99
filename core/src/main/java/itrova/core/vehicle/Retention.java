package itrova.core.vehicle;

import itrova.core.phrase.Titled;

/** What keeps the shaft of a live axle in its housing. */
public enum Retention implements Titled {
    PRESSED_BEARING("pressed bearing and retainer"),
    C_CLIP("C-clip inside the differential");

    private final String title;

    Retention(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }
}
