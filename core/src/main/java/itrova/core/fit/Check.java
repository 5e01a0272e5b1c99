package itrova.core.fit;

import java.util.Optional;

/** One check of the trade's list. Implementations are stateless. */
interface Check {
    CheckId id();

    /** Whether the check means anything for this kind of axle end. */
    default boolean appliesTo(FitCase c) {
        return true;
    }

    /** Judges one side as found, or as worked. */
    Finding judge(FitCase c);

    /** The work that would mend a proven misfit, or why it must not be done; absent where there is none. */
    default Optional<WorkOffer> remedy(FitCase c) {
        return Optional.empty();
    }
}
