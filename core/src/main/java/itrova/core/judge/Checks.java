package itrova.core.judge;

import itrova.core.check.Check;
import itrova.core.check.clearance.ClearanceChecks;
import itrova.core.check.completeness.CompletenessChecks;
import itrova.core.check.load.LoadChecks;
import itrova.core.check.mounting.MountingChecks;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.placed.KitOnSide;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** All checks, in the order of the trade's list. */
public final class Checks {
    public static final List<Check> ALL = Stream.of(
                    MountingChecks.ALL, ClearanceChecks.ALL, LoadChecks.ALL, CompletenessChecks.ALL)
            .flatMap(List::stream)
            .sorted(Comparator.comparing(Check::id))
            .toList();

    /** Worked out for every kit. */
    public static final List<Check> QUICK =
            ALL.stream().filter(c -> !c.isCostly()).toList();

    /** The quick ones that decide a kit's verdict. */
    static final List<Check> CRITICAL =
            QUICK.stream().filter(c -> c.id().isCritical()).toList();

    /** What rules most kits of a large catalogue out, and costs least. */
    static final List<Check> NARROWING = QUICK.stream()
            .filter(c -> Set.of(CheckId.PATTERN, CheckId.BRACKET, CheckId.LOAD, CheckId.AXLE_OFFSET)
                    .contains(c.id()))
            .toList();

    private static final Map<CheckId, Check> BY_ID = byId();

    private Checks() {}

    private static Map<CheckId, Check> byId() {
        Map<CheckId, Check> byId = new EnumMap<>(CheckId.class);
        ALL.forEach(c -> byId.put(c.id(), c));
        return byId;
    }

    public static Check of(CheckId id) {
        return BY_ID.get(id);
    }

    /** What the checks that make sense here find, in their order. */
    public static List<Finding> judge(List<Check> checks, KitOnSide c) {
        List<Finding> findings = new ArrayList<>(checks.size());
        for (Check check : checks) {
            if (check.appliesTo(c)) {
                findings.add(check.judge(c));
            }
        }
        return findings;
    }
}
