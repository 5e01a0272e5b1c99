package itrova.core.quantity;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Shop units and their exact or published factors to the unit used inside.
 *
 * <p>Source: NIST Special Publication 811 (2008), appendix B.8; the inch and the pound are exact by definition.
 */
public enum Unit {
    MILLIMETRE(Dimension.LENGTH, 1, "mm", "millimetre", "millimetres", "millimeter", "millimeters"),
    CENTIMETRE(Dimension.LENGTH, 10, "cm"),
    METRE(Dimension.LENGTH, 1000, "m"),
    INCH(Dimension.LENGTH, 25.4, "in", "\"", "″", "”", "inch", "inches", "in."),
    FOOT(Dimension.LENGTH, 304.8, "ft", "'", "′", "’", "foot", "feet"),
    THOUSANDTH(Dimension.LENGTH, 0.0254, "thou", "mil"),
    KILOGRAM(Dimension.MASS, 1, "kg"),
    TONNE(Dimension.MASS, 1000, "t"),
    POUND(Dimension.MASS, 0.45359237, "lb", "lbs", "lbm", "pound", "pounds"),
    NEWTON_METRE(Dimension.TORQUE, 1, "N·m", "nm", "n.m", "n m", "n*m"),
    POUND_FOOT(
            Dimension.TORQUE, 1.355817948, "lbf·ft", "lbf.ft", "lbf ft", "lb-ft", "lb·ft", "lb ft", "ft-lb", "ft lb"),
    POUND_INCH(
            Dimension.TORQUE, 0.112984829, "lbf·in", "lbf.in", "lbf in", "lb-in", "lb·in", "lb in", "in-lb", "in lb"),
    MEGAPASCAL(Dimension.PRESSURE, 1, "MPa"),
    KILOPASCAL(Dimension.PRESSURE, 0.001, "kPa"),
    BAR(Dimension.PRESSURE, 0.1, "bar"),
    PSI(Dimension.PRESSURE, 0.006894757293, "psi", "lbf/in²"),
    EACH(Dimension.COUNT, 1, "");

    private final Dimension dimension;
    private final double toSi;
    private final List<String> spellings;

    Unit(Dimension dimension, double toSi, String... spellings) {
        this.dimension = dimension;
        this.toSi = toSi;
        this.spellings = List.of(spellings);
    }

    public Dimension dimension() {
        return dimension;
    }

    /** Factor from this unit to the SI unit of its dimension. */
    public double toSi() {
        return toSi;
    }

    /** The symbol printed by this program. */
    public String symbol() {
        return spellings.get(0);
    }

    /** True for units of the inch-pound system. */
    public boolean isInchPound() {
        return switch (this) {
            case INCH, FOOT, THOUSANDTH, POUND, POUND_FOOT, POUND_INCH, PSI -> true;
            default -> false;
        };
    }

    /** Finds the unit of a dimension by any of its spellings, upper or lower case. */
    public static Optional<Unit> find(String spelling, Dimension dimension) {
        String wanted = spelling.strip().toLowerCase(Locale.ROOT);
        for (Unit unit : values()) {
            if (unit.dimension == dimension
                    && unit.spellings.stream()
                            .anyMatch(s -> s.toLowerCase(Locale.ROOT).equals(wanted))) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }

    /** The unit used inside for a dimension. */
    public static Unit si(Dimension dimension) {
        return switch (dimension) {
            case LENGTH -> MILLIMETRE;
            case MASS -> KILOGRAM;
            case TORQUE -> NEWTON_METRE;
            case PRESSURE -> MEGAPASCAL;
            case COUNT -> EACH;
        };
    }

    /** The unit a mechanic of the given system expects when none is written. */
    public static Unit defaultFor(Dimension dimension, UnitSystem system) {
        if (system == UnitSystem.METRIC) {
            return si(dimension);
        }
        return switch (dimension) {
            case LENGTH -> INCH;
            case MASS -> POUND;
            case TORQUE -> POUND_FOOT;
            case PRESSURE -> PSI;
            case COUNT -> EACH;
        };
    }
}
