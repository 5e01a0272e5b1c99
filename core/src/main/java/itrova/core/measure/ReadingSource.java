package itrova.core.measure;

import itrova.core.quantity.Source;
import java.util.Locale;

/** A doubt that belongs to what was read at one place. */
public record ReadingSource(Kind kind, ReadAt at, String id) implements Source {
    /** What about the reading is doubtful. */
    public enum Kind {
        /** The last place the instrument shows. */
        RESOLUTION,
        /** How it is put on the part. */
        TECHNIQUE,
        /** Scatter of repeats. */
        REPEAT,
        /** Where along the profile it was read. */
        PLACE
    }

    public static ReadingSource of(Kind kind, ReadAt at) {
        return new ReadingSource(kind, at, kind.name().toLowerCase(Locale.ROOT) + ":" + at);
    }
}
