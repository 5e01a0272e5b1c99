package itrova.core.kit;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;

/**
 * A length from a kit's papers.
 *
 * @param value nominal (mm)
 * @param tolerance half-width of its tolerance (mm), every value in it equally likely
 * @param assumed whether the tolerance is the shop's default class because the papers state none
 */
public record Figure(double value, double tolerance, boolean assumed) {
    /** Default class of unstated lengths, ± mm (common practice, see definitions in the documentation). */
    public static final double GENERAL_TOLERANCE = 0.5;
    /** Default class of unstated bores and pilots, ± mm (common practice). */
    public static final double BORE_TOLERANCE = 0.05;

    /** @throws IllegalArgumentException if value or tolerance is not finite or the tolerance is negative */
    public Figure {
        if (!Double.isFinite(value) || !(tolerance >= 0) || !Double.isFinite(tolerance)) {
            throw new IllegalArgumentException("A figure needs a finite value and a tolerance of at least 0, not "
                    + value + " ± " + tolerance + ".");
        }
    }

    public static Figure stated(double value, double tolerance) {
        return new Figure(value, tolerance, false);
    }

    public static Figure general(double value) {
        return new Figure(value, GENERAL_TOLERANCE, true);
    }

    public static Figure bore(double value) {
        return new Figure(value, BORE_TOLERANCE, true);
    }

    /** The figure with its doubt under the given source. */
    public Measured measured(Source source) {
        return Measured.of(value, Component.rectangular(source, tolerance));
    }
}
