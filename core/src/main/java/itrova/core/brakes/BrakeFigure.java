package itrova.core.brakes;

import itrova.core.quantity.Measured;
import java.util.Optional;
import java.util.Set;

/**
 * One figure of a vehicle's brakes.
 *
 * @param kind what it is
 * @param value absent where something is missing
 * @param missing what must be read or told first
 * @param assumed what was taken from the table of usual values
 */
public record BrakeFigure(
        BrakeFigureKind kind, Optional<Measured> value, Set<QuantityAt> missing, Set<QuantityAt> assumed) {
    /** The quantity most of the doubt comes from, if one is known. */
    public Optional<QuantityAt> mostDoubtful() {
        return mostDoubtful(value);
    }

    static Optional<QuantityAt> mostDoubtful(Optional<Measured> value) {
        return value.flatMap(Measured::largest)
                .map(c -> c.source())
                .flatMap(s -> s instanceof QuantityAt at ? Optional.of(at) : Optional.empty());
    }
}
