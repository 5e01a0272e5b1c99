package itrova.server.road;

import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.server.api.BadInputException;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Speeds, distances and odometers as typed. A bare number is in the usual unit of who types: km/h, m, km or mph, ft, mi. */
final class RoadText {
    private static final Pattern SPEED = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(km/h|kmh|mph)?");
    private static final Pattern ODOMETER = Pattern.compile("(\\d{1,7}(?:[.,]\\d)?)\\s*(km|mi|miles)?");
    /** The mile, exact by definition (NIST SP 811, appendix B). */
    private static final double KM_PER_MILE = 1.609344;

    private static final double MM = 1000;

    private RoadText() {}

    /** A speed (km/h). */
    static double speed(String field, String text, UnitSystem units) {
        Matcher m = SPEED.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            throw BadInputException.of(field, text, "“" + text + "” is no speed. Write it like 50 km/h or 30 mph.");
        }
        boolean isMph =
                m.group(2) == null ? units == UnitSystem.INCH : m.group(2).equals("mph");
        return number(m.group(1)) * (isMph ? KM_PER_MILE : 1);
    }

    /** A distance of a stop (m). */
    static double distance(String field, String text, UnitSystem units) {
        try {
            return ShopNotation.parse(text, Dimension.LENGTH, units == UnitSystem.INCH ? Unit.FOOT : Unit.METRE)
                            .si()
                    / MM;
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(field, text, "“" + text + "” is no distance. Write it like 16.5 m or 54 ft.");
        }
    }

    /** An odometer (km); digits may be grouped by blanks. */
    static double odometer(String field, String text, UnitSystem units) {
        Matcher m =
                ODOMETER.matcher(text.toLowerCase(Locale.ROOT).strip().replaceAll("(?<=\\d)[\\s\\u00a0'](?=\\d)", ""));
        if (!m.matches()) {
            throw BadInputException.of(
                    field, text, "“" + text + "” is no odometer. Write it like 48 210 km or 29960 mi.");
        }
        boolean isMiles =
                m.group(2) == null ? units == UnitSystem.INCH : !m.group(2).equals("km");
        return number(m.group(1)) * (isMiles ? KM_PER_MILE : 1);
    }

    /** A temperature of a disc (°C). */
    static double temperature(String field, String text, UnitSystem units) {
        Matcher m = TEMPERATURE.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            throw BadInputException.of(
                    field, text, "“" + text + "” is no temperature. Write it like 180 °C or 350 °F.");
        }
        boolean isFahrenheit =
                m.group(2) == null ? units == UnitSystem.INCH : m.group(2).equals("f");
        double celsius = isFahrenheit ? (number(m.group(1)) - 32) / 1.8 : number(m.group(1));
        if (celsius < COLDEST || celsius > HOTTEST) {
            throw BadInputException.of(
                    field, text, "A disc is read between −40 and 900 °C. Read it again, and write it with its unit.");
        }
        return celsius;
    }

    /** A temperature in words. */
    static String heat(double celsius, UnitSystem units) {
        return units == UnitSystem.INCH
                ? String.format(Locale.ROOT, "%.0f °F", celsius * 1.8 + 32)
                : String.format(Locale.ROOT, "%.0f °C", celsius);
    }

    private static final double COLDEST = -40;
    private static final double HOTTEST = 900;
    private static final Pattern TEMPERATURE = Pattern.compile("(-?\\d{1,4}(?:[.,]\\d)?)\\s*(?:°|deg)?\\s*([cf])?");

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
