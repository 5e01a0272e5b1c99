package itrova.core.quantity;

/** The system a person reads and writes in when no unit is given. */
public enum UnitSystem {
    METRIC,
    INCH
}
