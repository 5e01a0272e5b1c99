package itrova.core.fit;

/**
 * The shop's limits. Defaults are common practice.
 *
 * @param turningGap least gap between turning wheel and caliper (mm)
 * @param deflection wheel and bearing deflection deducted from that gap (mm)
 * @param playLeast least diametral play of the disc on the register (mm)
 * @param playMost largest diametral play of the disc on the register (mm)
 * @param hatRoom least radial room between hat and flange (mm)
 * @param engagement full thread a steel nut must hold, in stud diameters
 * @param holeWall least metal left beside a drilled stud hole (mm)
 * @param flangeWall least metal left outside the studs of a turned flange (mm)
 * @param imbalance share by which one trailer axle may carry more than its part
 */
public record ShopSettings(
        double turningGap,
        double deflection,
        double playLeast,
        double playMost,
        double hatRoom,
        double engagement,
        double holeWall,
        double flangeWall,
        double imbalance) {

    public static final ShopSettings DEFAULTS = new ShopSettings(3.0, 0.5, 0.0, 0.20, 0.5, 1.0, 5.0, 4.0, 0.10);
}
