package itrova.core.kit;

import itrova.core.fastener.Thread;
import java.util.Optional;

/**
 * What a kit puts on the bolts of a housing end besides its bracket.
 *
 * @param retainer thickness of its own bearing retainer (mm); absent if the old one is used again
 * @param standIn thickness of the plate that stands in for the old backing plate (mm); absent if there is none
 * @param backingPlateStays whether the old backing plate stays under the bracket
 * @param bolts bolts it brings; absent if the old T-bolts are used again
 */
public record HousingStack(
        Optional<Figure> retainer, Optional<Figure> standIn, boolean backingPlateStays, Optional<Bolts> bolts) {
    /** Papers that say nothing: the old retainer and T-bolts are used, the backing plate goes. */
    public static final HousingStack PLAIN =
            new HousingStack(Optional.empty(), Optional.empty(), false, Optional.empty());

    /**
     * Bolts of a kit.
     *
     * @param thread their thread
     * @param length free length from the housing face to their end (mm)
     */
    public record Bolts(Thread thread, Figure length) {}
}
