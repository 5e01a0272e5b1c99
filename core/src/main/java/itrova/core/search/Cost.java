package itrova.core.search;

import itrova.core.remedy.Work;

/**
 * What a combination costs in full: kit, options, parts not in the box, wheels, work.
 *
 * @param cents money (cents)
 * @param leadDays working days until the last part is there or the last outside work done
 * @param minutes work besides the fitting itself (min)
 * @param irreversible pieces of work that cannot be undone, and one more if the kit itself cannot be taken off again
 */
public record Cost(long cents, int leadDays, int minutes, int irreversible) {
    Cost plus(Cost other) {
        return new Cost(
                cents + other.cents,
                Math.max(leadDays, other.leadDays),
                minutes + other.minutes,
                irreversible + other.irreversible);
    }

    static Cost of(Work work) {
        return new Cost(
                work.terms().cents(),
                work.terms().days(),
                work.terms().minutes(),
                work.kind().isReversible() ? 0 : 1);
    }

    /** Whether this is no worse in anything. */
    boolean covers(Cost other) {
        return cents <= other.cents
                && leadDays <= other.leadDays
                && minutes <= other.minutes
                && irreversible <= other.irreversible;
    }
}
