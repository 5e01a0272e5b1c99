package itrova.server.choose;

import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.judge.Matcher;
import itrova.core.judge.Rank;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What changes for the kits of a catalogue when an axle is thought to be different. */
public final class WhatIfDifferences {
    /** So many of the best, before and after, are also looked at lock to lock and over the travel. */
    private static final int LOOKED_AT_WHOLLY = 256;
    /** More rows than this are not sent. */
    private static final int MOST_ROWS = 200;

    private WhatIfDifferences() {}

    public record ChangedRow(String code, String name, Verdict before, Verdict after, List<String> differences) {}

    public record CountChange(Verdict verdict, int before, int after) {}

    /**
     * The differences.
     *
     * @param counts kits by verdict, before and after
     * @param changed kits for which something changes, best first; no more than fit a page
     * @param notShown kits for which something changes and that are not among them
     * @param unchanged kits for which nothing changes
     * @param quickOnly kits compared without lock and travel, for there are too many
     */
    public record WhatIfView(
            List<CountChange> counts, List<ChangedRow> changed, int notShown, int unchanged, int quickOnly) {}

    public static WhatIfView between(
            AxleCase recorded, AxleCase thought, List<Kit> kits, ShopSettings settings, Wording wording) {
        Matcher asRecorded = Matcher.of(recorded, settings);
        Matcher asThought = Matcher.of(thought, settings);
        List<Compared> quickBefore = quick(asRecorded, kits);
        List<Compared> quickAfter = quick(asThought, kits);
        Set<String> wholly = new HashSet<>();
        List.of(quickBefore, quickAfter).forEach(quick -> quick.stream()
                .limit(LOOKED_AT_WHOLLY)
                .forEach(c -> wholly.add(c.kit().code())));
        Map<String, Compared> before = finished(asRecorded, quickBefore, wholly).stream()
                .collect(Collectors.toMap(c -> c.kit().code(), Function.identity()));
        List<Compared> after = finished(asThought, quickAfter, wholly);
        List<ChangedRow> rows = new ArrayList<>();
        for (Compared now : after) {
            Compared then = before.get(now.kit().code());
            List<String> differences = differences(then, now, wording);
            if (then.verdict() != now.verdict() || !differences.isEmpty()) {
                rows.add(
                        new ChangedRow(now.kit().code(), now.kit().name(), then.verdict(), now.verdict(), differences));
            }
        }
        int shown = Math.min(MOST_ROWS, rows.size());
        return new WhatIfView(
                Arrays.stream(Verdict.values())
                        .map(v -> new CountChange(v, count(before.values(), v), count(after, v)))
                        .toList(),
                rows.subList(0, shown),
                rows.size() - shown,
                after.size() - rows.size(),
                (int) after.stream().filter(Compared::isUnfinished).count());
    }

    /** One check on one side. */
    private record Place(CheckId check, Side side) {}

    /** A kit as far as it was judged: what was not looked at lock to lock and over the travel is not proven. */
    private record Compared(Kit kit, Rank rank, boolean isUnfinished, Map<Place, Verdict> found) {
        static Compared of(KitReport report, boolean isUnfinished) {
            Map<Place, Verdict> found = new LinkedHashMap<>();
            report.findings().forEach(f -> found.put(new Place(f.check(), f.side()), f.verdict()));
            return new Compared(report.kit(), report.rank(), isUnfinished, found);
        }

        Verdict verdict() {
            return isUnfinished ? rank.verdict().worst(Verdict.NOT_PROVEN) : rank.verdict();
        }
    }

    private static List<Compared> quick(Matcher judging, List<Kit> kits) {
        return judging.quick(kits, r -> Compared.of(r, Matcher.isUnfinished(r))).stream()
                .sorted(Comparator.comparing(Compared::rank))
                .toList();
    }

    private static List<Compared> finished(Matcher judging, List<Compared> quick, Set<String> wholly) {
        return quick.parallelStream()
                .map(c -> c.isUnfinished() && wholly.contains(c.kit().code())
                        ? Compared.of(judging.whole(c.kit()), false)
                        : c)
                .sorted(Comparator.comparing(c -> c.rank().with(c.verdict())))
                .toList();
    }

    private static int count(Collection<Compared> all, Verdict verdict) {
        return (int) all.stream().filter(c -> c.verdict() == verdict).count();
    }

    /** Checks whose verdict differs, in words. */
    private static List<String> differences(Compared then, Compared now, Wording wording) {
        List<String> differences = new ArrayList<>();
        now.found().forEach((place, verdict) -> {
            Verdict was = then.found().get(place);
            if (was != null && was != verdict) {
                differences.add(wording.title(place.check()) + ", "
                        + place.side().word() + ": " + was.word() + " → " + verdict.word());
            }
        });
        return differences;
    }
}
