package itrova.core.brakes;

import itrova.core.quantity.Measured;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * One quantity's share of the doubt of an answer.
 *
 * @param at the quantity
 * @param share of the variance, 0 to 1
 */
public record DoubtShare(QuantityAt at, double share) {
    /** The quantities an answer's doubt comes from, the largest first; empty where it has no doubt or one without bound. */
    public static List<DoubtShare> of(Measured answer) {
        double whole = answer.u() * answer.u();
        if (!(whole > 0) || !Double.isFinite(whole)) {
            return List.of();
        }
        return answer.components().stream()
                .flatMap(c -> c.source() instanceof QuantityAt at
                        ? Stream.of(new DoubtShare(at, c.effect() * c.effect() / whole))
                        : Stream.empty())
                .sorted(Comparator.comparingDouble(DoubtShare::share).reversed())
                .toList();
    }
}
