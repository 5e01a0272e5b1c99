package itrova.core.vehicle;

import java.util.Locale;

/** Side of the vehicle as the driver sits, facing forward. */
public enum Side {
    LEFT,
    RIGHT;

    /** The word used in texts and documents. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
