package itrova.core.fit;

import java.util.List;

/** One check of the trade's list. Implementations are stateless. */
interface Check {
    CheckId id();

    /** Whether the check means anything for this kind of axle end and this kit. */
    default boolean appliesTo(FitCase c) {
        return true;
    }

    /** Judges one side as found, or as worked. */
    Finding judge(FitCase c);

    /** The ways to mend a proven misfit, the one usually taken first, or why they must not be taken; empty where there is none. */
    default List<WorkOffer> remedies(FitCase c) {
        return List.of();
    }
}
