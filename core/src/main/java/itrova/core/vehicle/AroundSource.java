package itrova.core.vehicle;

import itrova.core.quantity.Source;

/**
 * A doubt about where something around the wheel stands.
 *
 * @param what name of the thing, as somebody typed it or as listed here
 */
public record AroundSource(String what, String id) implements Source {
    /** Directions a thing's place is doubtful in. */
    public enum Along {
        AXLE,
        FORWARD,
        UP,
        RADIUS
    }

    /** Where a thing of the given name stands, in one direction. */
    public static AroundSource of(Side side, String name, Along along) {
        return new AroundSource(name, "around:" + side.word() + ":" + name + ":" + along);
    }

    /** A thing told by one figure alone. */
    public static AroundSource of(Side side, String name) {
        return new AroundSource(name, "around:" + side.word() + ":" + name);
    }
}
