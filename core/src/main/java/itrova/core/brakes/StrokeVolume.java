package itrova.core.brakes;

/**
 * Fluid of one stroke by what takes it up (cm³).
 *
 * @param gaps until pads and shoes touch
 * @param compliance of calipers, pads, drums and shoes
 * @param hoses what they swell
 * @param lines the fluid pressed together and the pipes
 * @param air what trapped air gives way
 */
record StrokeVolume(double gaps, double compliance, double hoses, double lines, double air) {
    static final StrokeVolume NONE = new StrokeVolume(0, 0, 0, 0, 0);

    double total() {
        return gaps + compliance + hoses + lines + air;
    }

    StrokeVolume plus(StrokeVolume o, double share) {
        return new StrokeVolume(
                gaps + share * o.gaps,
                compliance + share * o.compliance,
                hoses + share * o.hoses,
                lines + share * o.lines,
                air + share * o.air);
    }
}
