package itrova.core.measure;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoltCircleTest {
    /** Handbook chords in inches: studs, circle, neighbour distance (common practice tables, recomputable by D·sin(π/n)). */
    @ParameterizedTest
    @CsvSource({
        "5, 4.5, 2.645",
        "5, 4.75, 2.792",
        "5, 5, 2.939",
        "5, 5.5, 3.233",
        "6, 5.5, 2.750",
        "8, 6.5, 2.487",
        "4, 4.5, 3.182"
    })
    void chordsOfTheHandbook(int count, double circle, double chord) {
        assertThat(BoltCircle.chord(circle, count, 1)).isEqualTo(chord, within(6e-4));
    }

    /** Of 5-stud circles of 4.5 and 4.75 in the neighbours differ by 0.147 in (common practice). */
    @Test
    void neighbouringPatternsDifferByLittle() {
        assertThat(BoltCircle.chord(4.75, 5, 1) - BoltCircle.chord(4.5, 5, 1)).isEqualTo(0.147, within(5e-4));
        assertThat(BoltCircle.chord(120.65, 5, 1) - BoltCircle.chord(120, 5, 1)).isEqualTo(0.38, within(5e-3));
    }

    private static AxleEnd end(Reading... readings) {
        return Consolidation.of(
                Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE), List.of(readings));
    }

    private static Reading read(Callout callout, String text, Instrument instrument) {
        return Reading.take(Side.LEFT, callout, "", text, instrument, UnitSystem.METRIC);
    }

    /** Every way to measure the same circle gives the same diameter. */
    @Test
    void allWaysAgree() {
        double d = 114.3;
        double stud = 12.7;
        double c1 = BoltCircle.chord(d, 5, 1);
        double c2 = BoltCircle.chord(d, 5, 2);
        AxleEnd end = end(
                read(Callout.LUG_COUNT, "5", Instrument.EYE),
                read(Callout.STUD_MAJOR, "12.70", Instrument.CALIPER_OUTSIDE),
                read(Callout.STUD_NEIGHBOUR, String.format("%.4f", c1), Instrument.CALIPER_OUTSIDE),
                read(Callout.STUD_SKIP_ONE, String.format("%.4f", c2), Instrument.CALIPER_OUTSIDE),
                read(Callout.STUD_OVER_NEIGHBOUR, String.format("%.4f", c1 + stud), Instrument.CALIPER_OUTSIDE),
                read(Callout.STUD_OVER_SKIP_ONE, String.format("%.4f", c2 + stud), Instrument.CALIPER_OUTSIDE));
        List<BoltCircle.Evidence> evidence = BoltCircle.evidence(end);
        assertThat(evidence).hasSize(4).allSatisfy(e -> assertThat(e.diameter().value())
                .isEqualTo(d, within(1e-3)));
        assertThat(BoltCircle.clash(end)).isEmpty();
        assertThat(end.boltCircle().orElseThrow().value()).isEqualTo(d, within(1e-3));
    }

    @Test
    void contradictingWaysAreNamed() {
        AxleEnd end = end(
                read(Callout.LUG_COUNT, "5", Instrument.EYE),
                read(Callout.STUD_NEIGHBOUR, "67.18", Instrument.CALIPER_OUTSIDE),
                read(Callout.STUD_SKIP_ONE, "111.70", Instrument.CALIPER_OUTSIDE));
        assertThat(BoltCircle.clash(end))
                .hasValueSatisfying(
                        text -> assertThat(said(text)).contains("apart").contains("Read one again"));
    }
}
