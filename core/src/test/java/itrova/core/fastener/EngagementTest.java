package itrova.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Turns of a nut to thread engaged: once the diameter, common practice; pitches of ISO 261 and ASME B1.1. */
class EngagementTest {
    /** M12 x 1.5: 8 turns are 12 mm; what a count to a quarter turn may be off is taken away first. */
    @Test
    void eightTurnsOfAnM12AreNotQuiteEnoughNineAre() {
        Thread m12 = Thread.parse("M12x1.5");
        assertThat(Tightening.engagement(8, m12).engaged()).isEqualTo(11.8125, within(1e-9));
        assertThat(Tightening.engagement(8, m12).isEnough()).isFalse();
        assertThat(Tightening.engagement(8.25, m12).isEnough()).isTrue();
        assertThat(Tightening.engagement(8, m12).turnsWanted()).isEqualTo(9, within(1e-9));
    }

    /** 1/2-20: a half inch in ten turns of 1/20 in. */
    @Test
    void aHalfInchStudWantsTenTurnsAndWhatTheCountMayBeOff() {
        Thread half = Thread.parse("1/2-20");
        assertThat(Tightening.engagement(7, half).isEnough()).isFalse();
        assertThat(Tightening.engagement(10.125, half).engaged()).isEqualTo(12.7, within(1e-9));
        assertThat(Tightening.engagement(7, half).turnsWanted()).isEqualTo(11, within(1e-9));
    }

    @Test
    void noTurnsAreNoEngagement() {
        assertThatIllegalArgumentException().isThrownBy(() -> Tightening.engagement(0, Thread.parse("1/2-20")));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Tightening.engagement(Double.NaN, Thread.parse("1/2-20")));
    }
}
