package itrova.core.fastener;

import itrova.core.quantity.Dimension;
import itrova.core.quantity.NotationException;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A screw thread by its designation, such as {@code 1/2-20} or {@code M12x1.5}.
 *
 * @param designation normalised designation
 * @param diameter nominal major diameter (mm)
 * @param pitch distance from thread to thread (mm)
 * @param metric whether it is an ISO metric thread
 */
public record Thread(String designation, double diameter, double pitch, boolean metric) {
    private static final Pattern METRIC =
            Pattern.compile("M\\s*(\\d+(?:[.,]\\d+)?)\\s*[x×*]\\s*(\\d+(?:[.,]\\d+)?)", Pattern.CASE_INSENSITIVE);
    private static final Pattern INCH = Pattern.compile(
            "((?:\\d+\\s+)?\\d+/\\d+|\\d*[.]\\d+|[12])\\s*(?:in|\")?\\s*[-x×]\\s*(\\d{1,2})(?:\\s*(?:UNF|UNC|UNEF|UN|UNS))?",
            Pattern.CASE_INSENSITIVE);

    /**
     * Reads a designation.
     *
     * @throws IllegalArgumentException naming the text and the accepted forms
     */
    public static Thread parse(String text) {
        String trimmed = text.strip();
        if (trimmed.length() <= 20) {
            Matcher metric = METRIC.matcher(trimmed);
            if (metric.matches()) {
                return metric(number(metric.group(1)), number(metric.group(2)), text);
            }
            Matcher inch = INCH.matcher(trimmed);
            if (inch.matches()) {
                return inch(inch.group(1), Integer.parseInt(inch.group(2)), text);
            }
        }
        throw unreadable(text);
    }

    /** Threads most bolts of a wheel end have; common practice. */
    private static final List<String> USUAL = List.of(
            "M6x1", "1/4-28", "M8x1.25", "5/16-24", "3/8-24", "M10x1.5", "7/16-20", "M12x1.5", "1/2-20", "M14x1.5",
            "9/16-18", "5/8-18", "M16x1.5", "3/4-16");

    /** A worn or plated thread measures this much off at most (mm); common practice. */
    private static final double NEAR = 0.6;

    /** The usual thread whose diameter (mm) is nearest. */
    public static Thread likely(double diameter) {
        return USUAL.stream()
                .map(Thread::parse)
                .min(Comparator.comparingDouble(t -> Math.abs(t.diameter() - diameter)))
                .orElseThrow();
    }

    /** Usual threads a diameter (mm) may be of, the nearest first; all of them where none was read. */
    public static List<String> usualNear(OptionalDouble diameter) {
        if (diameter.isEmpty()) {
            return USUAL;
        }
        double d = diameter.getAsDouble();
        return USUAL.stream()
                .map(Thread::parse)
                .filter(t -> Math.abs(t.diameter() - d) <= NEAR)
                .sorted(Comparator.comparingDouble(t -> Math.abs(t.diameter() - d)))
                .map(Thread::designation)
                .toList();
    }

    private static Thread metric(double diameter, double pitch, String text) {
        if (diameter < 3 || diameter > 48 || pitch < 0.35 || pitch > 5 || pitch > diameter / 3) {
            throw implausible(text);
        }
        return new Thread("M" + plain(diameter) + "x" + plain(pitch), diameter, pitch, true);
    }

    private static Thread inch(String size, int perInch, String text) {
        double diameter;
        try {
            diameter = ShopNotation.parse(size, Dimension.LENGTH, Unit.INCH).si();
        } catch (NotationException e) {
            throw unreadable(text);
        }
        if (diameter < 4 || diameter > 51 || perInch < 8 || perInch > 40) {
            throw implausible(text);
        }
        return new Thread(size.strip() + "-" + perInch, diameter, Unit.INCH.toSi() / perInch, false);
    }

    private static IllegalArgumentException unreadable(String text) {
        return new IllegalArgumentException(
                "“" + text.strip() + "” is not a thread. Write it like 1/2-20, 7/16-20 or M12x1.5.");
    }

    private static IllegalArgumentException implausible(String text) {
        return new IllegalArgumentException("“" + text.strip()
                + "” is no thread found on a wheel end. Check diameter and pitch; write it like 1/2-20 or M12x1.5.");
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.format(Locale.ROOT, "%s", value);
    }

    /**
     * Tensile stress area (mm²).
     *
     * <p>Source: inch A = π/4·(d − 0.9743/n)² (ASME B1.1); metric A = π/4·(d − 0.9382·P)² (ISO 898-1).
     */
    public double stressArea() {
        double root = diameter - (metric ? 0.9382 : 0.9743) * pitch;
        return Math.PI / 4 * root * root;
    }
}
