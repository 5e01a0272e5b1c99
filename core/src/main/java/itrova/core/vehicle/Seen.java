package itrova.core.vehicle;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What somebody saw, and whether he looked all round. Things known from a part of the way round prove a misfit where one stands in
 * the way; that nothing does is proven only by a look all round.
 *
 * @param things what was seen
 * @param isAll whether somebody said that this is all
 */
public record Seen<T>(List<T> things, boolean isAll) {
    public Seen {
        things = List.copyOf(things);
    }

    /** Nobody looked. */
    public static <T> Seen<T> nobody() {
        return new Seen<>(List.of(), false);
    }

    /** Looked all round: these and no others. */
    public static <T> Seen<T> all(List<T> things) {
        return new Seen<>(things, true);
    }

    /** Looked all round: nothing stands there. */
    public static <T> Seen<T> nothing() {
        return all(List.of());
    }

    /** Each thing changed. */
    public Seen<T> map(UnaryOperator<T> change) {
        return new Seen<>(things.stream().map(change).toList(), isAll);
    }
}
