package itrova.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.judge.Samples;
import itrova.core.kit.Kit;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchStep.Effort;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StepPictureTest {
    private static BenchStep step(String id) {
        return Steps.step(StepName.parse(id), Effort.UNSAID);
    }

    /** The star of five (1-3-5-2-4) and the pairs of four, six and eight: common practice on wheels. */
    @Test
    void nutsAreTightenedCrosswise() {
        assertThat(StepPicture.crosswise(5)).containsExactly(0, 2, 4, 1, 3);
        assertThat(StepPicture.crosswise(4)).containsExactly(0, 2, 1, 3);
        assertThat(StepPicture.crosswise(6)).containsExactly(0, 3, 1, 4, 2, 5);
        assertThat(StepPicture.crosswise(8)).containsExactly(0, 4, 2, 6, 1, 5, 3, 7);
        assertThatIllegalArgumentException().isThrownBy(() -> StepPicture.crosswise(1));
    }

    @Test
    void eachIsTightenedOnceAndTheSecondLiesAcrossFromTheFirst() {
        for (int n = 3; n <= 12; n++) {
            List<Integer> order = StepPicture.crosswise(n);
            assertThat(order)
                    .containsExactlyInAnyOrderElementsOf(
                            IntStream.range(0, n).boxed().toList());
            int apart = Math.min(Math.abs(order.get(1) - order.get(0)), n - Math.abs(order.get(1) - order.get(0)));
            assertThat(apart).isEqualTo(n / 2);
        }
    }

    @Test
    void spotsLieOnTheirCircleAndTheFirstStandsUp() {
        Kit kit = Samples.kit();
        StepPicture nuts = StepPicture.of(step("wheel-nuts"), kit).orElseThrow();
        double circle = kit.disc().patterns().get(0).circle().value();
        assertThat(nuts.side()).isEmpty();
        assertThat(nuts.spots()).hasSize(kit.disc().patterns().get(0).count());
        assertThat(nuts.spots())
                .allSatisfy(s -> assertThat(Math.hypot(s.x(), s.y())).isEqualTo(circle / 2, within(1e-9)));
        assertThat(nuts.spots().get(0))
                .isEqualTo(new StepPicture.Spot(nuts.spots().get(0).x(), circle / 2, 1));
        assertThat(StepPicture.of(step("left-disc"), kit).orElseThrow().side()).contains(Side.LEFT);
    }

    @Test
    void bracketBoltsLieAsThePapersSayAndAStepWithoutAnyHasNoPicture() {
        Kit kit = Samples.kit();
        StepPicture bolts = StepPicture.of(step("right-bracket"), kit).orElseThrow();
        assertThat(bolts.kind()).isEqualTo(StepPicture.Kind.BRACKET_BOLTS);
        assertThat(bolts.side()).contains(Side.RIGHT);
        assertThat(bolts.spots()).extracting(StepPicture.Spot::number).doesNotHaveDuplicates();
        assertThat(StepPicture.of(step("lift"), kit)).isEmpty();
    }
}
