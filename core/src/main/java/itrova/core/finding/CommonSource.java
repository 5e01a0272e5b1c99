package itrova.core.finding;

import itrova.core.quantity.Source;

/** Doubts of what nobody measures and common practice bounds. */
public enum CommonSource implements Source {
    /** Friction of wheel nuts, which a torque wrench does not know. */
    WHEEL_NUT_FRICTION,
    /** Height of the rim's flange, told by its marking only. */
    RIM_FLANGE;

    private final String id = "common:" + name();

    @Override
    public String id() {
        return id;
    }
}
