package itrova.core.quantity;

/**
 * One part of a value's uncertainty.
 *
 * @param source the cause; components of the same source are the same error, wherever they occur
 * @param effect signed standard uncertainty this source causes in the value, in the value's unit
 * @param dof degrees of freedom of the estimate of that uncertainty; infinite for a stated limit
 */
public record Component(Source source, double effect, double dof) {
    /** A component from a limit ±a with every value in it equally likely: u = a/√3 (JCGM 100:2008, 4.3.7). */
    public static Component rectangular(Source source, double halfLimit) {
        return new Component(source, halfLimit / Math.sqrt(3), Double.POSITIVE_INFINITY);
    }

    /** A component given as a standard uncertainty from stated knowledge. */
    public static Component standard(Source source, double u) {
        return new Component(source, u, Double.POSITIVE_INFINITY);
    }
}
