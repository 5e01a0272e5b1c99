package itrova.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.bench.TroubleTree.Complaint;
import itrova.core.bench.TroubleTree.Suspect;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Bayes by hand, from the two tables. */
class TroubleTreeTest {
    private static double of(List<Suspect> suspects, String cause) {
        return suspects.stream()
                .filter(s -> s.cause().id().equals(cause))
                .mapToDouble(Suspect::probability)
                .findFirst()
                .orElse(0);
    }

    /** Low pedal, nothing tried: weights 45, 25, 0, 0, 10, 6, 5, 4, 2, 3 add up to 100. */
    @Test
    void beforeAnythingIsTriedTheComplaintTells() {
        List<Suspect> now = TroubleTree.suspects(Complaint.LOW_PEDAL, Map.of());
        assertThat(of(now, "AIR")).isEqualTo(0.45, within(1e-9));
        assertThat(of(now, "REAR_ADJUSTMENT")).isEqualTo(0.25, within(1e-9));
        assertThat(now.get(0).cause().id()).isEqualTo("AIR");
    }

    /**
     * It sinks: 45·0.05 = 2.25, 25·0.03 = 0.75, 10·0.10 = 1, 6·0.03 = 0.18, 5·0.05 = 0.25, 4·0.03 = 0.12, 2·0.05 = 0.1, 3·0.9 = 2.7,
     * together 7.35: a leak with 2.7 / 7.35 = 0.3673.
     */
    @Test
    void aPedalThatSinksPointsAtALeak() {
        List<Suspect> now = TroubleTree.suspects(Complaint.LOW_PEDAL, Map.of("SINK", true));
        assertThat(of(now, "LEAK")).isEqualTo(2.7 / 7.35, within(1e-9));
        assertThat(now.get(0).cause().id()).isEqualTo("LEAK");
    }

    /**
     * It drags and goes free at the master's line, with play at the rod: residual 30·0.9·0.92 = 24.84, push rod 35·0.92·0.04 = 1.288, drums
     * 5·0.02·0.95 = 0.095, lever 5·0.02·0.95 = 0.095, pad 20·0.03·0.95 = 0.57, hose 5·0.1·0.95 = 0.475; together 27.363.
     */
    @Test
    void dragThatEndsAtTheMasterIsTheResidualValve() {
        List<Suspect> now = TroubleTree.suspects(Complaint.DRAGS, Map.of("MASTER_LINE", true, "PUSH_ROD", false));
        assertThat(of(now, "RESIDUAL_DRUM")).isEqualTo(24.84 / 27.363, within(1e-6));
        assertThat(of(now, "AIR")).isZero();
    }

    @Test
    void whatIsTriedNextTellsMostByTheMinuteAndWasNotTried() {
        List<TroubleTree.Advice> next = TroubleTree.next(Complaint.DRAGS, Map.of());
        assertThat(next)
                .extracting(TroubleTree.Advice::bitsPerMinute)
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(next).allSatisfy(a -> assertThat(a.bits()).isBetween(0.0, 1.0));
        assertThat(TroubleTree.next(Complaint.DRAGS, Map.of("PUSH_ROD", true)))
                .extracting(a -> a.trial().id())
                .doesNotContain("PUSH_ROD");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> TroubleTree.suspects(Complaint.DRAGS, Map.of("KICK", true)))
                .withMessageContaining("PUSH_ROD");
    }

    /** Two causes alike but for one trial's 0.9 and 0.1: a bit less H(0.9) = 1 − 0.4690 = 0.5310 (Shannon). */
    @Test
    void everyComplaintHasSuspectsAndSomethingToTry() {
        for (Complaint complaint : Complaint.values()) {
            List<Suspect> now = TroubleTree.suspects(complaint, Map.of());
            assertThat(now.stream().mapToDouble(Suspect::probability).sum()).isEqualTo(1, within(1e-9));
            assertThat(TroubleTree.next(complaint, Map.of()))
                    .as(complaint.title())
                    .isNotEmpty();
        }
    }
}
