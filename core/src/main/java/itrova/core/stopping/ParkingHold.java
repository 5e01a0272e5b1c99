package itrova.core.stopping;

/** What holds a vehicle on a hill. */
public final class ParkingHold {
    private ParkingHold() {}

    /**
     * Force along the road that must be held (N): m·g·sin(atan(grade)).
     *
     * @param grade rise over run, such as 0.20 (ECE R13-H and FMVSS 135: a laden car on 20 %)
     */
    public static double wanted(double mass, double grade) {
        return mass * TwoAxles.G * Math.sin(Math.atan(grade));
    }

    /**
     * Load of the rear axle of a vehicle standing nose uphill or downhill (N).
     *
     * @param isNoseUp whether the front stands higher
     */
    public static double rearLoad(TwoAxles vehicle, double grade, boolean isNoseUp) {
        double angle = Math.atan(grade);
        double lean = (isNoseUp ? 1 : -1) * vehicle.height() * Math.sin(angle);
        return vehicle.weight() * (vehicle.behindFront() * Math.cos(angle) + lean) / vehicle.wheelbase();
    }
}
