package itrova.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import itrova.core.vehicle.Callout;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words are taken as shops say them, as long as only one can be meant. */
class WordsTest {
    @ParameterizedTest
    @CsvSource({
        "WHEEL_NUT_SEAT, cone, 60 deg cone",
        "WHEEL_NUT_SEAT, 60, 60 deg cone",
        "WHEEL_NUT_SEAT, Ball, ball",
        "DRIVE_STYLE, flange, drive flange",
        "WHEEL_MARKING, 6jx15h2 et35, 6J x 15",
        "INNER_NUMBER, l45449, L45449"
    })
    void whatIsMeantIsTaken(Callout callout, String typed, String kept) {
        assertThat(Words.normal(callout, typed)).isEqualTo(kept);
    }

    @Test
    void whatCouldBeTwoOrNoneIsRefusedWithTheChoices() {
        assertThatThrownBy(() -> Words.normal(Callout.WHEEL_NUT_SEAT, "hexagon"))
                .hasMessageContaining("hexagon")
                .hasMessageContaining("60 deg cone; ball; flat");
        assertThatThrownBy(() -> Words.normal(Callout.DRIVE_STYLE, "piece, snap"))
                .hasMessageContaining("drive flange");
        assertThatThrownBy(() -> Words.normal(Callout.WHEEL_NUT_SEAT, " ")).hasMessageContaining("ball");
    }
}
