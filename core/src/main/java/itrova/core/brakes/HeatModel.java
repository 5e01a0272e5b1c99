package itrova.core.brakes;

import static itrova.core.brakes.BrakeQuantity.COOLING_TIME;
import static itrova.core.brakes.BrakeQuantity.DRUM_DIAMETER;
import static itrova.core.brakes.BrakeQuantity.DRUM_WALL;
import static itrova.core.brakes.BrakeQuantity.FLUID_SHARE;
import static itrova.core.brakes.BrakeQuantity.LINING_WIDTH;
import static itrova.core.brakes.BrakeQuantity.MASS_LADEN;
import static itrova.core.brakes.BrakeQuantity.RING_MASS;
import static itrova.core.brakes.BrakeQuantity.SPECIFIC_HEAT;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.stopping.BrakeHeat;
import itrova.core.stopping.TwoAxles;
import java.util.OptionalDouble;

/** How hot brakes get, as functions of a circuit's quantities. */
final class HeatModel {
    /** Factor for what turns with the wheels (common practice). */
    static final double TURNING = 1.04;
    /** Air (°C). */
    static final double AIR = 20;

    private HeatModel() {}

    /** The ring that takes a stop's heat: a disc's, or a drum's rim, which cools more slowly for its heat is inside. */
    static BrakeHeat ring(Values v, int axle) {
        if (v.circuit().axles().get(axle).isDisc()) {
            return new BrakeHeat(v.of(RING_MASS, axle), v.of(SPECIFIC_HEAT), v.of(COOLING_TIME, axle));
        }
        double rim = Math.PI * v.of(DRUM_DIAMETER, axle) * v.of(LINING_WIDTH, axle) * v.of(DRUM_WALL, axle);
        return new BrakeHeat(rim * IRON, v.of(SPECIFIC_HEAT), SLOWER * v.of(COOLING_TIME, axle));
    }

    /** Cast iron (kg/mm³). */
    private static final double IRON = 7.2e-6;
    /** A drum takes 1.5 to 2 times as long to cool as a disc (common practice). */
    private static final double SLOWER = 1.75;

    static double share(Values v, int axle, double z) {
        double rear = BrakeModel.rearShare(v, z, Load.LADEN);
        return (axle == BrakeModel.FRONT ? 1 - rear : rear) / 2;
    }

    /** Temperature of one brake's ring (°C) after laden stops from 80 km/h at 0.5·g, one a minute. */
    static double afterStops(Values v, int axle, int stops) {
        return afterStops(v, axle, stops, 80 / 3.6, Load.LADEN);
    }

    /** The same from another speed (m/s) in a state of load. */
    static double afterStops(Values v, int axle, int stops, double speed, Load load) {
        double energy = BrakeHeat.energy(BrakeModel.vehicle(v, load).mass(), speed, TURNING) * share(v, axle, 0.5);
        return ring(v, axle).afterStops(AIR, AIR, energy, 60, stops);
    }

    /** Temperature (°C) at the foot of 6 km of 6 % at 30 km/h, laden, the brakes alone holding it (ECE R13 type II, from memory). */
    static double afterDescent(Values v, int axle) {
        double watts = v.of(MASS_LADEN) * TwoAxles.G * 0.06 * (30 / 3.6) * share(v, axle, 0.1);
        return ring(v, axle).afterDescent(AIR, AIR, watts, 6000 / (30 / 3.6));
    }

    /** Temperature of the fluid in a caliper (°C) at that foot. */
    static double fluid(Values v, int axle) {
        return fluidAt(v, Math.max(afterDescent(v, axle), afterStops(v, axle, 10)));
    }

    /** Temperature of the fluid (°C) while the ring is at its own. */
    static double fluidAt(Values v, double ring) {
        return AIR + v.of(FLUID_SHARE) * (ring - AIR);
    }

    /** Warming of the front disc's ring per joule of the whole vehicle's braking (K/J); absent for a drum. */
    static OptionalDouble warming(Values v, Load load) {
        if (!v.circuit().axles().get(BrakeModel.FRONT).isDisc()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(TURNING
                * (1 - BrakeModel.rearShare(v, 0.5, load))
                / 2
                / (v.of(RING_MASS, BrakeModel.FRONT) * v.of(SPECIFIC_HEAT)));
    }
}
