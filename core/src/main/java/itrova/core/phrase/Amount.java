package itrova.core.phrase;

/**
 * A quantity in a sentence: its value in the unit of the trade's rules, and how finely it is told.
 *
 * @param value in {@code kind}'s metric unit
 * @param kind what it measures
 * @param decimals digits after the point in metric; inch units are told as finely as that by their own size
 * @param bare told without its unit, where the unit follows with the next amount
 * @param signed told with its sign even where it is positive
 */
public record Amount(double value, Kind kind, int decimals, boolean bare, boolean signed) {
    /** What an amount measures: its symbol in either unit system, and what one metric unit is in the other. */
    public enum Kind {
        NUMBER("", "", 1, 0),
        MILLIMETRES("mm", "in", 1 / 25.4, 2),
        SQUARE_MILLIMETRES("mm²", "in²", 1 / (25.4 * 25.4), 3),
        KILOGRAMS("kg", "lb", 1 / 0.45359237, 0),
        NEWTON_METRES("N·m", "lbf·ft", 1 / 1.355817948, 0),
        KILONEWTONS("kN", "lbf", 1000 / 4.448221615, -2),
        MEGAPASCALS("MPa", "psi", 145.0377377, -1),
        KILOMETRES("km", "mi", 1 / 1.609344, 0),
        KILOMETRES_PER_HOUR("km/h", "mph", 1 / 1.609344, 0),
        METRES("m", "ft", 1 / 0.3048, 0);

        private final String metric;
        private final String inch;
        private final double toInch;
        private final int moreDecimals;

        Kind(String metric, String inch, double toInch, int moreDecimals) {
            this.metric = metric;
            this.inch = inch;
            this.toInch = toInch;
            this.moreDecimals = moreDecimals;
        }

        public String metric() {
            return metric;
        }

        public String inch() {
            return inch;
        }

        /** Inch units in one metric unit (NIST SP 811, appendix B). */
        public double toInch() {
            return toInch;
        }

        /** Digits after the point an inch unit needs beyond the metric one to be told as finely. */
        public int moreDecimals() {
            return moreDecimals;
        }

        /** The kind a metric symbol tells of; a number where it tells of none. */
        public static Kind ofSymbol(String symbol) {
            for (Kind kind : values()) {
                if (kind.metric.equals(symbol)) {
                    return kind;
                }
            }
            return NUMBER;
        }
    }

    private static Amount of(double value, Kind kind, int decimals) {
        return new Amount(value, kind, decimals, false, false);
    }

    /** A number without a unit. */
    public static Amount number(double value, int decimals) {
        return of(value, Kind.NUMBER, decimals);
    }

    /** A length (mm). */
    public static Amount mm(double value, int decimals) {
        return of(value, Kind.MILLIMETRES, decimals);
    }

    /** An area (mm²). */
    public static Amount mm2(double value, int decimals) {
        return of(value, Kind.SQUARE_MILLIMETRES, decimals);
    }

    /** A mass or an axle's load (kg). */
    public static Amount kilograms(double value, int decimals) {
        return of(value, Kind.KILOGRAMS, decimals);
    }

    /** A torque (N·m). */
    public static Amount newtonMetres(double value, int decimals) {
        return of(value, Kind.NEWTON_METRES, decimals);
    }

    /** A force (kN). */
    public static Amount kilonewtons(double value, int decimals) {
        return of(value, Kind.KILONEWTONS, decimals);
    }

    /** A pressure (MPa). */
    public static Amount megapascals(double value, int decimals) {
        return of(value, Kind.MEGAPASCALS, decimals);
    }

    /** A distance on the road (km). */
    public static Amount kilometres(double value, int decimals) {
        return of(value, Kind.KILOMETRES, decimals);
    }

    /** A speed (km/h). */
    public static Amount kilometresPerHour(double value, int decimals) {
        return of(value, Kind.KILOMETRES_PER_HOUR, decimals);
    }

    /** A distance of a stop (m). */
    public static Amount metres(double value, int decimals) {
        return of(value, Kind.METRES, decimals);
    }

    /**
     * A quantity as finely as three digits tell it.
     *
     * @param unit its metric symbol; any other text is told after the number as it is
     */
    public static Amount inUnit(double value, String unit) {
        double size = Math.abs(value);
        return of(value, Kind.ofSymbol(unit), size >= 100 ? 0 : size >= 1 ? 1 : 2);
    }

    /** The same without its unit. */
    public Amount asBare() {
        return new Amount(value, kind, decimals, true, signed);
    }

    /** The same with its sign. */
    public Amount asSigned() {
        return new Amount(value, kind, decimals, bare, true);
    }
}
