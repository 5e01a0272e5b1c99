package itrova.core.bearing;

/**
 * Loads on the two tapered roller bearings of a hub, by moments about them.
 *
 * @param innerRadial radial load of the large bearing (N)
 * @param outerRadial radial load of the small bearing (N)
 * @param innerAxial axial load of the large bearing (N)
 * @param outerAxial axial load of the small bearing (N)
 */
public record HubLoads(double innerRadial, double outerRadial, double innerAxial, double outerAxial) {
    /**
     * Loads from a wheel load and a side load at the road.
     *
     * <p>Two bearings face to back: each taper's radial load pushes the other outwards with 0.5·Fr/Y (ISO 281, bearing makers'
     * handbooks); the bearing that gets both thrusts carries the larger sum.
     *
     * @param wheel wheel load (N)
     * @param side side load at the road towards the vehicle's middle (N)
     * @param line distance of the load line outboard of the large bearing (mm)
     * @param spacing distance of the two bearings (mm), positive
     * @param radius rolling radius (mm)
     * @param innerY thrust factor of the large bearing
     * @param outerY thrust factor of the small bearing
     */
    public static HubLoads of(
            double wheel, double side, double line, double spacing, double radius, double innerY, double outerY) {
        double outer = (wheel * line - side * radius) / spacing;
        double inner = wheel - outer;
        double innerRadial = Math.abs(inner);
        double outerRadial = Math.abs(outer);
        double innerThrust = 0.5 * innerRadial / innerY;
        double outerThrust = 0.5 * outerRadial / outerY;
        // The side load at the road presses the hub inboard, onto the large bearing.
        if (outerThrust + side >= innerThrust) {
            return new HubLoads(innerRadial, outerRadial, outerThrust + side, outerThrust);
        }
        return new HubLoads(innerRadial, outerRadial, innerThrust, innerThrust - side);
    }
}
