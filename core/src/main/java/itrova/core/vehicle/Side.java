package itrova.core.vehicle;

import itrova.core.phrase.Titled;
import java.util.Locale;

/** Side of the vehicle as the driver sits, facing forward. */
public enum Side implements Titled {
    LEFT,
    RIGHT;

    /** The word used in texts and documents. */
    @Override
    public String title() {
        return word();
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
