package itrova.core.receive;

import itrova.core.phrase.Phrase;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One piece tried.
 *
 * @param isGood whether it did what it must
 * @param note what was wrong; empty where nothing was
 */
public record Tried(HandTrial trial, Side side, boolean isGood, String note) {
    /** @throws IllegalArgumentException if what is not good has no reason, or what is good has one */
    public Tried {
        if (isGood != note.isBlank()) {
            throw new IllegalArgumentException(
                    isGood
                            ? "What is good needs no fault: leave the note empty."
                            : "Say what is wrong with it, such as: sticks after 6 mm.");
        }
    }

    /** What stands of all trials, oldest first: of a piece tried again the last one. */
    public static List<Tried> standing(List<Tried> all) {
        Map<String, Tried> last = new LinkedHashMap<>();
        all.forEach(t -> last.put(t.trial() + " " + t.side(), t));
        return new ArrayList<>(last.values());
    }

    /** In words. */
    public Phrase words() {
        return isGood ? Phrase.of("tried.good", trial, side) : Phrase.of("tried.not-so", trial, side, note);
    }
}
