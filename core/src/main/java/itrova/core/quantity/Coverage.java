package itrova.core.quantity;

import org.hipparchus.distribution.continuous.TDistribution;

/** Coverage factors for expanded uncertainty: k = max(2, t95(ν)), JCGM 100:2008, G.6.4 with a floor of 2. */
final class Coverage {
    /** Above this many degrees of freedom Student's t at 95 % is below 2, so the floor holds. */
    private static final int LAST_ABOVE_FLOOR = 60;

    private static final double FLOOR = 2;
    private static final double[] T95 = new double[LAST_ABOVE_FLOOR + 1];

    static {
        for (int dof = 1; dof <= LAST_ABOVE_FLOOR; dof++) {
            T95[dof] = new TDistribution(dof).inverseCumulativeProbability(0.975);
        }
    }

    private Coverage() {}

    /** Factor for the given effective degrees of freedom, which are truncated to a whole number (at least 1). */
    static double factor(double dof) {
        if (!(dof <= LAST_ABOVE_FLOOR)) {
            return FLOOR;
        }
        return Math.max(FLOOR, T95[Math.max(1, (int) dof)]);
    }
}
