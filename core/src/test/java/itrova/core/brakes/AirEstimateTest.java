package itrova.core.brakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.brakes.AirEstimate.PedalReading;
import itrova.core.quantity.Measured;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Air from two pedal readings, against the simulated circuit. */
class AirEstimateTest {
    private static final BrakeCircuit CIRCUIT =
            Bench.planned(Map.of(), Map.of()).planned();
    private static final double LOW_FOOT = 20;
    private static final double HIGH_FOOT = 300;

    /** What the pad travels with so much air in the lines, by the circuit itself. */
    private static double travel(BrakeCircuit circuit, double air, double foot) {
        Map<QuantityAt, Measured> given = new HashMap<>(circuit.given());
        given.put(QuantityAt.vehicle(BrakeQuantity.AIR_LEFT), Measured.exact(air));
        return new Reckoning(circuit.withGiven(given), false)
                .of(v -> VolumeModel.travel(v, foot))
                .value()
                .orElseThrow()
                .value();
    }

    private static AirEstimate estimate(double air) {
        return AirEstimate.of(
                CIRCUIT,
                new PedalReading(LOW_FOOT, travel(CIRCUIT, air, LOW_FOOT)),
                new PedalReading(HIGH_FOOT, travel(CIRCUIT, air, HIGH_FOOT)));
    }

    @Test
    void findsTheAirThatWasPutIn() {
        for (double air : new double[] {0, 0.5, 2, 8}) {
            assertThat(estimate(air).volume().orElseThrow().value()).isEqualTo(air, within(1e-6));
        }
    }

    /**
     * The circuit drawn 5000 times anew within the doubt of all its figures, and read with a gauge and a rule that are off within theirs: the
     * true air lies inside the stated 95 % band in 93 to 97 of a hundred.
     */
    @Test
    void theBandHoldsWhatItSays() {
        Random random = new Random(11);
        int inside = 0;
        int runs = 5000;
        double air = 3;
        for (int i = 0; i < runs; i++) {
            BrakeCircuit drawn = drawn(random);
            PedalReading low = read(random, drawn, air, LOW_FOOT);
            PedalReading high = read(random, drawn, air, HIGH_FOOT);
            Measured told = AirEstimate.of(CIRCUIT, low, high).volume().orElseThrow();
            if (Math.abs(told.value() - air) <= told.expanded()) {
                inside++;
            }
        }
        assertThat((double) inside / runs).isBetween(0.93, 0.97);
    }

    private static BrakeCircuit drawn(Random random) {
        Map<QuantityAt, Measured> given = new HashMap<>();
        for (QuantityAt at : new Reckoning(CIRCUIT).used(v -> VolumeModel.travel(v, HIGH_FOOT))) {
            Measured m = CIRCUIT.measured(at).orElseThrow();
            given.put(at, Measured.exact(m.value() + m.u() * random.nextGaussian()));
        }
        return CIRCUIT.withGiven(given);
    }

    private static PedalReading read(Random random, BrakeCircuit drawn, double air, double foot) {
        double force = foot + AirEstimate.FORCE_HALF * (2 * random.nextDouble() - 1);
        double travel = travel(drawn, air, foot) + AirEstimate.TRAVEL_HALF * (2 * random.nextDouble() - 1);
        return new PedalReading(force, travel);
    }

    /** At 1 MPa 91 % of the gas is squeezed already: a first reading so high tells nothing. */
    @Test
    void readingsThatTellNothingAreSaidToTellNothing() {
        PedalReading high = new PedalReading(400, 90);
        assertThat(AirEstimate.of(CIRCUIT, new PedalReading(100, 60), high).why())
                .contains("0.3 MPa");
        assertThat(AirEstimate.of(CIRCUIT, new PedalReading(20, 60), new PedalReading(60, 70))
                        .why())
                .contains("below 2 MPa");
        assertThat(AirEstimate.of(CIRCUIT, new PedalReading(20, 60), new PedalReading(400, 50))
                        .why())
                .contains("more travel");
        assertThat(AirEstimate.of(CIRCUIT, new PedalReading(20, 60), new PedalReading(60, 70))
                        .volume())
                .isEmpty();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PedalReading(0, 50))
                .withMessageContaining("pedal force");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PedalReading(50, -1))
                .withMessageContaining("pedal travel");
    }

    @Test
    void aMasterNobodyReadIsNamed() {
        Map<QuantityAt, Measured> given = new HashMap<>(CIRCUIT.given());
        given.remove(QuantityAt.vehicle(BrakeQuantity.MASTER_BORE));
        assertThat(AirEstimate.of(CIRCUIT.withGiven(given), new PedalReading(20, 60), new PedalReading(400, 90))
                        .missing())
                .contains(QuantityAt.vehicle(BrakeQuantity.MASTER_BORE));
    }
}
