package itrova.core.part;

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
