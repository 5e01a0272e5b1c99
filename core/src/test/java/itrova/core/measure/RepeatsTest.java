package itrova.core.measure;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RepeatsTest {
    private static List<Reading> registers(String... texts) {
        return Arrays.stream(texts)
                .map(t ->
                        Reading.take(Side.LEFT, Callout.REGISTER, "", t, Instrument.CALIPER_OUTSIDE, UnitSystem.METRIC))
                .toList();
    }

    /**
     * NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.17.1: eight mass-spectrometer values, G = 2.468764, critical value
     * 2.031652 for the upper tail at 5 %.
     */
    @Test
    void grubbsExampleOfTheHandbook() {
        double[] x = {199.31, 199.53, 200.19, 200.82, 201.92, 201.95, 202.18, 245.57};
        assertThat(Repeats.grubbs(x)).isEqualTo(2.468764, within(1e-6));
        assertThat(Repeats.grubbsCritical(8, 0.05 / 8)).isEqualTo(2.031652, within(1e-6));
    }

    /** Two-sided critical values at 5 % as tabled in ISO 5725-2:1994, table 5 (from memory): 1.715, 2.126, 2.290 for 5, 8 and 10. */
    @ParameterizedTest
    @CsvSource({"5, 1.715", "8, 2.126", "10, 2.290"})
    void grubbsTable(int n, double critical) {
        assertThat(Repeats.grubbsCritical(n, 0.05 / (2 * n))).isEqualTo(critical, within(1e-3));
    }

    @Test
    void anOutlierAmongFiveIsNamed() {
        Repeats.Summary odd = Repeats.of(registers("70.80", "70.81", "70.80", "70.82", "70.81", "70.95"));
        assertThat(odd.outlier()).contains(5);
        assertThat(odd.odd()).hasValueSatisfying(t -> assertThat(said(t)).contains("70.95"));
        assertThat(Repeats.of(registers("70.80", "70.81", "70.80", "70.82", "70.81", "70.82"))
                        .odd())
                .isEmpty();
    }

    @Test
    void twoRepeatsFarApartAskForAThird() {
        assertThat(Repeats.of(registers("70.80", "70.92")).odd())
                .hasValueSatisfying(t -> assertThat(said(t)).contains("0.12 mm"));
        assertThat(Repeats.of(registers("70.80", "70.82")).odd()).isEmpty();
        assertThat(Repeats.of(registers("70.80")).spread()).isZero();
    }

    @Test
    void equalRepeatsHaveNoOutlier() {
        assertThat(Repeats.of(registers("70.8", "70.8", "70.8", "70.8", "70.8")).outlier())
                .isEmpty();
    }

    @Test
    void anInchUserIsToldInches() {
        assertThat(Repeats.of(registers("70.80", "70.92")).odd()).hasValueSatisfying(t -> assertThat(
                        Wording.english(UnitSystem.INCH).say(t))
                .contains("0.0047 in")
                .doesNotContain("mm"));
    }
}
