package itrova.core.vehicle;

import java.util.List;
import java.util.Optional;

/**
 * What was taken around a wheel by tape, from faces: it has a place once those faces have theirs.
 *
 * @param things in the order taken
 * @param kingPin axis of steering, if taken so
 */
public record Taped(List<TapedThing> things, Optional<KingPinTape> kingPin) {
    /** Nothing was. */
    public static final Taped NOTHING = new Taped(List.of(), Optional.empty());

    public Taped {
        things = List.copyOf(things);
    }
}
