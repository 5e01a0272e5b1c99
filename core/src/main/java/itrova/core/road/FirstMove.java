package itrova.core.road;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.table.Table;
import java.util.List;

/**
 * A move of the vehicle that tries its brakes, in the order in which trust grows.
 *
 * @param id stable name
 * @param title short
 * @param text what to do
 * @param caution what can hurt someone
 * @param isAfterBedding whether the brakes are bedded in first
 * @param source where it comes from
 */
public record FirstMove(
        String id, Phrase title, Phrase text, Phrase caution, Whose whose, boolean isAfterBedding, String source) {
    /** Which vehicles a move is for. */
    public enum Whose {
        BOTH,
        DRIVEN,
        TRAILER
    }

    private static final int COLUMNS = 8;
    private static final List<FirstMove> ALL = Table.rows(FirstMove.class, "first-moves.psv", COLUMNS).stream()
            .map(c -> new FirstMove(
                    c[0],
                    Phrase.of(c[1]),
                    text(c[2], c[6]),
                    Phrase.of(c[3]),
                    Whose.valueOf(c[4]),
                    c[5].equals("yes"),
                    c[7]))
            .toList();

    private static Phrase text(String code, String speed) {
        return speed.isEmpty()
                ? Phrase.of(code)
                : Phrase.of(code, Amount.kilometresPerHour(Double.parseDouble(speed), 0));
    }

    /** The moves of a vehicle, in their order. */
    public static List<FirstMove> of(boolean isTrailer) {
        return ALL.stream()
                .filter(m -> m.whose() == Whose.BOTH || (m.whose() == Whose.TRAILER) == isTrailer)
                .toList();
    }
}
