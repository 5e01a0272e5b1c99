package itrova.core.fit;

import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import java.util.List;
import java.util.Optional;

/**
 * What a kit is judged against: both sides of an axle, and its load.
 *
 * @param ends one or two sides
 * @param load load of the axle, if known
 */
public record AxleCase(List<AxleEnd> ends, Optional<AxleLoad> load) {
    public AxleCase {
        ends = List.copyOf(ends);
    }
}
