package itrova.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RollingLifeTest {
    /** ISO 281: a roller bearing at a tenth of its rating reaches 10^(10/3) = 2154 million turns. */
    @Test
    void lifeGrowsWithThePowerOfTenThirds() {
        assertThat(RollingLife.millionTurns(50_000, 5_000)).isEqualTo(2154.4347, within(1e-3));
        assertThat(RollingLife.millionTurns(50_000, 50_000)).isEqualTo(1, within(1e-12));
    }

    @Test
    void thrustCountsOnlyPastTheLimit() {
        assertThat(RollingLife.equivalent(1000, 300, 0.35, 1.7)).isEqualTo(1000);
        assertThat(RollingLife.equivalent(1000, 1000, 0.35, 1.7)).isEqualTo(0.4 * 1000 + 1.7 * 1000, within(1e-9));
    }

    /** ISO 281:2007, table 12. */
    @Test
    void factorsOfReliability() {
        int[] percent = {90, 95, 96, 97, 98, 99};
        double[] table = {1, 0.64, 0.55, 0.47, 0.37, 0.25};
        for (int i = 0; i < table.length; i++) {
            assertThat(RollingLife.factor(percent[i])).isEqualTo(table[i]);
        }
        assertThatThrownBy(() -> RollingLife.factor(91)).hasMessageContaining("91 %");
    }

    @Test
    void roadIsTurnsTimesCircumference() {
        assertThat(RollingLife.road(100, 636.62)).isEqualTo(200_000, within(1.0)); // 2 m round, 100 million turns
    }

    /** Moments by hand: 4 kN a third of the spacing outboard of the large bearing, no side load. */
    @Test
    void twoBearingsShareByMoments() {
        HubLoads straight = HubLoads.of(4000, 0, 20, 60, 300, 1.5, 1.5);
        assertThat(straight.outerRadial()).isEqualTo(4000.0 / 3, within(1e-6));
        assertThat(straight.innerRadial()).isEqualTo(4000 * 2.0 / 3, within(1e-6));
        assertThat(straight.innerAxial()).isEqualTo(0.5 * 8000.0 / 3 / 1.5, within(1e-6));
        assertThat(straight.outerAxial()).isEqualTo(straight.innerAxial(), within(1e-6));
    }

    @Test
    void corneringLoadsTheLargeBearing() {
        HubLoads straight = HubLoads.of(4000, 0, 20, 60, 300, 1.5, 1.5);
        HubLoads turning = HubLoads.of(4000, 400, 20, 60, 300, 1.5, 1.5);
        assertThat(turning.innerRadial()).isGreaterThan(straight.innerRadial());
        assertThat(turning.innerAxial()).isGreaterThan(straight.innerAxial());
        // moment of the side load at the road: 400 N · 300 mm over 60 mm is 2000 N from one bearing to the other
        assertThat(turning.innerRadial() - straight.innerRadial()).isEqualTo(2000, within(1e-6));
    }
}
