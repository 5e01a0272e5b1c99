package itrova.core.brakes;

import static itrova.core.brakes.BrakeQuantity.MASTER_BORE;
import static itrova.core.brakes.BrakeQuantity.PEDAL_EFFICIENCY;
import static itrova.core.brakes.BrakeQuantity.PEDAL_RATIO;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.hydraulics.Pedal;
import itrova.core.hydraulics.TrappedAir;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import java.util.Optional;
import java.util.Set;

/**
 * Air left in a circuit, from two readings of the pedal: what it gave way between them, less what calipers, hoses and lines give way, is air
 * squeezed at one temperature (Boyle).
 *
 * @param volume air at rest (cm³) with its doubt; absent where it cannot be told
 * @param why why it cannot be told; empty where it can
 * @param missing quantities that must be told first
 */
public record AirEstimate(Optional<Measured> volume, String why, Set<QuantityAt> missing) {
    /** Highest pressure at which the first reading still tells air from gaps taken up: 91 % of the gas is gone at 1 MPa (MPa gauge). */
    static final double LOW = 0.3;
    /** Least pressure of the second reading (MPa). */
    static final double HIGH = 2.0;

    /**
     * A reading of the pedal, held still.
     *
     * @param force at the pad (N)
     * @param travel of the pad from rest (mm)
     */
    public record PedalReading(double force, double travel) {
        /** @throws IllegalArgumentException naming what makes no sense */
        public PedalReading {
            if (!(force > 0 && force <= 1500)) {
                throw new IllegalArgumentException(
                        "A pedal force of " + force + " N is outside 0 to 1500 N. Read the gauge at the pad again.");
            }
            if (!(travel > 0 && travel <= 300)) {
                throw new IllegalArgumentException(
                        "A pedal travel of " + travel + " mm is outside 0 to 300 mm. Read it on a rule from rest.");
            }
        }
    }

    /** What a reading may be off: force by a spring gauge (N), travel by a rule (mm); half widths, common practice. */
    static final double FORCE_HALF = 4;

    static final double TRAVEL_HALF = 0.5;

    private enum Read implements Source {
        LOW_FORCE,
        LOW_TRAVEL,
        HIGH_FORCE,
        HIGH_TRAVEL;

        @Override
        public String id() {
            return "pedal:" + name();
        }
    }

    /**
     * Estimates the air.
     *
     * @param circuit as planned, bled
     * @param low reading at 0.3 MPa or less, pedal pressed slowly, booster exhausted, gaps taken up
     * @param high reading at 2 MPa or more
     */
    public static AirEstimate of(BrakeCircuit circuit, PedalReading low, PedalReading high) {
        if (high.force() <= low.force() || high.travel() <= low.travel()) {
            return told("The second reading is to be at more force and more travel than the first. Read both again.");
        }
        if (circuit.isTrailer()) {
            return told("A trailer has no pedal to be read.");
        }
        Reckoning reckoning = new Reckoning(circuit);
        Reckoning.Result pressure = reckoning.of(v -> pressure(v, low.force()));
        if (pressure.value().isEmpty()) {
            return new AirEstimate(Optional.empty(), "Figures of pedal and master are wanted.", pressure.missing());
        }
        double middle = pressure.value().get().value();
        if (middle > LOW) {
            return told(String.format(
                    java.util.Locale.ROOT,
                    "Cannot be told: the first reading is at %.2f MPa, where gas is squeezed already. Press more softly, 0.3 MPa at most.",
                    middle));
        }
        Reckoning.Result upper = reckoning.of(v -> pressure(v, high.force()));
        if (upper.value().orElseThrow().value() < HIGH) {
            return told("Cannot be told: the second reading is below 2 MPa. Press harder.");
        }
        Reckoning.Result air = reckoning.of(v -> air(v, low, high));
        if (air.value().isEmpty()) {
            return new AirEstimate(Optional.empty(), "Figures of the circuit are wanted.", air.missing());
        }
        Measured value = air.value().get();
        value = with(
                reckoning,
                value,
                Read.LOW_FORCE,
                FORCE_HALF,
                d -> new PedalReading(low.force() + d, low.travel()),
                low,
                high,
                true);
        value = with(
                reckoning,
                value,
                Read.LOW_TRAVEL,
                TRAVEL_HALF,
                d -> new PedalReading(low.force(), low.travel() + d),
                low,
                high,
                true);
        value = with(
                reckoning,
                value,
                Read.HIGH_FORCE,
                FORCE_HALF,
                d -> new PedalReading(high.force() + d, high.travel()),
                low,
                high,
                false);
        value = with(
                reckoning,
                value,
                Read.HIGH_TRAVEL,
                TRAVEL_HALF,
                d -> new PedalReading(high.force(), high.travel() + d),
                low,
                high,
                false);
        return new AirEstimate(Optional.of(value), "", Set.of());
    }

    private static AirEstimate told(String why) {
        return new AirEstimate(Optional.empty(), why, Set.of());
    }

    private static Measured with(
            Reckoning reckoning,
            Measured value,
            Read source,
            double half,
            java.util.function.DoubleFunction<PedalReading> shifted,
            PedalReading low,
            PedalReading high,
            boolean isLow) {
        double u = half / Math.sqrt(3);
        double above = middle(reckoning, isLow ? shifted.apply(u) : low, isLow ? high : shifted.apply(u));
        double below = middle(reckoning, isLow ? shifted.apply(-u) : low, isLow ? high : shifted.apply(-u));
        return value.with(Component.standard(source, (above - below) / 2));
    }

    private static double middle(Reckoning reckoning, PedalReading low, PedalReading high) {
        return reckoning.of(v -> air(v, low, high)).value().orElseThrow().value();
    }

    /** Without the booster's help. */
    private static double pressure(Values v, double force) {
        return Pedal.pressure(force, v.of(PEDAL_RATIO), v.of(PEDAL_EFFICIENCY), 1, 0, Pedal.area(v.of(MASTER_BORE)));
    }

    /** Air at rest (cm³). */
    private static double air(Values v, PedalReading low, PedalReading high) {
        double from = pressure(v, low.force());
        double to = pressure(v, high.force());
        double moved = (high.travel() - low.travel()) / v.of(PEDAL_RATIO) * Pedal.area(v.of(MASTER_BORE)) / 1000;
        double elastic = VolumeModel.elastic(v, to) - VolumeModel.elastic(v, from);
        return (moved - elastic) / (TrappedAir.swallowed(1, to) - TrappedAir.swallowed(1, from));
    }
}
