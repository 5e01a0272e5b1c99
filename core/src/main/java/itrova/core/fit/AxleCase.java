package itrova.core.fit;

import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Wheel;
import java.util.List;
import java.util.Optional;

/**
 * What a kit is judged against: both sides of an axle, and its load.
 *
 * @param ends one or two sides
 * @param load load of the axle, if known
 */
public record AxleCase(List<AxleEnd> ends, Optional<AxleLoad> load) {
    /** The axle with another wheel on every end. */
    public AxleCase withWheel(Wheel wheel) {
        return new AxleCase(ends.stream().map(e -> e.withWheel(wheel)).toList(), load);
    }

    public AxleCase {
        ends = List.copyOf(ends);
    }
}
