package itrova.core.stopping;

/**
 * A vehicle on two axles in one state of load.
 *
 * @param mass (kg)
 * @param wheelbase L (mm)
 * @param behindFront distance a of the centre of gravity behind the front axle (mm)
 * @param height height h of the centre of gravity (mm)
 */
public record TwoAxles(double mass, double wheelbase, double behindFront, double height) {
    /** Standard acceleration of free fall (m/s²). */
    public static final double G = 9.80665;

    /** @throws IllegalArgumentException if the centre of gravity does not lie between the axles */
    public TwoAxles {
        if (!(mass > 0 && wheelbase > 0 && height >= 0)) {
            throw new IllegalArgumentException("Mass and wheelbase are more than 0.");
        }
        if (!(behindFront > 0 && behindFront < wheelbase)) {
            throw new IllegalArgumentException("The centre of gravity lies between the axles.");
        }
    }

    /** From the load the front axle carries at rest (kg). */
    public static TwoAxles byFrontLoad(double mass, double front, double wheelbase, double height) {
        return new TwoAxles(mass, wheelbase, wheelbase * (mass - front) / mass, height);
    }

    public double weight() {
        return mass * G;
    }

    /** Load of the front axle at a deceleration z·g (N): m·g·(b + z·h)/L; never more than the whole. */
    public double front(double z) {
        return Math.min(weight(), weight() * (wheelbase - behindFront + z * height) / wheelbase);
    }

    /** Load of the rear axle (N): m·g·(a − z·h)/L; never less than nothing. */
    public double rear(double z) {
        return weight() - front(z);
    }
}
