package itrova.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.work.BenchStep.Effort;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * PERT by its published formulas (Malcolm, Roseboom, Clark, Fazar 1959): mean (a + 4m + b)/6, σ (b − a)/6, and the longest chain by its
 * means.
 */
class CriticalPathTest {
    private static BenchStep step(String id, double a, double m, double b, String... after) {
        Minutes minutes = new Minutes(a, m, b);
        return Steps.step(
                StepName.parse(id), new Effort(List.of(), Optional.of(minutes), 1, "", "worked by hand"), after);
    }

    /**
     * Worked by hand: A (2, 4, 6), B after A (3, 5, 13), C after A (4, 5, 6), D after B and C (1, 2, 3). Means 4, 6, 5, 2: A, B, D = 12; σ² =
     * (4/6)² + (10/6)² + (2/6)² = 0.4444 + 2.7778 + 0.1111 = 3.3333.
     */
    @Test
    void theLongestChainByItsMeans() {
        CriticalPath path = CriticalPath.of(new BenchPlan(List.of(
                step("A", 2, 4, 6), step("B", 3, 5, 13, "A"), step("C", 4, 5, 6, "A"), step("D", 1, 2, 3, "B", "C"))));
        assertThat(path.ids()).containsExactly("A", "B", "D");
        assertThat(path.minutes()).isEqualTo(12, within(1e-9));
        assertThat(path.sigma()).isEqualTo(Math.sqrt(10.0 / 3), within(1e-9));
    }

    /** Every chain tried out by hand: 1+9, 1+2+3, 8: the first is the longest, though it has fewer steps. */
    @Test
    void fewerStepsMayBeLonger() {
        CriticalPath path = CriticalPath.of(new BenchPlan(List.of(
                step("a", 1, 1, 1),
                step("long", 9, 9, 9, "a"),
                step("b", 2, 2, 2, "a"),
                step("c", 3, 3, 3, "b"),
                step("alone", 8, 8, 8))));
        assertThat(path.ids()).containsExactly("a", "long");
        assertThat(path.minutes()).isEqualTo(10);
        assertThat(path.sigma()).isZero();
    }

    @Test
    void anEmptyPlanHasNone() {
        assertThat(CriticalPath.of(new BenchPlan(List.of())).ids()).isEmpty();
    }

    @Test
    void minutesThatDoNotRiseAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Minutes(5, 4, 6))
                .withMessageContaining("rise");
    }
}
