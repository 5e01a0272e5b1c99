package itrova.core.fit;

import java.util.Optional;

/** Work that might mend a misfit, or the reason it is refused. */
record WorkOffer(Optional<Work> work, String refusal) {
    static WorkOffer of(Work work) {
        return new WorkOffer(Optional.of(work), "");
    }

    static WorkOffer refused(String reason) {
        return new WorkOffer(Optional.empty(), reason);
    }
}
