package itrova.core.brakes;

import itrova.core.phrase.Titled;
import itrova.core.table.Table;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Quantities the brakes are worked out from; unit, bounds, usual value with its doubt and source, and how to get it are one table. */
public enum BrakeQuantity implements Titled {
    MASS_EMPTY,
    MASS_LADEN,
    FRONT_EMPTY,
    FRONT_LADEN,
    WHEELBASE,
    CENTRE_HEIGHT,
    CENTRE_HEIGHT_LADEN,
    TYRE_DIAMETER,
    ROLLING_SHARE,
    PEDAL_RATIO,
    PEDAL_EFFICIENCY,
    PEDAL_PLAY,
    PEDAL_ROOM,
    BOOST_RATIO,
    BOOST_KNEE,
    MASTER_BORE,
    MASTER_STROKE,
    RESERVOIR,
    RESIDUAL_PRESSURE,
    HYDRAULIC_EFFICIENCY,
    VALVE_KNEE,
    VALVE_SLOPE,
    DRUM_DIAMETER,
    LINING_WIDTH,
    CYLINDER_BORE,
    LINING_FRICTION,
    LINING_FRICTION_HOT,
    LINING_HEEL,
    LINING_TOE,
    PIVOT_SHARE,
    ARM_SHARE,
    RETURN_SPRINGS,
    SHOE_CLEARANCE,
    DRUM_COMPLIANCE,
    PISTON_AREA,
    EFFECTIVE_RADIUS,
    PAD_FRICTION,
    PAD_FRICTION_HOT,
    PAD_GAP,
    CALIPER_COMPLIANCE,
    PAD_WEAR,
    RING_MASS,
    COOLING_TIME,
    HOSE_LENGTH,
    HOSE_EXPANSION,
    SPECIFIC_HEAT,
    FLUID_SHARE,
    PARKING_GAIN,
    CABLE_EFFICIENCY,
    CALIPER_LEVER_GAIN,
    HAT_DRUM_DIAMETER,
    ACTUATOR_PRESSURE;

    /** Where a quantity belongs. */
    public enum Where {
        VEHICLE,
        AXLE,
        DRUM,
        DISC,
        TRAILER
    }

    private static final int COLUMNS = 9;
    private static final Map<String, Row> ROWS = Table.rows(BrakeQuantity.class, "quantities.psv", COLUMNS).stream()
            .map(Row::of)
            .collect(Collectors.toMap(Row::name, Function.identity()));

    private record Row(
            String name,
            Where where,
            String unit,
            double min,
            double max,
            OptionalDouble usual,
            double half,
            String source,
            String howTo) {
        static Row of(String[] c) {
            return new Row(
                    c[0],
                    Where.valueOf(c[1].toUpperCase(Locale.ROOT)),
                    c[2],
                    Double.parseDouble(c[3]),
                    Double.parseDouble(c[4]),
                    c[5].isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(c[5])),
                    c[6].isEmpty() ? 0 : Double.parseDouble(c[6]),
                    c[7],
                    c[8].strip());
        }
    }

    private Row row() {
        Row row = ROWS.get(name());
        if (row == null) {
            throw new IllegalStateException("quantities.psv has no row for " + name());
        }
        return row;
    }

    public Where where() {
        return row().where();
    }

    /** Unit it is given in. */
    public String unit() {
        return row().unit();
    }

    public double min() {
        return row().min();
    }

    public double max() {
        return row().max();
    }

    /** The value taken where nobody says, and marked as assumed; absent where it must be read or told. */
    public OptionalDouble usual() {
        return row().usual();
    }

    /** How far the usual value may be off. */
    public double usualHalfLimit() {
        return row().half();
    }

    /** Where the usual value comes from. */
    public String source() {
        return row().source();
    }

    public String howTo() {
        return row().howTo();
    }

    @Override
    public String title() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Its name in documents. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The quantity of that name in documents. */
    public static Optional<BrakeQuantity> named(String key) {
        return Arrays.stream(values()).filter(q -> q.key().equals(key)).findFirst();
    }

    /**
     * A value within bounds.
     *
     * @throws IllegalArgumentException naming quantity, value and bounds
     */
    public double checked(double value) {
        if (!(value >= min() && value <= max())) {
            throw new IllegalArgumentException(title() + " of " + value + " " + unit() + " is outside " + min() + " to "
                    + max() + ". Check the figure and its unit. " + howTo());
        }
        return value;
    }
}
