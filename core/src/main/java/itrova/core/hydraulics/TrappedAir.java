package itrova.core.hydraulics;

/** Air in a line: squeezed at one temperature (Boyle). */
public final class TrappedAir {
    /** Standard atmosphere (MPa). */
    public static final double ATMOSPHERE = 0.101325;

    private TrappedAir() {}

    /** Volume left of it at a gauge pressure (mm³). */
    public static double left(double volume, double pressure) {
        return volume * ATMOSPHERE / (ATMOSPHERE + pressure);
    }

    /** Fluid it swallows up to a gauge pressure (mm³). */
    public static double swallowed(double volume, double pressure) {
        return volume - left(volume, pressure);
    }
}
