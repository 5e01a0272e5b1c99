package itrova.core.remedy;

import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Optional;

/** Work that might mend a misfit, or the reason it is refused. */
public record WorkOffer(Optional<Work> work, String refusal, List<Callout> wanted) {
    public static WorkOffer of(Work work) {
        return new WorkOffer(Optional.of(work), "", List.of());
    }

    public static WorkOffer refused(String reason) {
        return new WorkOffer(Optional.empty(), reason, List.of());
    }

    /** Work that cannot be judged before more is read. */
    public static WorkOffer wanting(String reason, List<Callout> wanted) {
        return new WorkOffer(Optional.empty(), reason, wanted);
    }
}
