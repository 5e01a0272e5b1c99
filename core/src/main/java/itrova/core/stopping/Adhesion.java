package itrova.core.stopping;

/**
 * Adhesion an axle uses: its braking force over its load at that deceleration.
 *
 * @param front share of the front axle's load
 * @param rear share of the rear axle's load
 */
public record Adhesion(double front, double rear) {
    /** Deceleration from which and up to which the front is to use more than the rear (ECE R13-H, annex 5, from memory). */
    public static final double FROM = 0.15;

    public static final double TO = 0.8;

    /**
     * Used at the deceleration the forces themselves give.
     *
     * @param frontForce at the ground (N)
     * @param rearForce at the ground (N)
     */
    public static Adhesion of(TwoAxles vehicle, double frontForce, double rearForce) {
        double z = (frontForce + rearForce) / vehicle.weight();
        double rear = vehicle.rear(z);
        return new Adhesion(
                frontForce / vehicle.front(z),
                rear > 0 ? rearForce / rear : rearForce > 0 ? Double.POSITIVE_INFINITY : 0);
    }

    /** Least deceleration a used adhesion k must give, 0.2 ≤ k ≤ 0.8: z ≥ 0.1 + 0.7·(k − 0.2) (ECE R13-H, annex 5, from memory). */
    public static double least(double used) {
        return 0.1 + 0.7 * (used - 0.2);
    }

    /** The same of older vehicles: z ≥ 0.1 + 0.85·(k − 0.2) (ECE R13, annex 10, from memory). */
    public static double leastOfOlder(double used) {
        return 0.1 + 0.85 * (used - 0.2);
    }
}
