package itrova.server.match;

import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.judge.Matcher;
import itrova.core.judge.Rank;
import itrova.core.kit.Kit;
import itrova.server.match.MatchRows.RowView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;

/**
 * The kits of one state of an axle, judged: all of them quickly and the best of them wholly before anything is shown, the rest as
 * time allows. Other threads may read while one goes on. Of most kits only the row is kept, not the report.
 */
public final class MatchSnapshot {
    /** So many of the best are judged wholly at once: in a common catalogue all. */
    static final int AT_ONCE = 256;
    /** After so many more the rows are put in order again. */
    private static final int AT_A_TIME = 128;

    private final String stamp;
    private final Matcher judging;
    private final List<KitReport> best;
    private List<Placed> placed;
    private List<Kit> left;
    private volatile List<RowView> rows;
    private volatile int unfinished;
    private volatile boolean isDropped;

    /** A row where it stands; it stands as not proven while not everything was looked at. */
    private record Placed(RowView row, Rank rank) {
        static Placed finished(KitReport report) {
            return new Placed(MatchRows.finished(report), report.rank());
        }
    }

    private record Quick(Kit kit, RowView row, Rank rank) {
        static Quick of(KitReport report) {
            return new Quick(report.kit(), MatchRows.unfinished(report), report.rank());
        }

        Placed placed() {
            return new Placed(row, rank.with(row.verdict()));
        }
    }

    /**
     * Judges all quickly and the best wholly.
     *
     * @param isOvertaken asked kit by kit: whether nobody wants this state any more
     * @throws java.util.concurrent.CancellationException once nobody does
     */
    MatchSnapshot(String stamp, Matcher judging, List<Kit> kits, BooleanSupplier isOvertaken) {
        this.stamp = stamp;
        this.judging = judging;
        List<Quick> quick = judging.quick(kits, report -> wanted(Quick.of(report), isOvertaken)).stream()
                .sorted(Comparator.comparing(Quick::rank))
                .toList();
        int now = Math.min(AT_ONCE, quick.size());
        best = quick.subList(0, now).parallelStream()
                .map(q -> wanted(judging.whole(q.kit()), isOvertaken))
                .sorted(KitReport.BEST_FIRST)
                .toList();
        List<Placed> all = new ArrayList<>(quick.size());
        best.forEach(r -> all.add(Placed.finished(r)));
        List<Quick> later = quick.subList(now, quick.size());
        later.forEach(q -> all.add(q.placed()));
        left = later.stream().filter(q -> q.row().awaitsSweep()).map(Quick::kit).toList();
        unfinished = left.size();
        placed = inOrder(all);
        rows = rows(placed);
    }

    private static <T> T wanted(T made, BooleanSupplier isOvertaken) {
        if (isOvertaken.getAsBoolean()) {
            throw new CancellationException("overtaken");
        }
        return made;
    }

    private static List<Placed> inOrder(List<Placed> all) {
        return all.stream().sorted(Comparator.comparing(Placed::rank)).toList();
    }

    private static List<RowView> rows(List<Placed> placed) {
        return placed.stream().map(Placed::row).toList();
    }

    /** Judges what is left wholly, best first; ends early when what was judged is dropped. For one thread. */
    public void goOn() {
        for (int from = 0; from < left.size(); from += AT_A_TIME) {
            Map<String, Placed> done = new HashMap<>();
            for (Kit kit : left.subList(from, Math.min(left.size(), from + AT_A_TIME))) {
                if (isDropped) {
                    return;
                }
                done.put(kit.code(), Placed.finished(judging.whole(kit)));
            }
            placed = inOrder(placed.stream()
                    .map(p -> done.getOrDefault(p.rank().code(), p))
                    .toList());
            rows = rows(placed);
            unfinished = left.size() - Math.min(left.size(), from + AT_A_TIME);
        }
        left = List.of();
    }

    /** Nobody will look at it again. */
    public void drop() {
        isDropped = true;
    }

    /** Changes whenever a row could, but for kits going from not yet to wholly judged. */
    public String stamp() {
        return stamp;
    }

    /** All rows, best first. */
    public List<RowView> rows() {
        return rows;
    }

    /** How many kits are not yet looked at lock to lock and over the travel. */
    public int unfinished() {
        return unfinished;
    }

    /** Whole reports of the kits that stood best by what is quick, best first. */
    public List<KitReport> best() {
        return best;
    }

    /** How many kits have each verdict. */
    public Map<Verdict, Integer> counts() {
        Map<Verdict, Integer> counts = new EnumMap<>(Verdict.class);
        for (Verdict v : Verdict.values()) {
            counts.put(v, 0);
        }
        rows.forEach(r -> counts.merge(r.verdict(), 1, Integer::sum));
        return counts;
    }
}
