package itrova.core.kit;

import itrova.core.fastener.Thread;
import java.util.List;
import java.util.Optional;

/**
 * The hydraulic side of a caliper.
 *
 * @param bores piston bores of one side
 * @param nipple where the bleed nipple sits, if the papers say
 * @param port where the hose is screwed in, if the papers say
 * @param handed whether left and right calipers differ
 */
public record CaliperPlumbing(List<PistonBore> bores, Optional<Place> nipple, Optional<Port> port, boolean handed) {
    /** Papers that say nothing of it. */
    public static final CaliperPlumbing UNKNOWN =
            new CaliperPlumbing(List.of(), Optional.empty(), Optional.empty(), false);

    public CaliperPlumbing {
        bores = List.copyOf(bores);
    }

    /**
     * A place on the caliper.
     *
     * @param clock angle counted from the caliper's middle (degrees)
     * @param radius distance from the wheel axis (mm)
     */
    public record Place(double clock, double radius) {}

    /**
     * The hose port.
     *
     * @param thread its thread
     * @param place where it is
     * @param x axial place from the disc's mid-plane (mm), outboard positive
     */
    public record Port(Thread thread, Place place, double x) {}
}
