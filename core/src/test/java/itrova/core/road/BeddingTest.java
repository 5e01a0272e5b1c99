package itrova.core.road;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import itrova.core.road.BeddingRule.School;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Stops counted by a rule; pauses as the rule gives them (common practice). */
class BeddingTest {
    private static final Instant START = Instant.parse("2026-05-04T10:00:00Z");

    private static BeddingLog counted(BeddingRule rule, long... seconds) {
        BeddingLog log = new BeddingLog(rule, List.of());
        for (long s : seconds) {
            log = log.with(START.plusSeconds(s));
        }
        return log;
    }

    @Test
    void roadPadsBeginGentlyAndEndWithACoolingDrive() {
        BeddingRule rule = BeddingRule.of(School.ROAD_PADS);
        assertThat(rule.phases()).hasSize(3);
        // 5 to 10 mph to a stand; then from 50 mph to 30 mph; 1 mile is 1.609 km
        assertThat(rule.phases().get(0).from()).isBetween(5 * 1.609, 10 * 1.609);
        assertThat(rule.phases().get(1).from()).isBetween(79.0, 81.0);
        assertThat(rule.phases().get(1).to()).isBetween(47.0, 49.0);
        assertThat(rule.phases().get(2).pause()).isGreaterThanOrEqualTo(300);
    }

    @Test
    void stopsFillOnePhaseAfterTheOther() {
        BeddingRule rule = BeddingRule.ofPapers(2, 60, 20, 30).then(BeddingRule.of(School.PARKING_SHOES));
        assertThat(rule.stops()).isEqualTo(8);
        BeddingLog log = counted(rule, 0, 40, 80);
        assertThat(log.phases()).extracting(BeddingLog.PhaseDone::done).containsExactly(2, 1);
        assertThat(log.next().orElseThrow()).isEqualTo(rule.phases().get(1));
        assertThat(log.whole()).isFalse();
    }

    @Test
    void theBrakeIsReadyWhenThePauseOfItsPhaseIsOver() {
        BeddingRule rule = BeddingRule.ofPapers(3, 60, 20, 30);
        assertThat(counted(rule).ready()).isEmpty();
        assertThat(counted(rule, 0, 40).ready()).contains(START.plusSeconds(70));
        assertThat(counted(rule, 0, 40).early()).isZero();
        assertThat(counted(rule, 0, 20, 45).early()).isEqualTo(2);
    }

    @Test
    void aDoubleTouchIsNoSecondStopAndNothingIsCountedBeyondTheRule() {
        BeddingRule rule = BeddingRule.ofPapers(2, 60, 20, 30);
        assertThatIllegalStateException()
                .isThrownBy(() -> counted(rule, 0, 3))
                .withMessageContaining("less than 5 seconds");
        BeddingLog whole = counted(rule, 0, 40);
        assertThat(whole.whole()).isTrue();
        assertThat(whole.next()).isEmpty();
        assertThatIllegalStateException()
                .isThrownBy(() -> whole.with(START.plusSeconds(90)))
                .withMessageContaining("nothing is left");
    }

    @Test
    void aSeriesThatIsNoneIsRefusedByName() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BeddingRule.ofPapers(0, 60, 20, 30))
                .withMessageContaining("0 stops");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BeddingRule.ofPapers(5, 20, 60, 30))
                .withMessageContaining("From 20 to 60 km/h");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BeddingRule.ofPapers(5, 60, 20, Double.NaN))
                .withMessageContaining("pause");
        assertThatIllegalArgumentException().isThrownBy(() -> new BeddingRule(List.of()));
    }
}
