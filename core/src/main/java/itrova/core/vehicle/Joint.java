package itrova.core.vehicle;

import itrova.core.fastener.Thread;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A joint of the steering: as found at the vehicle, or as a kit's spindle, arm or rack wants it.
 *
 * @param place such as {@code lower ball joint} or {@code tie-rod end}
 * @param size thread, or taper with its large diameter, as a designation
 */
public record Joint(String place, String size) {
    private static final Pattern TAPER =
            Pattern.compile("(?i)taper\\s+1\\s*:\\s*\\d+(?:\\.\\d+)?\\s*,\\s*\\d+(?:\\.\\d+)?\\s*(?:mm|in)");

    /** What is wrong with a size as somebody wrote it, if anything; an empty one was not read yet. */
    public static Optional<String> fault(String size) {
        if (size.isBlank() || TAPER.matcher(size.strip()).matches()) {
            return Optional.empty();
        }
        try {
            Thread.parse(size);
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of("“" + size
                    + "” is neither a taper nor a thread. Write a taper by its ratio and large diameter, such as"
                    + " taper 1:8, 17.0 mm, or a thread, such as M14x1.5 or 9/16-18.");
        }
    }
}
