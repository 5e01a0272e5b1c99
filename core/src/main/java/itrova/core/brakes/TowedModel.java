package itrova.core.brakes;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.stopping.TwoAxles;

/** A trailer and what tows it, stopped together, as functions of a circuit's quantities. */
final class TowedModel {
    /** What a dry road holds (common practice). */
    private static final double DRY_ROAD = 0.8;
    /** Share of the trailer's mass on its own wheels; the rest hangs on the coupling (common practice). */
    private static final double ON_ITS_WHEELS = 0.92;

    private TowedModel() {}

    /**
     * Deceleration of both (m/s²): each brakes as hard as it can alone, and the coupling makes them slow alike.
     *
     * @param isBraked whether the trailer's own brakes work
     */
    static double together(Values v, boolean isBraked) {
        double tow = v.of(BrakeQuantity.TOW_MASS);
        double trailer = v.of(BrakeQuantity.MASS_LADEN);
        double force = tow * v.of(BrakeQuantity.TOW_DECELERATION) + (isBraked ? trailerForce(v) : 0);
        return force / (tow + trailer);
    }

    /** Force the trailer pushes the coupling with in that stop (N); negative where it pulls. */
    static double thrust(Values v) {
        return v.of(BrakeQuantity.MASS_LADEN) * together(v, true) - trailerForce(v);
    }

    private static double trailerForce(Values v) {
        double held = DRY_ROAD * ON_ITS_WHEELS * v.of(BrakeQuantity.MASS_LADEN) * TwoAxles.G;
        return Math.min(BrakeModel.trailerForce(v), held);
    }
}
