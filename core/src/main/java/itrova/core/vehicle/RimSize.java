package itrova.core.vehicle;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A rim's size as it is marked on the wheel.
 *
 * @param width between the flanges (in)
 * @param contour letters of the flange's form; empty where none are marked
 * @param inches diameter code of the seat
 */
public record RimSize(double width, String contour, int inches) {
    /** Seat diameters by code (mm): ISO 4000-2, from memory. */
    private static final Map<Integer, Double> SEATS = Map.of(
            10, 253.2, 12, 304.0, 13, 329.4, 14, 354.8, 15, 380.2, 16, 405.6, 17, 436.6, 18, 462.0, 19, 487.4, 20,
            512.8);

    /** A seat may be off by this (mm); common practice. */
    public static final double SEAT_HALF_LIMIT = 0.5;

    private static final int LEAST_CODE = 8;
    private static final int LARGEST_CODE = 24;
    private static final String WIDTH = "(\\d{1,2}(?:[.,]\\d{1,2})?(?:\\s\\d/\\d)?)\\s*([A-Z]{0,2})";
    private static final Pattern WIDTH_FIRST = Pattern.compile(WIDTH + "\\s*[X×-]\\s*(\\d{1,2})(?:\\s.*|H.*)?");
    private static final Pattern DIAMETER_FIRST = Pattern.compile("(\\d{2})\\s*[X×-]\\s*" + WIDTH + "(?:\\s.*)?");

    /** Reads a marking: {@code 5J x 14}, {@code 14 x 5 1/2 J}, {@code 6Jx15H2 ET35}; absent where it is none. */
    public static Optional<RimSize> parse(String marking) {
        String text = marking.strip().toUpperCase(Locale.ROOT);
        Matcher first = WIDTH_FIRST.matcher(text);
        if (first.matches()) {
            Optional<RimSize> size = of(first.group(1), first.group(2), first.group(3));
            if (size.isPresent()) {
                return size;
            }
        }
        Matcher second = DIAMETER_FIRST.matcher(text);
        return second.matches() ? of(second.group(2), second.group(3), second.group(1)) : Optional.empty();
    }

    private static Optional<RimSize> of(String width, String contour, String code) {
        double wide = inches(width);
        int inches = Integer.parseInt(code);
        boolean isRim = inches >= LEAST_CODE && inches <= LARGEST_CODE && wide >= 2 && wide <= 14 && wide < inches;
        return isRim ? Optional.of(new RimSize(wide, contour, inches)) : Optional.empty();
    }

    private static double inches(String width) {
        String[] parts = width.replace(',', '.').split("\\s");
        double whole = Double.parseDouble(parts[0]);
        if (parts.length == 1) {
            return whole;
        }
        String[] fraction = parts[1].split("/");
        return whole + Double.parseDouble(fraction[0]) / Double.parseDouble(fraction[1]);
    }

    /** Diameter of the seat (mm); absent for codes not tabled. */
    public OptionalDouble seat() {
        Double seat = SEATS.get(inches);
        return seat == null ? OptionalDouble.empty() : OptionalDouble.of(seat);
    }

    /** As it is written: {@code 5.5J x 14}. */
    public String text() {
        return BigDecimal.valueOf(width).stripTrailingZeros().toPlainString() + contour + " x " + inches;
    }
}
