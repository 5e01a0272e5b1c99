package itrova.core.kit;

import java.util.Optional;

/**
 * A part the job needs and the kit does not bring.
 *
 * @param name what it is
 * @param quantity how many for one axle
 * @param unitCents price of one (cents)
 * @param supplier who sells it
 * @param leadDays working days until it is there
 * @param kind which kind of part it is, if it is one of the list
 */
public record MissingPart(
        String name, int quantity, long unitCents, String supplier, int leadDays, Optional<PartKind> kind) {

    /** A part that is none of the list. */
    public MissingPart(String name, int quantity, long unitCents, String supplier, int leadDays) {
        this(name, quantity, unitCents, supplier, leadDays, Optional.empty());
    }

    /** Quantity times price (cents). */
    public long totalCents() {
        return Math.multiplyExact(quantity, unitCents);
    }
}
