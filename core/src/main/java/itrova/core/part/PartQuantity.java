package itrova.core.part;

import itrova.core.kit.Figure;
import itrova.core.phrase.Titled;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Figures told of parts, with their unit and the bounds within which they make sense. */
public enum PartQuantity implements Titled {
    BORE("mm", 10, 60),
    STROKE("mm", 5, 100),
    RESERVOIR("cm3", 10, 2000),
    RESIDUAL("MPa", 0, 0.5),
    /** Of a master that keeps pressure at its rear outlet alone. */
    RESIDUAL_REAR("MPa", 0, 0.5),
    BOOST_RATIO("", 1, 12),
    BOOST_KNEE("N", 50, 5000),
    KNEE("MPa", 0.1, 15),
    /** Of a valve that is set by hand, the highest knee. */
    KNEE_MOST("MPa", 0.1, 15),
    SLOPE("", 0, 1),
    METERING_HOLD("MPa", 0.05, 3),
    METERING_FULL("MPa", 0.1, 6),
    PRESSURE("MPa", 0.005, 25),
    VOLUME("cm3", 5, 30000),
    HOLD("min", 0, 240),
    LENGTH("mm", 50, 20000),
    EXPANSION("cm3_per_ft", 0.05, 1),
    FRICTION("", 0.15, 0.7),
    FRICTION_HOT("", 0.1, 0.7);

    /** How far a figure without stated tolerance may be off, as a share of it; common practice, marked as assumed. */
    private static final double USUAL_SHARE = 0.05;

    private final String unit;
    private final double min;
    private final double max;

    PartQuantity(String unit, double min, double max) {
        this.unit = unit;
        this.min = min;
        this.max = max;
    }

    @Override
    public String title() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** A figure whose papers state no tolerance, with the usual one (common practice). */
    public Figure assumed(double value) {
        return new Figure(value, this == BORE ? Figure.BORE_TOLERANCE : USUAL_SHARE * value, true);
    }

    /** What cannot be told of a part that does not tell it. */
    public String decides() {
        return switch (this) {
            case BORE -> "pressure and pedal travel";
            case STROKE, RESERVOIR, VOLUME -> "whether the fluid suffices as the pads wear";
            case RESIDUAL, RESIDUAL_REAR -> "whether the pads drag";
            case BOOST_RATIO, BOOST_KNEE -> "the pedal force";
            case KNEE, KNEE_MOST, SLOPE -> "whether the rear wheels lock first";
            case METERING_HOLD, METERING_FULL -> "when the front brakes begin";
            case PRESSURE -> "whether the pressure reaches, or is too high for, the calipers";
            case HOLD -> "how long a breakaway holds";
            case LENGTH -> "whether it reaches at full lock and droop";
            case EXPANSION -> "the pedal travel the hoses take";
            case FRICTION, FRICTION_HOT -> "how hard the brakes bite, cold and hot";
        };
    }

    /** Unit of its figure, as written in keys of documents. */
    public String unit() {
        return unit;
    }

    /** Its name in documents, with its unit: {@code bore_mm}. */
    public String key() {
        String name = name().toLowerCase(Locale.ROOT);
        return unit.isEmpty() ? name : name + "_" + unit;
    }

    /** The quantity of that name in documents. */
    public static Optional<PartQuantity> named(String key) {
        return Arrays.stream(values()).filter(q -> q.key().equals(key)).findFirst();
    }

    /**
     * A value within bounds.
     *
     * @throws IllegalArgumentException naming quantity, value and bounds
     */
    public double checked(double value) {
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(title() + " of " + value + " " + unit + " is outside " + min + " to "
                    + max + ". Check the figure and its unit.");
        }
        return value;
    }
}
