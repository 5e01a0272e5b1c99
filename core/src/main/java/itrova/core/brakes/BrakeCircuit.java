package itrova.core.brakes;

import itrova.core.hydraulics.DrumBrake;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The brakes of a vehicle in one state: how they hang together, and the quantities known of them.
 *
 * @param isTrailer whether an actuator takes the place of pedal and master
 * @param booster what helps the foot; for one not looked at nothing of the foot is proven
 * @param valve what stands between master and axles; one not looked at must be told by its knee
 * @param split what fails with one line
 * @param residual whether the master hides a residual valve; an axle's outlet may be told apart
 * @param fluid what is in it
 * @param parking what holds it standing
 * @param axles every axle, converted or not, the front one first
 * @param equipment what is looked at rather than worked out
 * @param given quantities read or told, by their place
 */
public record BrakeCircuit(
        boolean isTrailer,
        Booster booster,
        Valve valve,
        Split split,
        Residual residual,
        Fluid fluid,
        Parking parking,
        List<AxleBrakes> axles,
        Equipment equipment,
        Map<QuantityAt, Measured> given) {
    /** A circuit of which nobody looked at the equipment. */
    public BrakeCircuit(
            boolean isTrailer,
            Booster booster,
            Valve valve,
            Split split,
            Residual residual,
            Fluid fluid,
            Parking parking,
            List<AxleBrakes> axles,
            Map<QuantityAt, Measured> given) {
        this(isTrailer, booster, valve, split, residual, fluid, parking, axles, Equipment.NOT_LOOKED, given);
    }

    /** What helps the foot. */
    public enum Booster {
        NOT_LOOKED,
        NONE,
        VACUUM,
        HYDRAULIC
    }

    /** What stands between the master and the axles. */
    public enum Valve {
        NOT_LOOKED,
        NONE,
        /** Keeps the front waiting at low pressure. */
        METERING,
        /** Lets the rear pressure grow more slowly. */
        PROPORTIONING,
        /** Both in one body, or one behind the other. */
        COMBINATION;

        /** Whether the front waits. */
        public boolean isMetering() {
            return this == METERING || this == COMBINATION;
        }

        /** Whether the rear is held back, or nobody looked. */
        public boolean isProportioning() {
            return this == PROPORTIONING || this == COMBINATION || this == NOT_LOOKED;
        }

        /** The same with a metering valve. */
        Valve metering() {
            return this == METERING || this == NONE ? METERING : COMBINATION;
        }

        /** The same with a proportioning valve. */
        Valve proportioning() {
            return isMetering() ? COMBINATION : PROPORTIONING;
        }
    }

    /** What one cut line takes away. */
    public enum Split {
        NOT_LOOKED,
        SINGLE,
        FRONT_REAR,
        DIAGONAL
    }

    /** A valve that keeps pressure in the lines at rest. */
    public enum Residual {
        NOT_LOOKED,
        NONE,
        PRESENT
    }

    /** Fluid. */
    public enum Fluid {
        NOT_LOOKED(0, 0),
        DOT_3(205, 140),
        DOT_4(230, 155),
        DOT_5_1(260, 180),
        DOT_5_SILICONE(260, 180),
        MINERAL_OIL(0, 0);

        private final double dry;
        private final double wet;

        Fluid(double dry, double wet) {
            this.dry = dry;
            this.wet = wet;
        }

        /** Least boiling point new (°C), FMVSS 116; 0 where it tells none. */
        public double dry() {
            return dry;
        }

        /** Least boiling point with the water of age (°C), FMVSS 116; 0 where it tells none. */
        public double wet() {
            return wet;
        }
    }

    /** What holds it standing, on the rear axle. */
    public enum Parking {
        NOT_LOOKED,
        NONE,
        /** The rear drums by their own shoes. */
        DRUM_SHOES,
        /** Shoes in the hat of the rear discs. */
        DRUM_IN_HAT,
        /** A lever at the rear calipers. */
        LEVER_CALIPER,
        /** A caliper of its own on the rear discs. */
        SPOT_CALIPER,
        /** A drum on the transmission. */
        TRANSMISSION
    }

    /**
     * What brakes one axle.
     *
     * @param name of the axle
     * @param shoes how the drum's shoes are arranged; absent for discs
     * @param outlet residual valve of the outlet that feeds it, where that is known apart from the master's others
     */
    public record AxleBrakes(String name, Optional<DrumBrake.Kind> shoes, Optional<Residual> outlet) {
        /** An axle whose outlet is like the master's others. */
        public AxleBrakes(String name, Optional<DrumBrake.Kind> shoes) {
            this(name, shoes, Optional.empty());
        }

        public boolean isDisc() {
            return shoes.isEmpty();
        }
    }

    /** @throws IllegalArgumentException if a motor vehicle has not two axles, or a trailer none */
    public BrakeCircuit {
        axles = List.copyOf(axles);
        given = Map.copyOf(given);
        if (axles.isEmpty() || !isTrailer && axles.size() != 2) {
            throw new IllegalArgumentException(
                    "The brakes of a vehicle with a pedal are worked out for two axles, front and rear; told were "
                            + axles.size() + ".");
        }
    }

    /** A quantity: as given, else as usual. Absent where it must be read or told and was not. */
    public Optional<Measured> measured(QuantityAt at) {
        Measured told = given.get(at);
        if (told != null) {
            return Optional.of(told);
        }
        return at.quantity().defaultValue().isPresent()
                ? Optional.of(Measured.of(
                        at.quantity().defaultValue().getAsDouble(),
                        Component.rectangular(at, at.quantity().defaultHalfLimit())))
                : Optional.empty();
    }

    /** Whether a quantity is assumed from the table. */
    public boolean isAssumed(QuantityAt at) {
        return !given.containsKey(at) && at.quantity().defaultValue().isPresent();
    }

    /** The same with one axle on discs and what is known of them. */
    public BrakeCircuit withDiscs(int axle, Map<BrakeQuantity, Measured> known) {
        List<AxleBrakes> others = new java.util.ArrayList<>(axles);
        others.set(
                axle,
                new AxleBrakes(
                        axles.get(axle).name(),
                        Optional.empty(),
                        axles.get(axle).outlet()));
        Map<QuantityAt, Measured> more = new HashMap<>(given);
        known.forEach((q, value) -> more.put(new QuantityAt(q, axle), value));
        return new BrakeCircuit(isTrailer, booster, valve, split, residual, fluid, parking, others, equipment, more);
    }

    /** The same with other quantities. */
    public BrakeCircuit withGiven(Map<QuantityAt, Measured> other) {
        return new BrakeCircuit(isTrailer, booster, valve, split, residual, fluid, parking, axles, equipment, other);
    }

    /** Residual valve of the outlet that feeds an axle. */
    public Residual residual(int axle) {
        return axles.get(axle).outlet().orElse(residual);
    }

    /** Where the pressure a residual valve keeps in an axle's line is told. */
    QuantityAt residualPressure(int axle) {
        QuantityAt own = new QuantityAt(BrakeQuantity.RESIDUAL_PRESSURE, axle);
        return given.containsKey(own) ? own : QuantityAt.vehicle(BrakeQuantity.RESIDUAL_PRESSURE);
    }

    /** Whether any axle has discs. */
    public boolean hasDiscs() {
        return axles.stream().anyMatch(AxleBrakes::isDisc);
    }
}
