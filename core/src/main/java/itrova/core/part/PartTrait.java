package itrova.core.part;

import java.util.Locale;

/** What a part has or is, that is no figure. */
public enum PartTrait {
    /** A master with a chamber for each of two circuits. */
    TANDEM,
    /** A master with a thread for a switch that pressure closes. */
    PRESSURE_SWITCH,
    /** A master or valve with a switch that tells of a circuit that failed. */
    WARNING_SWITCH,
    /** A booster that lives on the engine's vacuum. */
    VACUUM,
    /** An actuator driven by the tow vehicle's electric brake signal. */
    ELECTRIC_OVER_HYDRAULIC,
    /** An actuator pushed by the trailer running up. */
    SURGE,
    /** A surge actuator that lets the trailer be backed. */
    REVERSE_LOCK_OUT;

    /** Its name in documents. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
