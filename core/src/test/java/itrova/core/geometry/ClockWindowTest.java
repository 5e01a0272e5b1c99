package itrova.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class ClockWindowTest {
    @Test
    void rangesMeetAcrossTheTop() {
        assertThat(new ClockWindow(350, 370).overlaps(new ClockWindow(5, 20))).isTrue();
        assertThat(new ClockWindow(5, 20).overlaps(new ClockWindow(-10, 6))).isTrue();
        assertThat(new ClockWindow(350, 370).overlaps(new ClockWindow(20, 40))).isFalse();
        assertThat(ClockWindow.ALL.overlaps(new ClockWindow(123, 123))).isTrue();
    }

    @Test
    void aRangeHoldsWhatLiesWhollyWithinIt() {
        assertThat(new ClockWindow(350, 400).holds(new ClockWindow(0, 40))).isTrue();
        assertThat(new ClockWindow(350, 400).holds(new ClockWindow(0, 41))).isFalse();
        assertThat(new ClockWindow(40, 50).holds(new ClockWindow(30, 45))).isFalse();
        assertThat(new ClockWindow(10, 100).holds(ClockWindow.ALL)).isFalse();
        assertThat(ClockWindow.ALL.holds(new ClockWindow(-20, 90))).isTrue();
    }

    @Test
    void turningAndWideningKeepTheMiddle() {
        ClockWindow window = new ClockWindow(-30, 30).turned(90).widened(5);
        assertThat(window).isEqualTo(new ClockWindow(55, 125));
        assertThat(window.middle()).isEqualTo(90);
        assertThat(new ClockWindow(0, 350).widened(10)).isEqualTo(ClockWindow.ALL);
    }

    @Test
    void aRangeThatRunsBackwardsIsRefused() {
        assertThatThrownBy(() -> new ClockWindow(20, 10)).hasMessageContaining("runs forward");
    }
}
