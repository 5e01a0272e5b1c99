package itrova.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ThreadTest {
    /** Tensile stress areas of ASME B1.1, in square inches. */
    @ParameterizedTest
    @CsvSource({"1/2-20, 0.1600", "7/16-20, 0.1187", "9/16-18, 0.2030", "3/8-24, 0.0878", "5/8-18, 0.2560"})
    void inchStressAreas(String thread, double squareInches) {
        assertThat(Thread.parse(thread).stressArea() / (25.4 * 25.4)).isEqualTo(squareInches, within(5e-5));
    }

    /** Nominal stress areas of ISO 898-1, in square millimetres. */
    @ParameterizedTest
    @CsvSource({"M10x1.5, 58.0", "M12x1.5, 88.1", "M14x1.5, 124.5"})
    void metricStressAreas(String thread, double squareMillimetres) {
        assertThat(Thread.parse(thread).stressArea()).isEqualTo(squareMillimetres, within(0.06));
    }

    @ParameterizedTest
    @CsvSource({
        "1/2-20 UNF, 1/2-20, 12.7, 1.27",
        "M12 x 1.5, M12x1.5, 12, 1.5",
        "'m14×1,5', M14x1.5, 14, 1.5",
        "7/16 - 20, 7/16-20, 11.1125, 1.27"
    })
    void readsTheUsualWaysToWrite(String text, String designation, double diameter, double pitch) {
        Thread thread = Thread.parse(text);
        assertThat(thread.designation()).isEqualTo(designation);
        assertThat(thread.diameter()).isEqualTo(diameter, within(1e-9));
        assertThat(thread.pitch()).isEqualTo(pitch, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "thread", "1/2", "M12", "M12x9", "12-20", "1/2-200", "5/4-20", "M999x1"})
    void refusesWhatIsNoThread(String text) {
        assertThatThrownBy(() -> Thread.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("1/2-20");
    }

    /** F = T/(K·d): 100 N·m on an M12 at K = 0.20 is 41.7 kN by hand. */
    @Test
    void preloadByTheShortForm() {
        assertThat(Tightening.preload(100, 0.20, Thread.parse("M12x1.5"))).isEqualTo(41_667, within(1.0));
    }

    /** 100 N·m through a 100 mm extension on a 400 mm wrench wants 80 N·m, by hand. */
    @Test
    void wrenchWithExtension() {
        assertThat(Tightening.wrenchSetting(100, 400, 100, 0)).isEqualTo(80, within(1e-12));
        assertThat(Tightening.wrenchSetting(100, 400, 0, 0)).isEqualTo(100, within(1e-12));
        assertThat(Tightening.wrenchSetting(100, 400, 100, Math.PI / 2))
                .as("a crowfoot square to the wrench changes nothing")
                .isEqualTo(100, within(1e-9));
        assertThatIllegalArgumentException().isThrownBy(() -> Tightening.wrenchSetting(0, 400, 100, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> Tightening.wrenchSetting(100, 4, 1, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> Tightening.wrenchSetting(100, 400, 900, 0));
    }

    /** 12.62 mm over the crests is a worn 1/2 in (12.70 mm), or a swollen M12; nothing usual is near 20 mm but 3/4 in. */
    @Test
    void usualThreadsAreToldByDiameter() {
        assertThat(Thread.usualNear(OptionalDouble.of(12.62))).containsExactly("1/2-20");
        assertThat(Thread.usualNear(OptionalDouble.of(12.2))).containsExactly("M12x1.5", "1/2-20");
        assertThat(Thread.usualNear(OptionalDouble.of(25))).isEmpty();
        assertThat(Thread.usualNear(OptionalDouble.empty())).contains("M6x1", "3/4-16");
    }
}
