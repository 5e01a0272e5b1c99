package itrova.core.fastener;

/** Torque and preload of a bolt by the short form F = T/(K·d) (Shigley; VDI 2230 for the fuller model). */
public final class Tightening {
    private Tightening() {}

    /**
     * Preload from tightening torque.
     *
     * @param torque tightening torque (N·m)
     * @param nutFactor K, about 0.30 plain dry, 0.20 zinc plated, 0.18 oiled, 0.12 anti-seize; scatter about ±25 %
     * @param thread the bolt's thread
     * @return preload (N)
     */
    public static double preload(double torque, double nutFactor, Thread thread) {
        return torque / (nutFactor * thread.diameter() / 1000);
    }

    /**
     * Setting of a torque wrench that carries an in-line extension: set = T·L/(L + E).
     *
     * @param torque wanted torque at the bolt (N·m)
     * @param length length of the wrench from its grip to its square (mm), positive
     * @param extension length of the extension in line with the wrench (mm), not negative
     * @return torque to set (N·m)
     */
    public static double wrenchSetting(double torque, double length, double extension) {
        return torque * length / (length + extension);
    }
}
