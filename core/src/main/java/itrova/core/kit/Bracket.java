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
        double shimRange) {

    public Bracket {
        boolean complete = shape == BracketShape.RECTANGLE ? across.isPresent() && up.isPresent() : circle.isPresent();
        if (!complete) {
            throw new IllegalArgumentException(
                    shape == BracketShape.RECTANGLE
                            ? "A rectangular bracket needs its spacing across and up."
                            : "A round bracket needs its bolt circle.");
        }
    }
}
