package itrova.core.vehicle;

/** How the bolt holes that carry a brake bracket lie on the fixed face. */
public enum BracketShape {
    /** Four holes at the corners of a rectangle. */
    RECTANGLE,
    /** Holes equally spaced on a circle. */
    CIRCLE
}
