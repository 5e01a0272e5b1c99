package itrova.server.measure;

import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.server.api.BadInputException;
import java.util.OptionalDouble;
import java.util.function.Supplier;

/** Figures of something that stands beside a wheel as a person types them; a fault names field, value and remedy. */
final class FieldFigures {
    private final UnitSystem units;

    FieldFigures(UnitSystem units) {
        this.units = units;
    }

    /** A length that may be negative (mm); empty where nothing was typed. */
    OptionalDouble lengthIfTold(String field, String text) {
        return text.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(length(field, text));
    }

    static boolean allBlank(String... texts) {
        for (String t : texts) {
            if (!t.isBlank()) {
                return false;
            }
        }
        return true;
    }

    static <T> T checked(String field, Supplier<T> make) {
        try {
            return make.get();
        } catch (BadInputException e) {
            throw e;
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(field, "", field + ": " + e.getMessage());
        }
    }

    /** A length that may be negative (mm), of something that stands beside the wheel. */
    double length(String field, String text) {
        double length = quantity(field, text, Dimension.LENGTH);
        if (Math.abs(length) > FARTHEST) {
            throw BadInputException.of(
                    field,
                    text,
                    field + " of " + text + " is more than 3 m from the wheel. Check the figure and its unit.");
        }
        return length;
    }

    /** Nothing that stands beside a wheel is farther away (mm). */
    private static final double FARTHEST = 3000;
    /** More than this is not ground off anything that carries (mm); common practice. */
    private static final double MOST_GROUND = 20;

    double ground(String field, String text) {
        double ground = length(field, text);
        if (ground < 0 || ground > MOST_GROUND) {
            throw BadInputException.of(
                    field,
                    text,
                    field + " of " + text + " is not between 0 and " + ShopNotation.inBoth(MOST_GROUND)
                            + ". What carries load is not ground away: replace or"
                            + " move it.");
        }
        return ground;
    }

    double quantity(String field, String text, Dimension dimension) {
        String t = text.strip().replace('−', '-');
        boolean negative = t.startsWith("-");
        try {
            double value = ShopNotation.parse(
                            negative ? t.substring(1) : t, dimension, Unit.defaultFor(dimension, units))
                    .si();
            return negative ? -value : value;
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(field, text, field + ": " + e.getMessage());
        }
    }

    static double number(String field, String text) {
        try {
            return Double.parseDouble(
                    text.strip().replace('−', '-').replace(',', '.').replace("°", ""));
        } catch (NumberFormatException e) {
            throw BadInputException.of(field, text, field + ": write an angle in degrees, such as 34.");
        }
    }
}
