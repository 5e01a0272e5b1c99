package itrova.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShopNotationTest {
    private static Understood length(String text) {
        return ShopNotation.parse(text, Dimension.LENGTH, Unit.MILLIMETRE);
    }

    /** Values by hand from 1 in = 25.4 mm. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 13/16|71.4375",
                "3-5/16\"|84.1375",
                "13/32|10.31875",
                "82,5 mm|82.5",
                "8.25cm|82.5",
                "60 1/2 in|1536.7",
                ".3125 in|7.9375",
                "5' 2 1/2\"|1587.5",
                "5 ft 2 in|1574.8",
                "2½ in|63.5",
                "12 thou|0.3048",
                "-3.5|-3.5",
                "−3.5 mm|-3.5",
                "0.25 m|250"
            })
    void understandsWhatAWorkshopWrites(String text, double mm) {
        assertThat(length(text).si()).isEqualTo(mm, within(1e-9));
    }

    /** Each dimension has a remedy of its own: a mass is not mended by an example of a length. */
    @Test
    void whatCannotBeReadIsMendedByAnExampleOfItsKind() {
        for (Dimension d : Dimension.values()) {
            String said = org.assertj.core.api.Assertions.catchThrowable(
                            () -> ShopNotation.parse("banana 7x", d, Unit.si(d)))
                    .getMessage();
            String examples = said.substring(said.indexOf("Write it like ") + 14, said.length() - 1);
            for (String example : examples.split(", | or ")) {
                assertThat(ShopNotation.parse(example, d, Unit.si(d)).si())
                        .as(said)
                        .isPositive();
            }
        }
        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                        () -> ShopNotation.parse("banana", Dimension.MASS, Unit.si(Dimension.MASS))))
                .hasMessageContaining("780 kg");
    }

    @Test
    void everySixtyFourthToTwentyFourInchesComesBack() {
        for (int parts = 0; parts <= 24 * 64; parts++) {
            double mm = parts * 25.4 / 64;
            String text = ShopNotation.inches(mm, 64);
            assertThat(ShopNotation.parse(text, Dimension.LENGTH, Unit.INCH).si())
                    .as(text)
                    .isEqualTo(mm, within(1e-9));
        }
    }

    @Test
    void theLastDecimalTellsTheResolution() {
        assertThat(length("82.50").lastDigit()).isEqualTo(0.01, within(1e-12));
        assertThat(length("2.8 in").lastDigit()).isEqualTo(2.54, within(1e-12));
        assertThat(length("82").lastDigit()).isEqualTo(1, within(1e-12));
        assertThat(length("2 13/16").lastDigit()).isZero();
        assertThat(length("2 13/16").fraction()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "2 13/6x",
                "",
                "  ",
                "abc",
                "13/6",
                "1/0",
                "2 13/0",
                "1..2",
                "1.2.3",
                "5 parsecs",
                "1 2",
                "--3",
                "1e3",
                "NaN",
                "12 kg"
            })
    void refusesWhatIsNoLength(String text) {
        assertThatThrownBy(() -> length(text))
                .isInstanceOf(NotationException.class)
                .hasMessageMatching("(?s).*(Write|Use|Type).*");
    }

    @Test
    void namesTheFault() {
        assertThatThrownBy(() -> length("2 13/6x"))
                .hasMessageContaining("2 13/6x")
                .hasMessageContaining("13/6");
        assertThatThrownBy(() -> length("5 parsecs"))
                .hasMessageContaining("parsecs")
                .hasMessageContaining("mm");
    }

    @Test
    void countsAreWholeNumbers() {
        assertThat(ShopNotation.parse("5", Dimension.COUNT, Unit.EACH).si()).isEqualTo(5, within(0.0));
        assertThatThrownBy(() -> ShopNotation.parse("5.5", Dimension.COUNT, Unit.EACH))
                .isInstanceOf(NotationException.class);
    }

    @Test
    void torquesAndMassesInBothSystems() {
        assertThat(ShopNotation.parse("55 lbf·ft", Dimension.TORQUE, Unit.NEWTON_METRE)
                        .si())
                .isEqualTo(74.57, within(0.005));
        assertThat(ShopNotation.parse("155 lb-in", Dimension.TORQUE, Unit.NEWTON_METRE)
                        .si())
                .isEqualTo(17.513, within(0.005));
        assertThat(ShopNotation.parse("1720 lb", Dimension.MASS, Unit.KILOGRAM).si())
                .isEqualTo(780.18, within(0.005));
    }

    @Property
    void anyTextIsUnderstoodOrRefusedPlainly(@ForAll @StringLength(max = 80) String text) {
        try {
            assertThat(length(text).si()).isFinite();
        } catch (NotationException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }
}
