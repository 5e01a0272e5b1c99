package itrova.core.brakes;

import itrova.core.kit.Disc;
import itrova.core.kit.Kit;
import itrova.core.kit.PistonBore;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What a kit's papers tell of its discs as brakes; what they do not tell is left out, and so is wanted. */
public final class DiscsOfKit {
    /** Cast iron (kg/mm³). */
    private static final double DENSITY = 7.2e-6;
    /** From this thickness on discs are vented, and a third of the ring is air; common practice (mm). */
    private static final double VENTED_FROM = 17;
    /** How far the friction's middle may lie from the pistons' (share of the radius); common practice. */
    private static final double RADIUS_DOUBT = 0.03;

    private static final double BORE_DOUBT = 0.05;
    private static final double MASS_DOUBT = 0.15;

    private DiscsOfKit() {}

    /** Quantities of one axle converted with the kit. */
    public static Map<BrakeQuantity, Measured> of(Kit kit) {
        Map<BrakeQuantity, Measured> known = new EnumMap<>(BrakeQuantity.class);
        List<PistonBore> bores = kit.caliper().plumbing().bores();
        if (!bores.isEmpty()) {
            double area = 0;
            double doubt = 0;
            double moment = 0;
            for (PistonBore bore : bores) {
                double own = Math.PI / 4 * bore.diameter() * bore.diameter();
                area += own;
                doubt += Math.PI / 2 * bore.diameter() * BORE_DOUBT;
                moment += own * bore.radius();
            }
            double radius = moment / area;
            known.put(BrakeQuantity.PISTON_AREA, told(kit, "piston area", area, doubt));
            known.put(BrakeQuantity.EFFECTIVE_RADIUS, told(kit, "effective radius", radius, RADIUS_DOUBT * radius));
        }
        double mass = ringMass(kit.disc());
        if (mass > 0) {
            known.put(BrakeQuantity.RING_MASS, told(kit, "ring mass", mass, MASS_DOUBT * mass));
        }
        return known;
    }

    private static double ringMass(Disc disc) {
        double outer = disc.diameter().value();
        double inner = disc.hatInside().value() + 2 * disc.hatThickness().value();
        double thickness = disc.thickness().value();
        double full = Math.PI / 4 * (outer * outer - inner * inner) * thickness * DENSITY;
        return thickness >= VENTED_FROM ? full * 2 / 3 : full;
    }

    private static Measured told(Kit kit, String what, double value, double half) {
        return Measured.of(value, Component.rectangular(Source.named("kit:" + kit.code() + ":" + what), half));
    }
}
