package itrova.core.check;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.remedy.WorkOffer;
import java.util.List;
import java.util.Set;

/** One question asked of a kit on one side: a pure function, safe to be asked by many threads. */
public interface Check {
    /** Which question. */
    CheckId id();

    /** The parts of the kit it reads, of those an option can change: with the same parts it gives the same answer. */
    Set<KitPart> reads();

    /** Whether it takes so long that only kits nothing quicker rules out are asked. */
    default boolean isCostly() {
        return false;
    }

    /** Whether the question makes sense here. */
    default boolean appliesTo(KitOnSide c) {
        return true;
    }

    /** The answer; never thrown, however bad the kit is. */
    Finding judge(KitOnSide c);

    /** Work that might mend a misfit, best first, or why it is refused; empty if no work helps. */
    default List<WorkOffer> remedies(KitOnSide c) {
        return List.of();
    }
}
