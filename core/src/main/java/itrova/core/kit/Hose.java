package itrova.core.kit;

import itrova.core.fastener.Thread;

/**
 * A flexible hose of a kit.
 *
 * @param length free length between its ends (mm)
 * @param outside outside diameter (mm)
 * @param leastBend least bend radius its maker allows (mm)
 * @param chassisEnd thread at the vehicle's end
 * @param caliperEnd thread at the caliper's end
 */
public record Hose(Figure length, double outside, double leastBend, Thread chassisEnd, Thread caliperEnd) {
    /** Least bend radius taken when the maker states none, in outside diameters; common practice. */
    public static final double USUAL_BEND = 5;

    /** The hose in another length. */
    public Hose withLength(Figure other) {
        return new Hose(other, outside, leastBend, chassisEnd, caliperEnd);
    }
}
