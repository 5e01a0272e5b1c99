package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Optional;

/** Work that might mend a misfit, or the reason it is refused. */
public record WorkOffer(Optional<Work> work, Phrase refusal, List<Callout> wanted) {
    public static WorkOffer of(Work work) {
        return new WorkOffer(Optional.of(work), Phrase.NOTHING, List.of());
    }

    public static WorkOffer refused(Phrase reason) {
        return new WorkOffer(Optional.empty(), reason, List.of());
    }

    /** Work that cannot be judged before more is read. */
    public static WorkOffer wanting(Phrase reason, List<Callout> wanted) {
        return new WorkOffer(Optional.empty(), reason, wanted);
    }
}
