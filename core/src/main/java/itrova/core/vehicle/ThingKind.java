package itrova.core.vehicle;

import itrova.core.phrase.Titled;

/** What may stand near a wheel, by name and by what it is usually fixed to. */
public enum ThingKind implements Titled {
    STEERING_ARM("Steering arm", true),
    STEERING_STOP("Steering stop", true),
    KNUCKLE_RIB("Rib of the knuckle", true),
    BALL_JOINT("Ball joint", true),
    SHOCK("Shock absorber", false),
    SPRING("Spring", false),
    FRAME("Frame", false),
    LINE_TAB("Brake-line tab", false),
    TRACK_ROD("Track rod", false),
    DROP_LINK("Drop link", false),
    OTHER("Something else", true);

    private final String title;
    private final boolean beside;

    ThingKind(String title, boolean beside) {
        this.title = title;
        this.beside = beside;
    }

    @Override
    public String title() {
        return title;
    }

    /** Whether it usually stands on the knuckle or axle beside the caliper, and not on the vehicle. */
    public boolean beside() {
        return beside;
    }
}
