package itrova.core.judge;

import itrova.core.check.Check;
import itrova.core.check.completeness.ReversibleCheck;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Finds the work that makes one side fit.
 *
 * <p>Work begins with what is proven not to fit as found. One piece of work may call for another, as a spacer calls for longer
 * studs; so all is judged again after each round. Nothing that was proven or open before may be worse afterwards.
 */
public final class Mending {
    /** Work that calls for work that calls for work: further rounds are refused as not worth a mechanic's trust. */
    private static final int ROUNDS = 3;

    private final List<Check> checks;
    private final Map<CheckId, Work> works = new EnumMap<>(CheckId.class);
    private final Map<CheckId, List<Work>> alternatives = new EnumMap<>(CheckId.class);
    /** Checks for which no work was allowed when they were looked at; other work never makes it allowed. */
    private final Set<CheckId> hopeless = EnumSet.noneOf(CheckId.class);

    /** Checks not proven as found: they stay so, whatever other work makes of them. */
    private final Set<CheckId> unproven = EnumSet.noneOf(CheckId.class);

    private final Map<CheckId, WorkOffer> refusals = new EnumMap<>(CheckId.class);
    private final Chooser chooser;
    private final Set<WorkKind> forbidden;

    private Mending(List<Check> checks, Chooser chooser, Set<WorkKind> forbidden) {
        this.checks = checks;
        this.chooser = chooser;
        this.forbidden = forbidden;
    }

    /**
     * One side, mended where it can be.
     *
     * @param findings the findings, with work or the reason it is refused
     * @param alternatives checks for which more than one work is allowed
     */
    public record Result(List<Finding> findings, Map<CheckId, List<Work>> alternatives) {}

    /** Mends a side with the work usually taken. */
    public static Result byDefault(List<Check> checks, KitOnSide asFound) {
        return choosing(checks, asFound, (check, allowed) -> allowed.get(0), Set.of());
    }

    /** Takes one of the works allowed for a check. */
    @FunctionalInterface
    public interface Chooser {
        Work taken(CheckId check, List<Work> allowed);
    }

    /**
     * Mends a side.
     *
     * @param chooser for a check, which of the works allowed is taken
     * @param forbidden work that may not be done
     */
    public static Result choosing(List<Check> checks, KitOnSide asFound, Chooser chooser, Set<WorkKind> forbidden) {
        List<Finding> before = Checks.judge(checks, asFound);
        boolean misfit = false;
        for (Finding f : before) {
            misfit |= f.verdict() == Verdict.DOES_NOT_FIT;
        }
        if (!misfit) {
            return new Result(before, Map.of());
        }
        Mending mending = new Mending(checks, chooser, forbidden);
        List<Finding> after = mending.work(asFound, before);
        return new Result(mending.wayBack(asFound, mending.told(before, after)), mending.alternatives);
    }

    /** Findings after all work. */
    private List<Finding> work(KitOnSide asFound, List<Finding> before) {
        KitOnSide worked = asFound;
        before.stream()
                .filter(f -> f.verdict() == Verdict.NOT_PROVEN)
                .map(Finding::check)
                .forEach(unproven::add);
        List<Finding> now = before;
        for (int round = 0; round < ROUNDS; round++) {
            KitOnSide next = worked;
            for (Finding f : now) {
                boolean isOpen =
                        !works.containsKey(f.check()) && !hopeless.contains(f.check()) && !unproven.contains(f.check());
                if (f.verdict() == Verdict.DOES_NOT_FIT && isOpen) {
                    List<Work> allowed = allowed(f.check(), worked);
                    if (!allowed.isEmpty()) {
                        Work taken = chooser.taken(f.check(), allowed);
                        works.put(f.check(), taken);
                        next = taken.applyTo(next);
                    } else {
                        hopeless.add(f.check());
                    }
                }
            }
            if (next == worked) {
                break;
            }
            worked = next;
            now = Checks.judge(checks, worked);
        }
        return now;
    }

    private List<Work> allowed(CheckId id, KitOnSide c) {
        List<WorkOffer> offers = Checks.of(id).remedies(c);
        List<Work> allowed = offers.stream()
                .flatMap(o -> o.work().stream())
                .filter(w -> !forbidden.contains(w.kind()))
                .map(w -> w.in(c.settings()))
                .sorted(Comparator.comparing(
                        w -> c.goesBack() && w.kind().isOnVehicle() && !w.kind().isReversible()))
                .toList();
        if (allowed.size() > 1) {
            alternatives.put(id, allowed);
        }
        if (allowed.isEmpty() && !offers.isEmpty()) {
            refusals.putIfAbsent(
                    id,
                    WorkOffer.wanting(
                            offers.stream().map(WorkOffer::refusal).collect(Phrase.joining(" ")),
                            offers.stream().flatMap(o -> o.wanted().stream()).toList()));
        }
        return allowed;
    }

    /** Work that cannot be undone stands in the way of an owner who wants to go back to drums. */
    private List<Finding> wayBack(KitOnSide asFound, List<Finding> told) {
        List<Work> done = told.stream().flatMap(f -> f.work().stream()).toList();
        return asFound.goesBack() && !done.isEmpty()
                ? told.stream()
                        .map(f -> f.check() == CheckId.REVERSIBLE ? ReversibleCheck.judge(asFound, done) : f)
                        .toList()
                : told;
    }

    private List<Finding> told(List<Finding> before, List<Finding> after) {
        List<Finding> told = new ArrayList<>(before.size());
        Phrase spoiled = spoiled(before, after);
        for (int i = 0; i < before.size(); i++) {
            Finding f = before.get(i);
            Work work = works.get(f.check());
            if (work == null) {
                WorkOffer refusal = refusals.get(f.check());
                boolean refused = refusal != null && f.verdict() == Verdict.DOES_NOT_FIT;
                told.add(refused ? f.refusing(refusal.refusal(), refusal.wanted()) : f);
            } else if (!spoiled.isEmpty()) {
                told.add(f.verdict() == Verdict.DOES_NOT_FIT ? f.refusing(spoiled, List.of()) : f);
            } else if (after.get(i).verdict() == Verdict.FITS) {
                told.add(f.mendedBy(work, after.get(i).margin()));
            } else {
                told.add(f.refusing(Phrase.of("mending.usual-work-would-not-prove"), List.of()));
            }
        }
        return told;
    }

    /** Why the work may not be done at all: the first check it would leave worse than before; empty if none. */
    private static Phrase spoiled(List<Finding> before, List<Finding> after) {
        for (int i = 0; i < before.size(); i++) {
            boolean worse =
                    after.get(i).verdict().ordinal() > before.get(i).verdict().ordinal();
            if (worse) {
                return Phrase.of("mending.work-would-take-spoils", before.get(i).check());
            }
        }
        return Phrase.NOTHING;
    }
}
