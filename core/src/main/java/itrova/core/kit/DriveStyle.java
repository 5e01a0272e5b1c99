package itrova.core.kit;

import itrova.core.phrase.Titled;
import java.util.Optional;

/** What closes and drives the hub of a driven, steered axle. */
public enum DriveStyle implements Titled {
    DRIVE_FLANGE("drive flange"),
    LOCKING_HUB_WITH_RING("locking hub held by an outer snap ring"),
    LOCKING_HUB_ONE_PIECE("locking hub in one piece");

    private final String title;

    DriveStyle(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }

    /** The style meant by a word written down at the axle; absent if it is none of these. */
    public static Optional<DriveStyle> of(String text) {
        String t = text.strip().toLowerCase(java.util.Locale.ROOT);
        if (t.contains("flange")) {
            return Optional.of(DRIVE_FLANGE);
        }
        if (t.contains("ring")) {
            return Optional.of(LOCKING_HUB_WITH_RING);
        }
        return t.contains("piece") ? Optional.of(LOCKING_HUB_ONE_PIECE) : Optional.empty();
    }
}
