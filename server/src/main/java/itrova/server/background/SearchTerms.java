package itrova.server.background;

import itrova.core.remedy.WorkKind;
import jakarta.validation.constraints.NotNull;
import java.util.Set;

/**
 * What a search is asked for.
 *
 * @param centsPerDay what a day sooner is worth (cents)
 * @param centsPerHour what an hour less work is worth (cents)
 * @param centsPerIrreversible what being able to go back is worth (cents)
 * @param otherWheels whether wheels of the parts wall may go on
 * @param forbidden work that may not be done
 */
public record SearchTerms(
        long centsPerDay,
        long centsPerHour,
        long centsPerIrreversible,
        boolean otherWheels,
        @NotNull Set<@NotNull WorkKind> forbidden) {
    public SearchTerms {
        forbidden = forbidden == null ? null : Set.copyOf(forbidden);
    }
}
