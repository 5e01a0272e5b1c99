package itrova.core.road;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.road.StopTest.Change;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class StopTestTest {
    private static List<StopRun> from(double kmh, double... metres) {
        return Arrays.stream(metres).mapToObj(m -> new StopRun(kmh / 3.6, m)).toList();
    }

    /** UK Highway Code, rule 126: braking distances 14 m from 30 mph and 55 m from 60 mph are one deceleration of about 6.6 m/s². */
    @Test
    void decelerationIsSpeedSquaredOverTwiceTheDistance() {
        double mph = 1609.344 / 3600;
        assertThat(new StopRun(30 * mph, 14).deceleration()).isCloseTo(6.42, within(0.01));
        assertThat(new StopRun(50 * mph, 38).deceleration()).isCloseTo(6.57, within(0.01));
    }

    /**
     * By hand: 50 km/h in 16, 17, 18 m. v² = 192.90; a = 6.0282, 5.6736, 5.3584; mean 5.6867; standard deviation 0.3351, of the mean 0.1935
     * with 2 degrees of freedom. Speedometer: 2·5.6867/13.889·(0.5556/√3) = 0.2627. Tape: 5.6867/17·0.3/√9 = 0.0335. Together 0.3280.
     */
    @Test
    void doubtIsSpreadSpeedometerAndTape() {
        StopTest test = StopTest.of("before", from(50, 16, 17, 18));
        assertThat(test.deceleration().value()).isCloseTo(5.6867, within(0.0005));
        assertThat(test.deceleration().u()).isCloseTo(0.3280, within(0.0005));
        // Welch-Satterthwaite: 0.3280⁴/(0.1935⁴/2) = 16.5 degrees of freedom, t95 = 2.12 (JCGM 100:2008, table G.2:
        // 2.12 at 16, 2.11 at 17)
        assertThat(test.deceleration().expanded()).isCloseTo(0.3280 * 2.12, within(0.006));
    }

    @Test
    void aClearGainIsToldAndASmallOneIsNot() {
        StopTest before = StopTest.of("before", from(50, 24, 24.5, 25));
        assertThat(StopTest.of("after", from(50, 16, 16.3, 16.6))
                        .against(before)
                        .change())
                .isEqualTo(Change.HARDER);
        assertThat(before.against(StopTest.of("after", from(50, 16, 16.3, 16.6)))
                        .change())
                .isEqualTo(Change.SOFTER);
        assertThat(StopTest.of("after", from(50, 23, 24.4, 25.2))
                        .against(before)
                        .change())
                .isEqualTo(Change.CANNOT_BE_TOLD);
        assertThat(StopTest.of("after", from(65, 35, 36, 37)).against(before).gained())
                .isEmpty();
    }

    /** The speedometer is off by the same before and after: its doubt mostly falls out of the difference. */
    @Test
    void theSpeedometersErrorFallsOutOfTheDifference() {
        StopTest before = StopTest.of("before", from(50, 20, 20, 20));
        StopTest after = StopTest.of("after", from(50, 19, 19, 19));
        assertThat(after.deceleration().minus(before.deceleration()).u())
                .isLessThan(0.3 * after.deceleration().u());
    }

    /** Runs drawn with errors within the stated limits: a brake that is the same is called another in at most some 7 of a hundred. */
    @Test
    void theSameBrakeIsSeldomCalledAnother() {
        SplittableRandom random = new SplittableRandom(20260504);
        int called = 0;
        int sets = 2000;
        for (int i = 0; i < sets; i++) {
            double speedError = (2 * random.nextDouble() - 1) * StopTest.SPEED_HALF;
            StopTest before = StopTest.of("before", drawn(random, speedError));
            StopTest after = StopTest.of("after", drawn(random, speedError));
            if (after.against(before).change() != Change.CANNOT_BE_TOLD) {
                called++;
            }
        }
        assertThat(called).isBetween(1, sets * 7 / 100);
    }

    private static List<StopRun> drawn(SplittableRandom random, double speedError) {
        double told = 50 / 3.6;
        StopRun[] runs = new StopRun[StopTest.LEAST_RUNS];
        for (int i = 0; i < runs.length; i++) {
            double deceleration = 6 + 0.3 * random.nextGaussian();
            double true2 = (told + speedError) * (told + speedError);
            double tape = (2 * random.nextDouble() - 1) * StopTest.DISTANCE_HALF;
            runs[i] = new StopRun(told, true2 / (2 * deceleration) + tape);
        }
        return List.of(runs);
    }

    @Test
    void whatIsNoSetOfStopsIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> StopTest.of("before", from(50, 16, 17)))
                .withMessageContaining("Three stops");
        List<StopRun> unlike = List.of(new StopRun(12, 16), new StopRun(12, 16), new StopRun(20, 40));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> StopTest.of("before", unlike))
                .withMessageContaining("unlike speeds");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new StopRun(50, 30))
                .withMessageContaining("180 km/h");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new StopRun(50 / 3.6, 5))
                .withMessageContaining("no stop of a vehicle on a road");
        assertThatIllegalArgumentException().isThrownBy(() -> new StopRun(Double.NaN, 5));
        assertThatIllegalArgumentException().isThrownBy(() -> new StopRun(14, 0));
    }
}
