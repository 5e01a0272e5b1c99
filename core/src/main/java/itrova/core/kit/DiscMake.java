package itrova.core.kit;

import java.util.Optional;

/**
 * How a disc is made.
 *
 * @param twoPiece whether ring and hat are bolted together
 * @param directional whether its vanes or slots have a direction of turning, so that left and right differ
 * @param leastThickness thickness it must be replaced at (mm), if stated
 */
public record DiscMake(boolean twoPiece, boolean directional, Optional<Figure> leastThickness) {
    /** One piece, no direction, no least thickness stated. */
    public static final DiscMake PLAIN = new DiscMake(false, false, Optional.empty());
}
