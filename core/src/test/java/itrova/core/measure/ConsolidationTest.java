package itrova.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.quantity.Measured;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConsolidationTest {
    private static Reading register(String text, Instrument instrument) {
        return Reading.take(Side.LEFT, Callout.REGISTER, "", text, instrument, UnitSystem.METRIC);
    }

    /** By hand: caliper 0.03/√3, resolution 0.005/√3, technique 0.01, spread 0.01: u = 0.0226 mm. */
    @Test
    void oneCaliperReading() {
        Measured m = Consolidation.single(register("70.81", Instrument.CALIPER_OUTSIDE));
        double u = Math.sqrt(0.03 * 0.03 / 3 + 0.005 * 0.005 / 3 + 0.01 * 0.01 + 0.01 * 0.01);
        assertThat(m.u()).isEqualTo(u, within(1e-9));
        assertThat(m.expanded()).isEqualTo(2 * u, within(1e-9));
    }

    /** A fraction takes the instrument's graduation, never its reduced denominator: 2 1/2 is no coarser than 2 15/32. */
    @Test
    void aFractionTakesTheInstrumentsGraduation() {
        Measured half = Consolidation.single(register("2 1/2", Instrument.TAPE));
        Measured thirtySecond = Consolidation.single(register("2 15/32", Instrument.TAPE));
        assertThat(half.u()).isEqualTo(thirtySecond.u(), within(1e-12));
        assertThat(half.u()).isGreaterThan(25.4 / 32 / Math.sqrt(3));
    }

    @Test
    void coarseDecimalsAreBelievedCoarse() {
        Measured fine = Consolidation.single(register("70.81", Instrument.CALIPER_OUTSIDE));
        Measured coarse = Consolidation.single(register("71", Instrument.CALIPER_OUTSIDE));
        assertThat(coarse.u()).isGreaterThan(10 * fine.u());
    }

    @Test
    void repeatsAverageAndFiveSpeakForThemselves() {
        List<Reading> five = new ArrayList<>();
        for (String text : List.of("70.80", "70.84", "70.78", "70.86", "70.82")) {
            five.add(register(text, Instrument.CALIPER_OUTSIDE));
        }
        Measured m = Consolidation.consolidate(ReadAt.of(Side.LEFT, Callout.REGISTER), five);
        assertThat(m.value()).isEqualTo(70.82, within(1e-9));
        assertThat(m.effectiveDof()).isFinite();
        assertThat(Consolidation.consolidate(ReadAt.of(Side.LEFT, Callout.REGISTER), five.subList(0, 4))
                        .effectiveDof())
                .isInfinite();
    }

    /** Stated doubts cover the truth in at least 95 of 100 made-up campaigns whose errors are drawn apart from the estimator. */
    @Test
    void statedDoubtCoversTheTruth() {
        Random random = new Random(20261124);
        int covered = 0;
        int runs = 10_000;
        for (int i = 0; i < runs; i++) {
            double truth = 60 + random.nextDouble() * 20;
            double instrument = (random.nextDouble() * 2 - 1) * 0.03;
            double handling = random.nextGaussian() * 0.01;
            List<Reading> repeats = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                double shown = truth + instrument + handling + random.nextGaussian() * 0.01;
                repeats.add(register(String.format("%.2f", shown), Instrument.CALIPER_OUTSIDE));
            }
            Measured m = Consolidation.consolidate(ReadAt.of(Side.LEFT, Callout.REGISTER), repeats);
            covered += Math.abs(m.value() - truth) <= m.expanded() ? 1 : 0;
        }
        assertThat(covered).isGreaterThanOrEqualTo((int) (0.95 * runs));
    }

    @Test
    void sidesAreKeptApart() {
        Reading right =
                Reading.take(Side.RIGHT, Callout.REGISTER, "", "70.90", Instrument.CALIPER_OUTSIDE, UnitSystem.METRIC);
        List<Reading> both = List.of(register("70.80", Instrument.CALIPER_OUTSIDE), right);
        AxleEnd end =
                Consolidation.of(Side.RIGHT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE), both);
        assertThat(end.length(Callout.REGISTER).orElseThrow().value()).isEqualTo(70.90, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1000 in|outside", "-5|negative", "2.788|As inches", "0|outside", "2 13/6x|13/6"})
    void whatCannotBeIsRefusedPlainly(String text, String word) {
        assertThatThrownBy(() -> register(text, Instrument.CALIPER_OUTSIDE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(word);
    }

    @Test
    void aSlippedPointOrUnitIsQuestioned() {
        Reading slipped = register("240", Instrument.CALIPER_OUTSIDE);
        assertThat(slipped.clashWith(70.8))
                .hasValueSatisfying(q -> assertThat(q.words()).contains("decimal point"));
        Reading stickOut =
                Reading.take(Side.LEFT, Callout.STUD_STICK_OUT, "", "38", Instrument.DEPTH_ROD, UnitSystem.METRIC);
        assertThat(stickOut.clashWith(1.5))
                .hasValueSatisfying(q -> assertThat(q.words()).contains("millimetres and inches"));
        assertThat(register("70.8", Instrument.CALIPER_OUTSIDE).clashWith(70.9)).isEmpty();
    }

    @Test
    void profileReadingsWantTheirPlace() {
        assertThatThrownBy(() -> Reading.take(
                        Side.LEFT, Callout.WHEEL_BARREL, "", "350", Instrument.CALIPER_INSIDE, UnitSystem.METRIC))
                .hasMessageContaining("depth");
        assertThatThrownBy(() -> Reading.take(
                        Side.LEFT, Callout.REGISTER, "10", "70", Instrument.CALIPER_OUTSIDE, UnitSystem.METRIC))
                .hasMessageContaining("no particular place");
    }

    @Test
    void takeNextFollowsTheHandAndEnds() {
        AxleEnd empty = Consolidation.of(
                Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE), List.of());
        assertThat(WantedReadings.on(empty)).contains(Callout.LUG_COUNT);
        List<Reading> one =
                List.of(Reading.take(Side.LEFT, Callout.LUG_COUNT, "", "5", Instrument.EYE, UnitSystem.METRIC));
        AxleEnd counted =
                Consolidation.of(Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE), one);
        assertThat(WantedReadings.on(counted)).contains(Callout.WHEEL_TO_FENDER);
        assertThat(WantedReadings.stillWanted(counted)).isEqualTo(WantedReadings.stillWanted(empty) - 1);
    }
}
