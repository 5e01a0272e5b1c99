package itrova.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.fastener.Fitting.Seat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Joints of brake lines: thread, seat and hand must all agree. Seats by SAE J533 (inverted) and DIN 74234 form F (bubble). */
class FittingTest {
    @ParameterizedTest
    @CsvSource({
        "3/8-24 inverted flare, 3/8-24, INVERTED_FLARE, false",
        "M10x1 bubble flare, M10x1, BUBBLE_FLARE, false",
        "3/8-24 banjo, 3/8-24, BANJO, false",
        "7/16-20 Inverted Flare left, 7/16-20, INVERTED_FLARE, true",
        "M12x1 bubble flare left hand, M12x1, BUBBLE_FLARE, true"
    })
    void isUnderstoodAndReadBack(String text, String thread, Seat seat, boolean leftHand) {
        Fitting fitting = Fitting.parse(text);
        assertThat(fitting).isEqualTo(new Fitting(Thread.parse(thread), seat, leftHand));
        assertThat(Fitting.parse(fitting.words())).isEqualTo(fitting);
    }

    @Test
    void theSameThreadWithAnotherSeatOrHandDoesNotGoIn() {
        Fitting port = Fitting.parse("M10x1 bubble flare");
        assertThat(Fitting.parse("M10x1 bubble flare").goesInto(port)).isTrue();
        assertThat(Fitting.parse("M10x1 inverted flare").goesInto(port)).isFalse();
        assertThat(Fitting.parse("M10x1 bubble flare left").goesInto(port)).isFalse();
        assertThat(Fitting.parse("M12x1 bubble flare").goesInto(port)).isFalse();
    }

    @Test
    void whatNamesNoSeatIsRefusedWithTheRemedy() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Fitting.parse("3/8-24"))
                .withMessageContaining("3/8-24")
                .withMessageContaining("inverted flare");
    }
}
