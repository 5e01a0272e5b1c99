package itrova.core.record;

import itrova.core.measure.Reading;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * How a job came to stand as it does. Nothing hangs on it: it is kept so that who said what, and when, is not lost between shops.
 *
 * @param changes readings that were corrected or withdrawn, oldest first
 * @param photos photos of readings
 * @param entries what was logged, oldest first
 */
public record Trail(List<Change> changes, List<Photo> photos, List<Entry> entries) {
    /** Nothing is known of how it came about. */
    public static final Trail NONE = new Trail(List.of(), List.of(), List.of());

    public Trail {
        changes = List.copyOf(changes);
        photos = List.copyOf(photos);
        entries = List.copyOf(entries);
    }

    /**
     * A reading that stands no more.
     *
     * @param axle index of the axle in the job
     * @param old the reading as it was
     * @param now what it was corrected to; absent where it was withdrawn
     * @param by who changed it
     * @param at when
     */
    public record Change(int axle, Reading old, Optional<Reading> now, String by, Instant at) {}

    /**
     * A photo of a reading.
     *
     * @param axle index of the axle in the job
     * @param reading the reading it shows
     * @param by who took it
     * @param at when
     * @param width pixels
     * @param height pixels
     * @param jpeg the picture, JPEG in Base64
     */
    public record Photo(int axle, Reading reading, String by, Instant at, int width, int height, String jpeg) {}

    /**
     * A line of the log.
     *
     * @param axle index of the axle in the job; absent where it was about the whole
     * @param kind what happened
     * @param subject to what
     * @param payload particulars
     * @param by who; empty where nobody was known
     * @param at when
     */
    public record Entry(
            OptionalInt axle, String kind, String subject, Map<String, String> payload, String by, Instant at) {
        public Entry {
            payload = Map.copyOf(payload);
        }
    }
}
