package itrova.core.kit;

import itrova.core.vehicle.BracketShape;
import java.util.Optional;

/**
 * The bracket that carries the caliper on the axle end's fixed face.
 *
 * @param shape how its bolt holes lie
 * @param count number of bolt holes
 * @param across hole spacing level with the road (mm), for a rectangle
 * @param up hole spacing up and down (mm), for a rectangle
 * @param circle bolt circle (mm), for a circle
 * @param hole hole diameter (mm)
 * @param bolt diameter of the bolts used (mm)
 * @param axleOffset axle offset it is made for (mm), for live axles
 * @param shimRange how far the caliper can be shimmed either way (mm)
 * @param mount how it is put on and which way it stands
 */
public record Bracket(
        BracketShape shape,
        int count,
        Optional<Figure> across,
        Optional<Figure> up,
        Optional<Figure> circle,
        Figure hole,
        Figure bolt,
        Optional<Figure> axleOffset,
        double shimRange,
        BracketMount mount) {

    public Bracket {
        boolean complete = shape == BracketShape.RECTANGLE ? across.isPresent() && up.isPresent() : circle.isPresent();
        if (!complete) {
            throw new IllegalArgumentException(
                    shape == BracketShape.RECTANGLE
                            ? "A rectangular bracket needs its spacing across and up."
                            : "A round bracket needs its bolt circle.");
        }
    }

    /** A bracket of which nothing but its holes is known. */
    public Bracket(
            BracketShape shape,
            int count,
            Optional<Figure> across,
            Optional<Figure> up,
            Optional<Figure> circle,
            Figure hole,
            Figure bolt,
            Optional<Figure> axleOffset,
            double shimRange) {
        this(shape, count, across, up, circle, hole, bolt, axleOffset, shimRange, BracketMount.PLAIN);
    }

    /** Whether it is welded to the axle and so has no bolt holes that must meet others. */
    public boolean isWelded() {
        return mount.way() == BracketMount.Way.WELD_ON;
    }

    /** The bracket with another range of shims. */
    public Bracket withShimRange(double range) {
        return new Bracket(shape, count, across, up, circle, hole, bolt, axleOffset, range, mount);
    }
}
