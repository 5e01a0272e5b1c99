package itrova.core.kit;

import java.util.List;

/**
 * What a kit comes with and on which terms.
 *
 * @param box what is in the box
 * @param missing what is needed and not in the box
 * @param priceCents price for the axle (cents)
 * @param leadDays working days until it is there
 * @param returnable whether it may be sent back unused
 * @param reversible whether drums can be put back without new parts
 * @param parkingBrake what it offers for parking, in words
 */
public record KitTerms(
        List<String> box,
        List<MissingPart> missing,
        long priceCents,
        int leadDays,
        boolean returnable,
        boolean reversible,
        String parkingBrake) {

    public KitTerms {
        box = List.copyOf(box);
        missing = List.copyOf(missing);
    }
}
