package itrova.core.judge;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Which kind of work is taken where a misfit can be mended in more than one way.
 *
 * @param bySide for each side, the kind of work picked for a check; what is not named takes the usual work
 */
public record WorkPicks(Map<Side, Map<CheckId, WorkKind>> bySide) {
    /** Nothing picked: the usual work everywhere. */
    public static final WorkPicks USUAL = new WorkPicks(Map.of());

    public WorkPicks {
        Map<Side, Map<CheckId, WorkKind>> copy = new EnumMap<>(Side.class);
        bySide.forEach((side, picks) -> copy.put(side, Map.copyOf(picks)));
        bySide = Map.copyOf(copy);
    }

    /** The work a report was proven with. */
    public static WorkPicks of(KitReport report) {
        Map<Side, Map<CheckId, WorkKind>> picked = new EnumMap<>(Side.class);
        for (Finding f : report.findings()) {
            f.work().ifPresent(w -> picked.computeIfAbsent(f.side(), s -> new EnumMap<>(CheckId.class))
                    .put(f.check(), w.kind()));
        }
        return new WorkPicks(picked);
    }

    /** The work taken of those allowed; what was picked but is not allowed any more gives way to the usual. */
    Work taken(Side side, CheckId check, List<Work> allowed) {
        WorkKind wanted = bySide.getOrDefault(side, Map.of()).get(check);
        return allowed.stream().filter(w -> w.kind() == wanted).findFirst().orElse(allowed.get(0));
    }
}
