package itrova.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Wheel sizes as they are stamped; seats by ISO 4000-2, from memory. */
class RimSizeTest {
    @ParameterizedTest
    @CsvSource({
        "5J x 14, 5J x 14, 354.8",
        "5.50 K x 15, 5.5K x 15, 380.2",
        "14 x 5 1/2 JJ, 5.5JJ x 14, 354.8",
        "6JX16H2 ET 35, 6J x 16, 405.6",
        "15 x 6, 6 x 15, 380.2",
        "'4,5 J-13', 4.5J x 13, 329.4"
    })
    void aMarkingIsRead(String marking, String text, double seat) {
        RimSize size = RimSize.parse(marking).orElseThrow();
        assertThat(size.text()).isEqualTo(text);
        assertThat(size.seat()).hasValue(seat);
    }

    @ParameterizedTest
    @ValueSource(strings = {"165/80 R13", "5 on 4 1/2", "14", "J x", "95J x 14", "14 x 14", "5J x 40", "20 x 18"})
    void whatIsNoWheelSizeIsNone(String text) {
        assertThat(RimSize.parse(text)).isEmpty();
    }

    @Test
    void aCodeNotTabledHasNoSeat() {
        assertThat(RimSize.parse("6 x 11").orElseThrow().seat()).isEmpty();
    }
}
