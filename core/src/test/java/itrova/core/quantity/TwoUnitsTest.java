package itrova.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TwoUnitsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "330 mm (13 in)|330",
                "330.2 mm (13 in)|330.2",
                "71.4 mm = 2 13/16|71.4",
                "2 13/16 in / 71.4 mm|71.4",
                "2.813 in (71 mm)|71.4502",
                "71 mm (2.813\")|71.4502"
            })
    void agreeingLengthsAreTakenByTheFinerPart(String text, double mm) {
        assertThat(ShopNotation.parse(text, Dimension.LENGTH, Unit.MILLIMETRE).si())
                .isEqualTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"330 mm (12 1/2 in)|12.50 mm", "280 mm / 9 in|51.40 mm", "82,5 mm (3 5/16 in)|1.64 mm"})
    void clashingLengthsAreNamedWithTheirDifference(String text, String apart) {
        assertThatThrownBy(() -> ShopNotation.parse(text, Dimension.LENGTH, Unit.MILLIMETRE))
                .isInstanceOf(NotationException.class)
                .hasMessageContaining("clash")
                .hasMessageContaining(apart);
    }

    /** 45 lbf·ft are 61.0 N·m (NIST SP 811), 13 % less than 70. */
    @org.junit.jupiter.api.Test
    void clashingTorquesAreNamed() {
        assertThatThrownBy(() -> ShopNotation.parse("70 N·m / 45 lbf·ft", Dimension.TORQUE, Unit.NEWTON_METRE))
                .hasMessageContaining("61.01 N·m")
                .hasMessageContaining("13 %");
        assertThat(ShopNotation.parse("70 N·m / 52 lbf·ft", Dimension.TORQUE, Unit.NEWTON_METRE)
                        .si())
                .isEqualTo(70, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"13/32", "3-5/16\"", "60 1/2 in", "8.25cm", ".3125"})
    void oneUnitStaysOne(String text) {
        assertThat(ShopNotation.parse(text, Dimension.LENGTH, Unit.INCH).si()).isPositive();
    }

    @ParameterizedTest
    @CsvSource({"100 lbf/in²", "100 psi"})
    void aStrokeInsideAUnitIsNoSecondValue(String text) {
        assertThat(ShopNotation.parse(text, Dimension.PRESSURE, Unit.MEGAPASCAL).si())
                .isEqualTo(0.6894757, within(1e-6));
    }
}
