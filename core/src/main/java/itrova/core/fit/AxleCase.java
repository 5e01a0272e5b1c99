package itrova.core.fit;

import itrova.core.quantity.Measured;
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
 * @param spacer spacer between disc and wheel (mm); 0 unless one is thought of
 */
public record AxleCase(List<AxleEnd> ends, Optional<AxleLoad> load, Measured spacer) {
    /** An axle without spacers. */
    public AxleCase(List<AxleEnd> ends, Optional<AxleLoad> load) {
        this(ends, load, Measured.exact(0));
    }

    /** The axle with a spacer between disc and wheel on both sides (mm). */
    public AxleCase withSpacer(Measured thickness) {
        return new AxleCase(ends, load, thickness);
    }

    /** The axle with another wheel on every end. */
    public AxleCase withWheel(Wheel wheel) {
        return new AxleCase(ends.stream().map(e -> e.withWheel(wheel)).toList(), load, spacer);
    }

    public AxleCase {
        ends = List.copyOf(ends);
    }
}
