package itrova.core.quantity;

/** What kind of thing a quantity measures; each has one SI unit used inside the program. */
public enum Dimension {
    /** Lengths, inside in millimetres. */
    LENGTH("mm"),
    /** Masses, and axle loads expressed as masses, inside in kilograms. */
    MASS("kg"),
    /** Tightening torques, inside in newton metres. */
    TORQUE("N·m"),
    /** Pressures, inside in megapascals. */
    PRESSURE("MPa"),
    /** Plain counts, such as the number of studs. */
    COUNT("");

    private final String siSymbol;

    Dimension(String siSymbol) {
        this.siSymbol = siSymbol;
    }

    /** Symbol of the unit used inside the program; empty for counts. */
    public String siSymbol() {
        return siSymbol;
    }
}
