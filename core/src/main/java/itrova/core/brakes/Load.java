package itrova.core.brakes;

/** A state of load. */
public enum Load {
    EMPTY,
    LADEN
}
