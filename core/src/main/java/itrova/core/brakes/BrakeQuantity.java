package itrova.core.brakes;

import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.table.Table;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.regex.Pattern;
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
    METERING_HOLD,
    METERING_FULL,
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
    DRUM_WALL,
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
    HAND_LEVER,
    CABLE_EFFICIENCY,
    CALIPER_LEVER_GAIN,
    HAT_DRUM_DIAMETER,
    PARKING_GRADE,
    GRADE_HELD,
    PUSH_ROD_PLAY,
    RESERVOIR_HEIGHT,
    AIR_LEFT,
    LINE_LENGTH,
    LINE_BORE,
    ACTUATOR_PRESSURE,
    ACTUATOR_VOLUME,
    BREAKAWAY_HOLD,
    UNEVEN_LOAD,
    TOW_MASS,
    TOW_DECELERATION;

    /** Where a quantity belongs. */
    public enum Where {
        VEHICLE,
        AXLE,
        DRUM,
        DISC,
        TRAILER
    }

    private static final int COLUMNS = 10;

    /** The table, read before the first quantity is made. */
    private static final class Rows {
        static final Map<String, Row> BY_NAME = Table.rows(BrakeQuantity.class, "quantities.psv", COLUMNS).stream()
                .map(Row::of)
                .collect(Collectors.toMap(Row::name, Function.identity()));
    }

    private final Row row;

    BrakeQuantity() {
        row = Rows.BY_NAME.get(name());
        if (row == null) {
            throw new IllegalStateException("quantities.psv has no row for " + name());
        }
    }

    private record Row(
            String name,
            Where where,
            String unit,
            double min,
            double max,
            OptionalDouble defaultValue,
            double half,
            String source,
            String howTo,
            String slip) {
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
                    c[8].strip(),
                    c[9].strip());
        }
    }

    public Where where() {
        return row.where();
    }

    /** Unit it is given in. */
    public String unit() {
        return row.unit();
    }

    public double min() {
        return row.min();
    }

    public double max() {
        return row.max();
    }

    /** The value taken where nobody says, and marked as assumed; absent where it must be read or told. */
    public OptionalDouble defaultValue() {
        return row.defaultValue();
    }

    /** How far the usual value may be off. */
    public double defaultHalfLimit() {
        return row.half();
    }

    /** Where the usual value comes from. */
    public String source() {
        return row.source();
    }

    public Phrase howTo() {
        return Phrase.of(row.howTo());
    }

    /** What is done wrong most often when it is got. */
    public Phrase slip() {
        return Phrase.of(row.slip());
    }

    @Override
    public String title() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Its name in documents, with its unit: {@code master_bore_mm}. */
    public String key() {
        String name = name().toLowerCase(Locale.ROOT);
        return switch (unit()) {
            case "mm", "kg", "MPa", "N", "s" -> name + "_" + unit();
            case "cm³" -> name + "_cm3";
            case "mm²" -> name + "_mm2";
            case "°" -> name + "_deg";
            case "%" -> name + "_percent";
            case "min" -> name + "_min";
            case "m/s²" -> name + "_m_per_s2";
            default -> name;
        };
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
                    + max() + ". Check the figure and its unit.");
        }
        return value;
    }

    /**
     * Understands what was written: a number in the quantity's unit, or a text in shop notation.
     *
     * @return the value, and how far it may be off by how it is usually known
     * @throws IllegalArgumentException naming quantity, value and remedy
     */
    public Told parse(String text) {
        String[] told = text.split("±|\\+/-|\\+-", -1);
        if (told.length == 1) {
            double value = checked(number(text));
            return new Told(value, halfLimit(value));
        }
        if (told.length != 2) {
            throw new IllegalArgumentException(
                    title() + ": “" + text + "” has two doubts. Write the value, ± and one doubt.");
        }
        // 22.20 ± 0.02 mm: a unit behind the doubt is the value's too; 7/8 in ± 0.02 leaves open of what
        String unit = told[1].replaceAll("^[\\s0-9.,/-]*", "");
        boolean isBare = !UNIT.matcher(told[0]).find();
        if (unit.isEmpty() && !isBare) {
            throw new IllegalArgumentException(
                    title() + ": “" + text + "” tells no unit of its doubt. Write it behind.");
        }
        double value = checked(number(isBare ? told[0] + unit : told[0]));
        double half = number(told[1]);
        if (!(half > 0 && half <= (max() - min()) / 2)) {
            throw new IllegalArgumentException(title() + ": a doubt of “" + told[1].strip()
                    + "” makes no sense. Write how far it may be off, more than 0.");
        }
        return new Told(value, half);
    }

    private static final Pattern UNIT = Pattern.compile("[\\p{L}°%\"′″']");

    private double number(String text) {
        try {
            return dimension()
                    .map(d -> ShopNotation.parse(text, d, Unit.si(d)).si())
                    .orElseGet(() -> Double.parseDouble(text.strip().replace(',', '.')));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("“" + text + "” is no " + title() + ". Write a number"
                    + (unit().isEmpty() ? "." : " in " + unit() + "."));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(title() + ": " + e.getMessage());
        }
    }

    /** A value told, and how far it may be off. */
    public record Told(double value, double halfLimit) {}

    private Optional<Dimension> dimension() {
        return switch (unit()) {
            case "mm" -> Optional.of(Dimension.LENGTH);
            case "kg" -> Optional.of(Dimension.MASS);
            case "MPa" -> Optional.of(Dimension.PRESSURE);
            default -> Optional.empty();
        };
    }

    /** How far a told value may be off by how such a thing is usually known: bores by caliper, masses by scales, pressures by a gauge. */
    private double halfLimit(double value) {
        return switch (unit()) {
            case "mm" ->
                this == MASTER_BORE || this == CYLINDER_BORE ? BORE_HALF_LIMIT : Math.max(0.3, TAPE_SHARE * value);
            case "kg" -> MASS_SHARE * value;
            case "MPa" -> GAUGE_SHARE * value;
            case "°" -> ANGLE_HALF_LIMIT;
            default -> OTHER_SHARE * value;
        };
    }

    private static final double BORE_HALF_LIMIT = 0.05;
    private static final double TAPE_SHARE = 0.002;
    private static final double MASS_SHARE = 0.015;
    private static final double GAUGE_SHARE = 0.05;
    private static final double ANGLE_HALF_LIMIT = 3;
    private static final double OTHER_SHARE = 0.03;
}
