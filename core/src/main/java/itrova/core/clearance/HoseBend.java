package itrova.core.clearance;

/** How sharply a hose bends when its ends come near: taken as one arc, which is the gentlest it can hang (common practice). */
public final class HoseBend {
    private static final int STEPS = 60;

    private HoseBend() {}

    /**
     * Radius of the arc of a given length over a given chord: c = 2R·sin(L/2R).
     *
     * @param length length of the hose (mm), positive
     * @param chord distance of its ends (mm), not negative
     * @return bend radius (mm); infinite if it hangs straight or is too short
     */
    public static double radius(double length, double chord) {
        if (chord >= length) {
            return Double.POSITIVE_INFINITY;
        }
        double low = 0;
        double high = Math.PI;
        double wanted = chord / length;
        for (int i = 0; i < STEPS; i++) {
            double half = (low + high) / 2;
            if (Math.sin(half) / half > wanted) {
                low = half;
            } else {
                high = half;
            }
        }
        return length / (2 * ((low + high) / 2));
    }
}
