package itrova.core.order;

import itrova.core.kit.PartKind;
import itrova.core.phrase.Phrase;
import java.util.Optional;

/**
 * One line of an order sheet.
 *
 * @param kind kit, part or outside work
 * @param supplier from whom, or who does the work
 * @param item what
 * @param quantity how many
 * @param unitCents price of one (cents)
 * @param leadDays working days until it is there or done
 * @param remark what to watch
 * @param part which of the listed parts it is, if it is one
 */
public record OrderLine(
        Kind kind,
        String supplier,
        Phrase item,
        int quantity,
        long unitCents,
        int leadDays,
        Phrase remark,
        Optional<PartKind> part) {
    /** A line for something that is none of the listed parts. */
    public OrderLine(
            Kind kind, String supplier, Phrase item, int quantity, long unitCents, int leadDays, Phrase remark) {
        this(kind, supplier, item, quantity, unitCents, leadDays, remark, Optional.empty());
    }

    /** The line when it is bought with another axle: nothing more is wanted. */
    OrderLine boughtWith(String axle) {
        return new OrderLine(
                kind, supplier, item, 0, unitCents, 0, Phrase.of("order.one-serves-the-vehicle", axle), part);
    }

    /** The line when the plan of the brakes brings another part in its place. */
    OrderLine replacedBy(String code) {
        return new OrderLine(
                kind, supplier, item, 0, unitCents, 0, Phrase.of("order.planned-in-its-place", code), part);
    }

    /** What sort of line it is. */
    public enum Kind {
        KIT,
        PART,
        WORK
    }

    /** Quantity times price (cents). */
    public long totalCents() {
        return Math.multiplyExact(quantity, unitCents);
    }
}
