package itrova.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.work.Minutes;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class FinishSpreadTest {
    private static Task task(String id, Minutes minutes, String... after) {
        return new Task(id, "A", id, minutes, 1, Optional.empty(), List.of(after), 0, OptionalInt.empty());
    }

    /** Triangular distribution: mean (a + m + b)/3, variance (a² + m² + b² − am − ab − mb)/18 (any handbook of statistics). */
    @Test
    void timesAreDrawnFromTheTriangle() {
        SplittableRandom random = new SplittableRandom(3);
        double[] drawn = new double[40_000];
        Arrays.setAll(drawn, i -> FinishSpread.drawn(new Minutes(10, 20, 45), random));
        double mean = Arrays.stream(drawn).average().orElseThrow();
        double variance = Arrays.stream(drawn).map(d -> (d - mean) * (d - mean)).sum() / drawn.length;
        assertThat(mean).isCloseTo(25, within(0.2));
        assertThat(variance).isCloseTo((100 + 400 + 2025 - 200 - 450 - 900) / 18.0, within(1.5));
        assertThat(Arrays.stream(drawn).boxed()).allMatch(d -> d >= 10 && d <= 45);
    }

    /** One step: the half of the triangle 0, 0, 100 lies below 100·(1 − √0.5) = 29.3, four fifths below 100·(1 − √0.2) = 55.3. */
    @Test
    void oneStepIsFinishedWithinItsOwnQuantiles() {
        WeekProblem problem = WeekProblem.of(
                new Workshop(1, 1, Workshop.oneOfEach()), List.of(task("a", new Minutes(0, 0, 100))), Map.of());
        FinishSpread spread = FinishSpread.of(problem, QuickWeek.of(problem), 20_000, 5);
        assertThat(spread.within("A", 0.5)).isCloseTo(29.3, within(1.0));
        assertThat(spread.within("A", 0.8)).isCloseTo(55.3, within(1.0));
    }

    @Test
    void stepsThatWaitForEachOtherAddUpAndCertainOnesAreCertain() {
        Minutes sure = new Minutes(30, 30, 30);
        WeekProblem problem = WeekProblem.of(
                new Workshop(3, 1, Workshop.oneOfEach()),
                List.of(task("a", sure), task("b", sure, "a"), task("c", sure, "b")),
                Map.of());
        FinishSpread spread = FinishSpread.of(problem, QuickWeek.of(problem), 50, 5);
        assertThat(spread.within("A", 0.5)).isCloseTo(90, within(1e-9));
        assertThat(spread.within("A", 0.8)).isCloseTo(90, within(1e-9));
    }
}
