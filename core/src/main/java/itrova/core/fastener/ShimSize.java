package itrova.core.fastener;

/**
 * Shims of one thickness.
 *
 * @param thickness of one (mm)
 * @param count how many come with the kit, both sides together
 */
public record ShimSize(double thickness, int count) {
    /** @throws IllegalArgumentException if thickness or count is not positive */
    public ShimSize {
        if (!(thickness > 0) || count < 1) {
            throw new IllegalArgumentException(
                    "Shims have a thickness and a count, not " + count + " of " + thickness + " mm.");
        }
    }
}
