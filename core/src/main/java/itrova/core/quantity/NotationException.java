package itrova.core.quantity;

import java.util.Optional;

/** Text that is not a measure. The message names the text, the fault and the remedy in plain words. */
public final class NotationException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final transient Optional<Clash> clash;

    NotationException(String message) {
        this(message, Optional.empty());
    }

    private NotationException(String message, Optional<Clash> clash) {
        super(message);
        this.clash = clash;
    }

    /** Two measures that cannot both be true. */
    public record Clash(Understood one, Understood other) {}

    /** What clashes, where the text states two values. */
    public Optional<Clash> clash() {
        return clash;
    }

    static NotationException empty(Dimension dimension) {
        return new NotationException("Nothing was typed. Write a measure such as " + examples(dimension) + ".");
    }

    static NotationException notANumber(String text, String part, Dimension dimension) {
        return new NotationException("“" + text + "” is not a measure: “" + part + "” cannot be read. Write it like "
                + examples(dimension) + ".");
    }

    static NotationException badFraction(String text, String fraction) {
        return new NotationException("“" + text + "” is not a measure: in “" + fraction
                + "” the part above the line must be smaller than the part below, and the part below not zero. "
                + "Write it like 13/16.");
    }

    static NotationException unknownUnit(String text, String unit, Dimension dimension) {
        return new NotationException("“" + text + "”: “" + unit + "” is not a unit of "
                + dimension.name().toLowerCase(java.util.Locale.ROOT) + " known here. Use "
                + usable(dimension) + ".");
    }

    static NotationException tooLong(int length) {
        return new NotationException("The text has " + length + " characters; a measure has at most "
                + ShopNotation.MAX_LENGTH + ". Type the number and its unit only.");
    }

    static NotationException clash(String text, Understood first, Understood second) {
        double apart = Math.abs(first.si() - second.si());
        String unit = first.unit().dimension().siSymbol();
        String message = String.format(
                java.util.Locale.ROOT,
                "“%s” states two values that clash: %s is %.2f %s, %s is %.2f %s; they are %.2f %s (%.0f %%) apart. Find out which is correct and write that one.",
                text,
                ShopNotation.decimal(first.si(), first.unit(), 2),
                first.si(),
                unit,
                ShopNotation.decimal(second.si(), second.unit(), 2),
                second.si(),
                unit,
                apart,
                unit,
                100 * apart / Math.max(Math.abs(first.si()), Math.abs(second.si())));
        return new NotationException(message, Optional.of(new Clash(first, second)));
    }

    static NotationException notWhole(String text) {
        return new NotationException("“" + text + "” is not a count. Write a whole number such as 5.");
    }

    private static String examples(Dimension dimension) {
        return switch (dimension) {
            case LENGTH -> "2 13/16, 71.4 mm or 2.81 in";
            case MASS -> "780 kg or 1720 lb";
            case TORQUE -> "90 N·m or 66 lbf·ft";
            case PRESSURE -> "7.5 MPa, 75 bar or 1090 psi";
            case COUNT -> "5";
        };
    }

    private static String usable(Dimension dimension) {
        return switch (dimension) {
            case LENGTH -> "mm, cm, m, in, ft or thou";
            case MASS -> "kg, t or lb";
            case TORQUE -> "N·m, lbf·ft or lbf·in";
            case PRESSURE -> "MPa, kPa, bar or psi";
            case COUNT -> "a whole number without unit";
        };
    }
}
