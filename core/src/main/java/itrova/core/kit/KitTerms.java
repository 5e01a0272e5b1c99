package itrova.core.kit;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What a kit comes with and on which terms.
 *
 * @param box what is in the box, in words
 * @param contents how many of each kind of part are in the box; empty if the papers were not counted yet
 * @param missing what is needed and not in the box
 * @param priceCents price for the axle (cents)
 * @param leadDays working days until it is there
 * @param returnable whether it may be sent back unused
 * @param reversible whether drums can be put back without new parts
 * @param parkingBrake what it offers for parking, in words
 */
public record KitTerms(
        List<String> box,
        Map<PartKind, Integer> contents,
        List<MissingPart> missing,
        long priceCents,
        int leadDays,
        boolean returnable,
        boolean reversible,
        String parkingBrake) {

    public KitTerms {
        box = List.copyOf(box);
        contents = contents.isEmpty() ? Map.of() : java.util.Collections.unmodifiableMap(new EnumMap<>(contents));
        missing = List.copyOf(missing);
    }

    /** Terms whose box was not counted by kind. */
    public KitTerms(
            List<String> box,
            List<MissingPart> missing,
            long priceCents,
            int leadDays,
            boolean returnable,
            boolean reversible,
            String parkingBrake) {
        this(box, Map.of(), missing, priceCents, leadDays, returnable, reversible, parkingBrake);
    }

    /** The same at another price (cents) and in another number of working days. */
    KitTerms offeredAt(long cents, int days) {
        return new KitTerms(box, contents, missing, cents, days, returnable, reversible, parkingBrake);
    }

    /** Sum of what is needed and not in the box (cents). */
    public long missingCents() {
        return missing.stream().mapToLong(MissingPart::totalCents).sum();
    }
}
