package itrova.core.receive;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.judge.Samples;
import itrova.core.vehicle.Side;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is tried by hand when a kit is unpacked. */
class TriedTest {
    @Test
    void aPieceTriedAgainStandsAsItWasLast() {
        Tried sticks = new Tried(HandTrial.SLIDES, Side.LEFT, false, "sticks after 6 mm");
        Tried free = new Tried(HandTrial.SLIDES, Side.LEFT, true, "");
        Tried other = new Tried(HandTrial.SLIDES, Side.RIGHT, true, "");
        assertThat(Tried.standing(List.of(sticks, other))).containsExactly(sticks, other);
        assertThat(Tried.standing(List.of(sticks, other, free))).containsExactly(free, other);
        assertThat(said(sticks.words())).endsWith("left: not so, sticks after 6 mm");
    }

    @Test
    void whatIsNotGoodSaysWhy() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Tried(HandTrial.PADS, Side.LEFT, false, " "))
                .withMessageContaining("Say what is wrong");
        assertThatIllegalArgumentException().isThrownBy(() -> new Tried(HandTrial.PADS, Side.LEFT, true, "rusty"));
    }

    @Test
    void onlyWhatAKitBringsIsTried() {
        assertThat(HandTrial.of(Samples.kit()))
                .contains(HandTrial.THREADS, HandTrial.SLIDES)
                .doesNotContain(HandTrial.CAP, HandTrial.DONOR);
    }
}
