package itrova.core.fastener;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ShimStackTest {
    private static final List<ShimSize> BOX = List.of(new ShimSize(0.3, 8), new ShimSize(0.5, 8), new ShimSize(1.0, 4));

    @Test
    void theNearestStackWithTheFewestPieces() {
        // Four bolts: two of 0.3, two of 0.5 and one of 1.0 for each.
        assertThat(ShimStack.nearest(1.5, BOX, 4).pieces()).containsExactly(1.0, 0.5);
        assertThat(ShimStack.nearest(1.0, BOX, 4).pieces()).containsExactly(1.0);
        assertThat(ShimStack.nearest(0.1, BOX, 4).pieces()).isEmpty();
        assertThat(ShimStack.nearest(9, BOX, 4).thickness()).isEqualTo(2.6, within(1e-9));
        assertThat(said(ShimStack.nearest(1.5, BOX, 4).words())).isEqualTo("1.0 mm + 0.5 mm");
        assertThat(said(ShimStack.nearest(0.1, BOX, 4).words())).isEqualTo("none");
    }

    @Test
    void whatDoesNotGoRoundAllBoltsIsNotUsed() {
        assertThat(ShimStack.nearest(1.0, List.of(new ShimSize(1.0, 3)), 4).pieces())
                .isEmpty();
    }

    /** Reference: every subset of the pieces one bolt may have. */
    @Test
    void noSubsetComesNearer() {
        Random random = new Random(3);
        for (int n = 0; n < 500; n++) {
            double wanted = 3 * random.nextDouble();
            double[] pieces = {0.3, 0.3, 0.5, 0.5, 1.0};
            double least = Double.POSITIVE_INFINITY;
            for (int mask = 0; mask < 32; mask++) {
                double sum = 0;
                for (int i = 0; i < 5; i++) {
                    sum += (mask & 1 << i) != 0 ? pieces[i] : 0;
                }
                least = Math.min(least, Math.abs(wanted - sum));
            }
            assertThat(Math.abs(wanted - ShimStack.nearest(wanted, BOX, 4).thickness()))
                    .isEqualTo(least, within(1e-9));
        }
    }
}
