package itrova.core.schedule;

import itrova.core.work.Minutes;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A step to be laid into the week.
 *
 * @param id of the whole plan
 * @param job which job it belongs to
 * @param title short
 * @param minutes how long it takes; for outside work how long the part is away (working min)
 * @param people hands it takes at once; 0 for outside work
 * @param station what it takes for itself
 * @param after ids of tasks that must be over before
 * @param earliest not before (working min): a parcel, or a pin
 * @param begun when it began, if it did: it is not moved
 */
public record Task(
        String id,
        String job,
        String title,
        Minutes minutes,
        int people,
        Optional<Station> station,
        List<String> after,
        int earliest,
        OptionalInt begun) {
    public Task {
        after = List.copyOf(after);
    }

    /** How long it is planned for: as long as it usually takes, in whole slots (working min). */
    public int length() {
        return Math.max(1, (int) Math.ceil(minutes.likely() / Workshop.SLOT)) * Workshop.SLOT;
    }
}
