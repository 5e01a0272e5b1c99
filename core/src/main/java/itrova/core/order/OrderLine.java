package itrova.core.order;

import itrova.core.phrase.Phrase;

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
 */
public record OrderLine(
        Kind kind, String supplier, Phrase item, int quantity, long unitCents, int leadDays, String remark) {
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
