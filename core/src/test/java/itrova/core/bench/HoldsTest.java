package itrova.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.Verdict;
import itrova.core.lines.LinePoint.Wheel;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Readings at holds, nut steps, the order of bleeding. */
class HoldsTest {
    private static Verdict verdict(HoldKind kind, Double... readings) {
        return HoldReading.of(HoldWanted.byDefault(kind), List.of(readings)).verdict();
    }

    @Test
    void holdsAreProvenNotProvenOrProvenNot() {
        assertThat(verdict(HoldKind.END_PLAY, 0.08)).isEqualTo(Verdict.FITS);
        assertThat(verdict(HoldKind.END_PLAY, 0.0)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(HoldKind.END_PLAY, 0.127)).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(verdict(HoldKind.END_PLAY, 0.3)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(HoldKind.PUSH_ROD_PLAY, 1.0)).isEqualTo(Verdict.FITS);
        assertThat(verdict(HoldKind.PUSH_ROD_PLAY, 0.0)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(HoldKind.BRACKET_ANGLES, 88.42, 88.38)).isEqualTo(Verdict.FITS);
        assertThat(verdict(HoldKind.BRACKET_ANGLES, 88.5, 88.3)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(HoldKind.BREAKAWAY_MINUTES, 16.0)).isEqualTo(Verdict.FITS);
        assertThat(verdict(HoldKind.BREAKAWAY_MINUTES, 14.0)).isEqualTo(Verdict.DOES_NOT_FIT);
    }

    @Test
    void whatIsReadRoundAFaceIsJudgedByItsSpan() {
        // most less least is 0.010; two readings with 0.004 each make 0.0057
        assertThat(verdict(HoldKind.THICKNESS_VARIATION, 22.01, 22.005, 22.0, 22.0, 22.005, 22.01))
                .isEqualTo(Verdict.FITS);
        assertThat(verdict(HoldKind.THICKNESS_VARIATION, 22.02, 22.0, 22.0, 22.0, 22.0, 22.0))
                .isEqualTo(Verdict.NOT_PROVEN);
        assertThat(verdict(HoldKind.THICKNESS_VARIATION, 22.03, 22.0, 22.0, 22.0, 22.0, 22.0))
                .isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(HoldKind.SEAL_TILT, 3.0, 3.1, 3.05)).isEqualTo(Verdict.FITS);
        assertThat(verdict(HoldKind.SEAL_TILT, 3.0, 3.6, 3.05)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(HoldKind.BRACKET_SQUARE, 0.1, -0.1)).isEqualTo(Verdict.FITS);
        assertThat(verdict(HoldKind.BRACKET_SQUARE, 0.0, -0.4)).isEqualTo(Verdict.DOES_NOT_FIT);
    }

    /** Stated 3.0 to 3.6: every one of the readings must lie there, so the one farthest from 3.3 decides. */
    @Test
    void aStatedDepthHoldsForEveryReading() {
        HoldWanted stated = HoldWanted.byPapers(HoldKind.SEAL_DEPTH, OptionalDouble.of(3.0), OptionalDouble.of(3.6));
        assertThat(HoldReading.of(stated, List.of(3.2, 3.3, 3.4)).verdict()).isEqualTo(Verdict.FITS);
        assertThat(HoldReading.of(stated, List.of(3.2, 3.3, 2.8)).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(HoldReading.of(stated, List.of(3.2, 3.3, 3.6)).verdict()).isEqualTo(Verdict.NOT_PROVEN);
    }

    @Test
    void theKitsPapersWinOverPractice() {
        HoldWanted tight = HoldWanted.byPapers(HoldKind.END_PLAY, OptionalDouble.of(0.01), OptionalDouble.of(0.05));
        assertThat(verdict(HoldKind.END_PLAY, 0.08)).isEqualTo(Verdict.FITS);
        assertThat(HoldReading.of(tight, List.of(0.08)).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(HoldReading.of(tight, List.of(0.03)).verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void withoutLimitsNothingIsJudged() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> verdict(HoldKind.SEAL_DEPTH, 3.0, 3.0, 3.0))
                .withMessageContaining("none are stated");
    }

    @Test
    void aHoldWithoutItsReadingIsNone() {
        assertThatIllegalArgumentException().isThrownBy(() -> verdict(HoldKind.BRACKET_ANGLES, 88.0));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HoldReading.of(HoldWanted.byDefault(HoldKind.END_PLAY), List.of()));
        assertThatIllegalArgumentException().isThrownBy(() -> verdict(HoldKind.END_PLAY, Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> verdict(HoldKind.BREAKAWAY_MINUTES, 1e9));
    }

    /**
     * A nut of 16 threads an inch with 12 positions moves 25.4 / 16 / 12 = 0.1323 mm a slot, 0.0052 in; with 6 positions 0.0104 in (common
     * practice: 0.005 and 0.010 in).
     */
    @Test
    void slotsOfACastleNut() {
        assertThat(NutSteps.to(0.08, 0.025, 0.127, 25.4 / 16, 12).travel() / 25.4)
                .isEqualTo(0.0052, within(1e-4));
        assertThat(NutSteps.to(0.08, 0.025, 0.127, 25.4 / 16, 6).travel() / 25.4)
                .isEqualTo(0.0104, within(1e-4));
    }

    /** 0.30 mm read, 0.025 to 0.127 wanted: two slots of 0.1323 tighter leave 0.035; one leaves 0.168, farther from the middle of 0.076. */
    @Test
    void theNutIsTurnedToTheMiddleOfTheRange() {
        NutSteps steps = NutSteps.to(0.30, 0.025, 0.127, 25.4 / 16, 12);
        assertThat(steps.slots()).isEqualTo(-2);
        assertThat(steps.play()).isEqualTo(0.30 - 2 * 25.4 / 16 / 12, within(1e-9));
        assertThat(steps.isWithin()).isTrue();
        assertThat(NutSteps.to(0.08, 0.025, 0.127, 25.4 / 16, 12).slots()).isZero();
    }

    /** With six positions a slot is 0.265 mm: from 0.30 mm one tighter leaves 0.035, from 0.20 none lies in the range. */
    @Test
    void whereNoSlotLinesUpAnotherWasherIsWanted() {
        assertThat(NutSteps.to(0.30, 0.025, 0.127, 25.4 / 16, 6).isWithin()).isTrue();
        assertThat(NutSteps.to(0.20, 0.025, 0.127, 25.4 / 16, 6).isWithin()).isFalse();
        assertThat(NutSteps.to(0.02, 0.025, 0.030, 1.5, 4).play())
                .as("never tighter than no play at all")
                .isNotNegative();
    }

    @Test
    void nonsenseIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> NutSteps.to(-1, 0, 0.1, 1.5, 12));
        assertThatIllegalArgumentException().isThrownBy(() -> NutSteps.to(0.1, 0.2, 0.1, 1.5, 12));
        assertThatIllegalArgumentException().isThrownBy(() -> NutSteps.to(0.1, 0, 0.1, 16, 12));
        assertThatIllegalArgumentException().isThrownBy(() -> NutSteps.to(0.1, 0, 0.1, 1.5, 0));
    }

    private static BleedOrder.Stop stop(int axle, Side side, double pipe) {
        return new BleedOrder.Stop(
                new Wheel(axle, side), Double.isNaN(pipe) ? OptionalDouble.empty() : OptionalDouble.of(pipe));
    }

    private static List<String> keys(BleedOrder order) {
        return order.wheels().stream().map(s -> s.wheel().key()).toList();
    }

    /** Master on the left, rear tee near the left wheel: rear right, rear left, front right, front left. */
    @Test
    void theFarthestByPipeIsBledFirst() {
        List<BleedOrder.Stop> stops = List.of(
                stop(0, Side.LEFT, 700),
                stop(0, Side.RIGHT, 1500),
                stop(1, Side.LEFT, 3200),
                stop(1, Side.RIGHT, 4400));
        assertThat(keys(BleedOrder.of(stops, BleedOrder.School.FARTHEST_FIRST, Side.LEFT)))
                .containsExactly("axle 2 right", "axle 2 left", "axle 1 right", "axle 1 left");
        // a tee on the right turns the rear round, which fixed corners do not see
        List<BleedOrder.Stop> other = List.of(
                stop(0, Side.LEFT, 700),
                stop(0, Side.RIGHT, 1500),
                stop(1, Side.LEFT, 4400),
                stop(1, Side.RIGHT, 3200));
        assertThat(keys(BleedOrder.of(other, BleedOrder.School.FARTHEST_FIRST, Side.LEFT)))
                .startsWith("axle 2 left", "axle 2 right");
        assertThat(keys(BleedOrder.of(other, BleedOrder.School.FIXED_CORNERS, Side.LEFT)))
                .containsExactly("axle 2 right", "axle 2 left", "axle 1 right", "axle 1 left");
    }

    @Test
    void withoutDrawnLinesItIsTheCornersAndSaysSo() {
        List<BleedOrder.Stop> stops = List.of(
                stop(0, Side.LEFT, 700),
                stop(0, Side.RIGHT, Double.NaN),
                stop(1, Side.LEFT, 100),
                stop(1, Side.RIGHT, 200));
        BleedOrder order = BleedOrder.of(stops, BleedOrder.School.FARTHEST_FIRST, Side.RIGHT);
        assertThat(order.isMeasured()).isFalse();
        assertThat(keys(order)).containsExactly("axle 2 left", "axle 2 right", "axle 1 left", "axle 1 right");
    }
}
