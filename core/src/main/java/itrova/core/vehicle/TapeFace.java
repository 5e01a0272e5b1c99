package itrova.core.vehicle;

import itrova.core.phrase.Titled;

/** A face a tape or straight edge is put to, to measure inward from. */
public enum TapeFace implements Titled {
    HUB("the hub face"),
    RIM("the rim’s inboard edge"),
    TYRE("the tyre’s inner side");

    private final String title;

    TapeFace(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }
}
