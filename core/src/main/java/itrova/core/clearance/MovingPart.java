package itrova.core.clearance;

import itrova.core.phrase.Titled;

/** What a kit or the wheel brings near to what stands on the vehicle. */
public enum MovingPart implements Titled {
    CALIPER("caliper"),
    DISC("disc"),
    TYRE("tyre");

    private final String title;

    MovingPart(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }
}
