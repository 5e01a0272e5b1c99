package itrova.core.brakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.brakes.WhatIf.Asked;
import itrova.core.brakes.WhatIf.Cut;
import itrova.core.stopping.TwoAxles;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Sliders say what the report says; the stop played ends where the closed form does; cut lines leave what is left. */
class WhatIfTest {
    private static final BrakeCircuit CIRCUIT =
            Bench.vehicle(Bench.sheet(), Map.of()).found();

    private static WhatIf tried(Map<QuantityAt, Double> set, double foot, Cut cut) {
        return WhatIf.of(CIRCUIT, new Asked(set, Load.LADEN, foot, 100, 0.8, cut));
    }

    @Test
    void nothingSetIsTheReportsOwnCurve() {
        List<AdhesionCurve.Point> told = AdhesionCurve.of(CIRCUIT, Load.LADEN).points();
        List<WhatIf.Used> curve = tried(Map.of(), 300, Cut.NOTHING).curve();
        assertThat(curve).hasSameSizeAs(told);
        for (int i = 0; i < told.size(); i++) {
            assertThat(curve.get(i).front()).isEqualTo(told.get(i).front().value(), within(1e-9));
            assertThat(curve.get(i).rear()).isEqualTo(told.get(i).rear().value(), within(1e-9));
        }
    }

    /** Brakes come on over 0.3 s in a straight line, then hold: way = v·0.15 + v²/(2a) less a·0.3²/24 (by integration). */
    @Test
    void theStopPlayedIsTheClosedForm() {
        List<WhatIf.Moment> stop = tried(Map.of(), 300, Cut.NOTHING).stop();
        WhatIf.Moment last = stop.get(stop.size() - 1);
        double full = new Reckoning(CIRCUIT, false)
                .of(v -> BrakeModel.deceleration(v, 300, 0.8, Load.LADEN, 1, 1))
                .value()
                .orElseThrow()
                .value();
        double v = 100 / 3.6;
        assertThat(last.speed()).isZero();
        assertThat(last.way()).isEqualTo(v * 0.15 + v * v / (2 * full) - full * 0.09 / 24, within(0.02));
        double weight = 1200 * TwoAxles.G;
        assertThat(stop).allSatisfy(m -> Assertions.assertThat(m.frontLoad() + m.rearLoad())
                .isEqualTo(weight, within(1e-6)));
    }

    /** The disc's warmth is its share of the vehicle's energy, turning parts counted. */
    @Test
    void theDiscTakesItsShareOfTheEnergy() {
        List<WhatIf.Moment> stop = tried(Map.of(), 300, Cut.NOTHING).stop();
        double rearShare = new Reckoning(CIRCUIT, false)
                .of(v -> BrakeModel.rearShare(v, 0.5, Load.LADEN))
                .value()
                .orElseThrow()
                .value();
        double v = 100 / 3.6;
        double rise = 1.04 * 0.5 * 1200 * v * v * (1 - rearShare) / 2 / (6 * 480);
        assertThat(stop.get(stop.size() - 1).frontDisc()).isEqualTo(20 + rise, within(0.2));
    }

    /** A drum's rim by hand: π·250·50·8 mm³ of iron at 7.2 g/cm³ is 2.262 kg; it cools 1.75 times as slowly as told. */
    @Test
    void aDrumsRimIsWarmedByItsOwnIron() {
        Map<QuantityAt, itrova.core.quantity.Measured> given = new java.util.HashMap<>(CIRCUIT.given());
        given.put(new QuantityAt(BrakeQuantity.DRUM_DIAMETER, 0), itrova.core.quantity.Measured.exact(250));
        given.put(new QuantityAt(BrakeQuantity.LINING_WIDTH, 0), itrova.core.quantity.Measured.exact(50));
        given.put(new QuantityAt(BrakeQuantity.CYLINDER_BORE, 0), itrova.core.quantity.Measured.exact(25));
        BrakeCircuit drums = new BrakeCircuit(
                false,
                CIRCUIT.booster(),
                CIRCUIT.valve(),
                CIRCUIT.split(),
                CIRCUIT.residual(),
                CIRCUIT.fluid(),
                CIRCUIT.parking(),
                List.of(
                        new BrakeCircuit.AxleBrakes(
                                "front", java.util.Optional.of(itrova.core.hydraulics.DrumBrake.Kind.TWO_LEADING)),
                        CIRCUIT.axles().get(1)),
                given);
        new Reckoning(drums, false).at(Map.of(), v -> {
            assertThat(HeatModel.ring(v, 0).mass()).isEqualTo(2.262, within(0.001));
            assertThat(HeatModel.ring(v, 0).timeConstant()).isEqualTo(1.75 * 300, within(1e-9));
            return true;
        });
        assertThat(BrakeReport.of(drums, false).figures())
                .filteredOn(f -> f.kind() == BrakeFigureKind.FRONT_RING_AFTER_TEN_STOPS)
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isPresent());
    }

    @Test
    void aHarderFootNeverStopsLaterBelowLock() {
        double before = Double.POSITIVE_INFINITY;
        for (int foot = 50; foot <= 500; foot += 25) {
            List<WhatIf.Moment> stop = tried(Map.of(), foot, Cut.NOTHING).stop();
            double way = stop.get(stop.size() - 1).way();
            assertThat(way).isLessThanOrEqualTo(before + 1e-9);
            before = way;
        }
    }

    @Test
    void aCutLineLeavesWhatIsLeft() {
        double whole = last(Cut.NOTHING);
        assertThat(last(Cut.REAR)).isGreaterThan(whole);
        assertThat(last(Cut.FRONT)).isGreaterThan(last(Cut.REAR));
        assertThat(last(Cut.ONE_OF_DIAGONAL)).isGreaterThan(whole);
        assertThat(tried(Map.of(), 300, Cut.ALL).stop()).isEmpty();
    }

    private static double last(Cut cut) {
        List<WhatIf.Moment> stop = tried(Map.of(), 300, cut).stop();
        return stop.get(stop.size() - 1).way();
    }

    @Test
    void moreFrictionInFrontUsesMoreAdhesionInFront() {
        QuantityAt pads = new QuantityAt(BrakeQuantity.PAD_FRICTION, 0);
        double low = tried(Map.of(pads, 0.3), 300, Cut.NOTHING).curve().get(5).front();
        double high = tried(Map.of(pads, 0.5), 300, Cut.NOTHING).curve().get(5).front();
        assertThat(high).isGreaterThan(low);
    }

    @Test
    void whatIsMissingIsNamedAndNothingElseSaid() {
        BrakeCircuit bare = CIRCUIT.withGiven(Map.of());
        WhatIf made = WhatIf.of(bare, new Asked(Map.of(), Load.LADEN, 300, 100, 0.8, Cut.NOTHING));
        assertThat(made.curve()).isEmpty();
        assertThat(made.missing()).contains(QuantityAt.vehicle(BrakeQuantity.MASS_LADEN));
    }

    @Test
    void aValueOutOfBoundsIsRefusedByName() {
        Assertions.assertThatIllegalArgumentException()
                .isThrownBy(() -> tried(Map.of(QuantityAt.vehicle(BrakeQuantity.MASS_LADEN), 1.0), 300, Cut.NOTHING))
                .withMessageContaining("mass laden");
    }
}
