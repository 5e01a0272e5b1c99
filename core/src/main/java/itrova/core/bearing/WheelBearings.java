package itrova.core.bearing;

/**
 * The two tapered roller bearings of a hub with the wheel they carry.
 *
 * @param inner the large bearing, against the spindle's shoulder
 * @param outer the small bearing
 */
public record WheelBearings(Rating inner, Rating outer) {
    /**
     * Load ratings of one of them (ISO 281).
     *
     * @param dynamic basic dynamic load rating C (N)
     * @param e limit of the load ratio
     * @param y thrust factor Y
     */
    public record Rating(double dynamic, double e, double y) {}

    /**
     * Where the wheel stands to its bearings, and what presses on it.
     *
     * @param wheel wheel load (N)
     * @param side side load at the road (N), positive towards the vehicle's middle, negative away from it
     * @param line the wheel's centre plane outboard of the large bearing (mm)
     * @param spacing distance of the two bearings (mm), positive
     * @param tyreDiameter outside diameter of the tyre (mm)
     */
    public record Standing(double wheel, double side, double line, double spacing, double tyreDiameter) {}

    /** Road (km) to the life nine of ten reach of the bearing that ends first. */
    public double road(Standing at) {
        HubLoads loads = HubLoads.of(
                at.wheel(), at.side(), at.line(), at.spacing(), at.tyreDiameter() / 2, inner.y(), outer.y());
        return Math.min(
                road(inner, loads.innerRadial(), loads.innerAxial(), at.tyreDiameter()),
                road(outer, loads.outerRadial(), loads.outerAxial(), at.tyreDiameter()));
    }

    private static double road(Rating rating, double radial, double axial, double tyre) {
        double p = RollingLife.equivalent(radial, axial, rating.e(), rating.y());
        return RollingLife.road(RollingLife.millionTurns(rating.dynamic(), p), tyre);
    }
}
