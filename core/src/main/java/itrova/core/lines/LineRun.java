package itrova.core.lines;

import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;

/**
 * One piece of brake line.
 *
 * @param from where it begins
 * @param to where it ends
 * @param length taped along its bends, as typed
 * @param bore inner diameter, as typed; empty for that of 3/16 in pipe
 */
public record LineRun(LinePoint from, LinePoint to, String length, String bore) {
    private static final double LEAST_LENGTH = 10;
    private static final double MOST_LENGTH = 20_000;
    private static final double LEAST_BORE = 1;
    private static final double MOST_BORE = 8;
    /** Inner diameter of 3/16 in pipe (mm); common practice. */
    private static final double USUAL_BORE = 3.2;
    /** A tape along bends, over the length and at least (mm); common practice. */
    private static final double TAPE_SHARE = 0.02;

    private static final double TAPE_LEAST = 5;

    /** @throws IllegalArgumentException naming end, value and remedy */
    public LineRun {
        if (from.equals(to)) {
            throw new IllegalArgumentException(
                    "A brake line runs from " + from.key() + " to itself: a loop. Name its other end.");
        }
        within("length", length, LEAST_LENGTH, MOST_LENGTH, from, to);
        if (!bore.isBlank()) {
            within("bore", bore, LEAST_BORE, MOST_BORE, from, to);
        }
    }

    private static void within(String what, String text, double min, double max, LinePoint from, LinePoint to) {
        String run = "Line from " + from.key() + " to " + to.key() + ": ";
        double value;
        try {
            value = toMillimetres(text);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(run + what + ": " + e.getMessage());
        }
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(run + what + " of " + value + " mm is outside " + min + " to " + max
                    + " mm. Check the figure and its unit.");
        }
    }

    private static double toMillimetres(String text) {
        return ShopNotation.parse(text, Dimension.LENGTH, Unit.MILLIMETRE).si();
    }

    /** Its length (mm). */
    public double lengthMillimetres() {
        return toMillimetres(length);
    }

    /** How far its length may be off (mm). */
    public double halfLimit() {
        return Math.max(TAPE_LEAST, TAPE_SHARE * lengthMillimetres());
    }

    /** Its inner diameter (mm). */
    public double boreMillimetres() {
        return bore.isBlank() ? USUAL_BORE : toMillimetres(bore);
    }
}
