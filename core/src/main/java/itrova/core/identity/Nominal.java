package itrova.core.identity;

/**
 * A family's figure: the centre of its tolerance and half its width.
 *
 * @param centre middle of the tolerance (mm, or a count)
 * @param halfWidth half the width of the tolerance, every value in it equally likely (mm)
 */
public record Nominal(double centre, double halfWidth) {
    /** @throws IllegalArgumentException if the centre is not positive or the half-width negative */
    public Nominal {
        if (!(centre > 0) || !Double.isFinite(centre) || !(halfWidth >= 0) || !Double.isFinite(halfWidth)) {
            throw new IllegalArgumentException(
                    "A family's figure must be more than 0 with a tolerance of at least 0, not " + centre + " ± "
                            + halfWidth + ".");
        }
    }

    /** Standard uncertainty of the making (mm). */
    double making() {
        return halfWidth / Math.sqrt(3);
    }
}
