package itrova.core.schedule;

import itrova.core.table.Table;
import itrova.core.work.StepKind;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a shop has few of and a step takes for itself. */
public enum Station {
    PRESS,
    WELDER;

    private static final Map<StepKind, Station> BY_STEP = Table.rows(Station.class, "stations.psv", 2).stream()
            .collect(Collectors.toMap(c -> StepKind.of(c[0]).orElseThrow(), c -> valueOf(c[1])));

    /** The station a kind of step takes. */
    public static Optional<Station> of(StepKind step) {
        return Optional.ofNullable(BY_STEP.get(step));
    }
}
