package itrova.core.road;

import itrova.core.phrase.Phrase;
import itrova.core.table.Table;
import itrova.core.work.BenchPlan;
import itrova.core.work.StepKind;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Something looked at again after the work, by distance or date, whichever is first.
 *
 * @param id stable name
 * @param what what is looked at
 * @param km distance after which (km); absent if only by date
 * @param days days after which
 * @param when what makes it wanted
 * @param source where it comes from
 */
public record Recheck(String id, Phrase what, OptionalDouble km, int days, When when, String source) {
    /** What makes a look again wanted. */
    public enum When {
        ALWAYS,
        /** A fastener was tightened where no torque wrench reached. */
        MARKED,
        /** Spindles or uprights were changed. */
        SPINDLE,
        /** A bracket was welded. */
        WELDED,
        /** An axle keeps its drums. */
        DRUMS_STAY
    }

    /** How it stands. */
    public enum State {
        AHEAD,
        SOON,
        DUE,
        DONE
    }

    private static final int COLUMNS = 6;
    private static final double SOON_KM = 50;
    private static final int SOON_DAYS = 7;
    private static final List<Recheck> ALL = Table.rows(Recheck.class, "rechecks.psv", COLUMNS).stream()
            .map(c -> new Recheck(
                    c[0],
                    Phrase.of(c[1]),
                    c[2].isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(c[2])),
                    Integer.parseInt(c[3]),
                    When.valueOf(c[4]),
                    c[5]))
            .toList();

    /** What is looked at again where these things hold, the earliest first. */
    public static List<Recheck> of(Set<When> holding) {
        return ALL.stream()
                .filter(r -> r.when() == When.ALWAYS || holding.contains(r.when()))
                .toList();
    }

    /**
     * What holds of a vehicle worked on by these plans.
     *
     * @param isMarked whether something was tightened where no torque wrench reached
     */
    public static Set<When> holding(List<BenchPlan> plans, boolean isMarked) {
        Set<When> holding = EnumSet.of(When.ALWAYS);
        if (isMarked) {
            holding.add(When.MARKED);
        }
        for (BenchPlan plan : plans) {
            if (plan.has(StepKind.ALIGNMENT)) {
                holding.add(When.SPINDLE);
            }
            if (plan.has(StepKind.WELD)) {
                holding.add(When.WELDED);
            }
            if (plan.has(StepKind.ADJUST_DRUMS)) {
                holding.add(When.DRUMS_STAY);
            }
        }
        return holding;
    }

    /** Day on which it is due by date. */
    public LocalDate date(LocalDate start) {
        return start.plusDays(days);
    }

    /** Odometer at which it is due (km); absent where only the date counts or the odometer at the start is not known. */
    public OptionalDouble odometer(OptionalDouble start) {
        return km.isPresent() && start.isPresent()
                ? OptionalDouble.of(start.getAsDouble() + km.getAsDouble())
                : OptionalDouble.empty();
    }

    /**
     * How it stands while it is not done.
     *
     * @param start day of the first drive
     * @param startKm odometer then
     * @param nowKm odometer as last told
     */
    public State state(LocalDate start, OptionalDouble startKm, LocalDate today, OptionalDouble nowKm) {
        OptionalDouble at = odometer(startKm);
        boolean isKnown = at.isPresent() && nowKm.isPresent();
        if (!today.isBefore(date(start)) || isKnown && nowKm.getAsDouble() >= at.getAsDouble()) {
            return State.DUE;
        }
        boolean isSoon = !today.isBefore(date(start).minusDays(SOON_DAYS))
                || isKnown && nowKm.getAsDouble() >= at.getAsDouble() - SOON_KM;
        return isSoon ? State.SOON : State.AHEAD;
    }
}
