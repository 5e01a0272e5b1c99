package itrova.core.schedule;

import itrova.core.table.Table;
import itrova.core.vehicle.Side;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a shop has few of and a step takes for itself. */
public enum Station {
    PRESS,
    WELDER;

    private static final Map<String, Station> BY_STEP = Table.rows(Station.class, "stations.psv", 2).stream()
            .collect(Collectors.toMap(c -> c[0], c -> valueOf(c[1])));

    /** The station a step takes, by its id. */
    public static Optional<Station> of(String stepId) {
        String key = Arrays.stream(Side.values())
                .map(s -> s.word() + "-")
                .filter(stepId::startsWith)
                .findFirst()
                .map(side -> stepId.substring(side.length()))
                .orElse(stepId);
        return Optional.ofNullable(BY_STEP.get(key));
    }
}
