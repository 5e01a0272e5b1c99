package itrova.core.guide;

/** Shannon entropy of yes-or-no questions, the normal distribution and Gauss-Hermite quadrature, made for speed. */
final class Entropy {
    /** Nodes and weights of seven-point Gauss-Hermite quadrature for a standard normal variable (Abramowitz and Stegun, table 25.10). */
    static final double[] NODES = {
        -3.750439717725742,
        -2.366759410734541,
        -1.154405394739968,
        0,
        1.154405394739968,
        2.366759410734541,
        3.750439717725742
    };

    static final double[] WEIGHTS = {
        5.4826885597222e-4,
        3.07571239675865e-2,
        0.240123178605013,
        0.457142857142857,
        0.240123178605013,
        3.07571239675865e-2,
        5.4826885597222e-4
    };

    private static final double LOG2 = Math.log(2);
    /** Beyond this the normal distribution is 0 or 1 for every purpose here. */
    private static final double TAIL = 8;

    private Entropy() {}

    /** Entropy (bit) of a question whose answer is yes with probability p. */
    static double bits(double p) {
        if (!(p > 0) || !(p < 1)) {
            return 0;
        }
        return -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / LOG2;
    }

    /** Distribution function of the standard normal variable, absolute error below 1.5e-7 (Abramowitz and Stegun 7.1.26). */
    static double phi(double z) {
        if (z > TAIL) {
            return 1;
        }
        if (z < -TAIL) {
            return 0;
        }
        double x = Math.abs(z) / Math.sqrt(2);
        double t = 1 / (1 + 0.3275911 * x);
        double poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
        double tail = 0.5 * poly * Math.exp(-x * x);
        return z >= 0 ? 1 - tail : tail;
    }

    /** Chance that a normal variable of the given mean and spread is at least 0; a spread of 0 makes it certain. */
    static double atLeastZero(double mean, double spread) {
        if (spread > 0) {
            return phi(mean / spread);
        }
        return mean >= 0 ? 1 : 0;
    }
}
