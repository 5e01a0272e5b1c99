package itrova.core.bench;

import java.util.OptionalDouble;

/**
 * A reading wanted at a hold, with the limits in force for it.
 *
 * @param kind what is read
 * @param min least that may be, in the kind's unit, if there is a least
 * @param max most that may be, if there is a most
 * @param source where the limits come from
 */
public record HoldWanted(HoldKind kind, OptionalDouble min, OptionalDouble max, String source) {
    private static final String PAPERS = "the kit's papers";

    /** By common practice. */
    public static HoldWanted byDefault(HoldKind kind) {
        return new HoldWanted(kind, kind.min(), kind.max(), kind.source());
    }

    /** By the kit's papers, which win over practice. */
    public static HoldWanted byPapers(HoldKind kind, OptionalDouble min, OptionalDouble max) {
        return new HoldWanted(kind, min, max, PAPERS);
    }
}
