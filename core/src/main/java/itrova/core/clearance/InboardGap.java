package itrova.core.clearance;

import itrova.core.geometry.Gap;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Surroundings.Obstacle;

/**
 * A gap between caliper or disc and something that stands still beside it.
 *
 * @param part what comes near: the caliper or the disc
 * @param standing what it comes near to
 * @param gap the gap, x from the bracket face
 * @param size its size with doubt (mm)
 * @param padsWorn whether it is found with worn pads
 */
public record InboardGap(MovingPart part, CaliperBeside.Standing standing, Gap gap, Measured size, boolean padsWorn) {
    /** What is left of it after its doubt (mm). */
    public double left() {
        return size.value() - size.expanded();
    }

    /** The metal it comes near to. */
    public Obstacle obstacle() {
        return standing.obstacle();
    }
}
