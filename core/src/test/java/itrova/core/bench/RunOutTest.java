package itrova.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;

/** Run-out round a face, and where a disc sits best. */
class RunOutTest {
    /** Against the least-squares solution of a general mathematics library (Hipparchus, QR). */
    @Test
    void theHarmonicIsTheLeastSquaresOne() {
        Random random = new Random(7);
        for (int n = 4; n <= 24; n++) {
            double[][] design = new double[n][];
            List<Double> readings = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                double angle = 2 * Math.PI * i / n;
                design[i] = new double[] {1, Math.cos(angle), Math.sin(angle)};
                readings.add(0.05 * Math.cos(angle - 1) + 0.02 * random.nextGaussian());
            }
            RealVector wanted = new QRDecomposition(new Array2DRowRealMatrix(design))
                    .getSolver()
                    .solve(new ArrayRealVector(
                            readings.stream().mapToDouble(r -> r).toArray()));
            Harmonic found = Harmonic.of(readings);
            assertThat(found.mean()).isEqualTo(wanted.getEntry(0), within(1e-12));
            assertThat(found.cosine()).isEqualTo(wanted.getEntry(1), within(1e-12));
            assertThat(found.sine()).isEqualTo(wanted.getEntry(2), within(1e-12));
        }
    }

    /** 0, 5, 10, 5 hundredths: mean 5, swinging by 5 towards the third position, nothing left over; the dial shows 10. */
    @Test
    void aWobbleWorkedByHand() {
        Harmonic h = Harmonic.of(List.of(0.0, 0.05, 0.10, 0.05));
        assertThat(h.mean()).isEqualTo(0.05, within(1e-12));
        assertThat(h.amplitude()).isEqualTo(0.05, within(1e-12));
        assertThat(h.phase()).isEqualTo(180, within(1e-9));
        assertThat(h.residual()).isEqualTo(0, within(1e-12));
        assertThat(h.totalReading()).isEqualTo(0.10, within(1e-12));
    }

    private static List<Double> wobble(int n, double amplitude, double phase) {
        List<Double> readings = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            readings.add(amplitude * Math.cos(Math.toRadians(360.0 * i / n - phase)));
        }
        return readings;
    }

    /**
     * Hub 0.02 at 60 mm grows to 0.04 at 120 mm, highest at 0°; the disc's own 0.03 is highest at 108°. Turned on by one of five studs it is
     * highest at 180°: they take each other away but for 0.01, a reading of 0.02.
     */
    @Test
    void theBestPositionIsWhereHubAndDiscTakeEachOtherAway() {
        DiscIndexing found = DiscIndexing.of(wobble(12, 0.02, 0), 60, wobble(12, 0.03, 108), 120, 5);
        assertThat(found.positions()).hasSize(5);
        assertThat(found.positions().get(0).studs()).isEqualTo(1);
        assertThat(found.positions().get(0).totalReading()).isEqualTo(0.02, within(1e-9));
    }

    /** Every position against turning the readings themselves and adding them, with as many readings as studs. */
    @Test
    void everyPositionIsWhatTheDialWouldShow() {
        List<Double> hub = wobble(6, 0.02, 40);
        List<Double> disc = wobble(6, 0.03, 200);
        for (DiscIndexing.Position p : DiscIndexing.of(hub, 60, disc, 120, 6).positions()) {
            List<Double> sum = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                sum.add(2 * hub.get(i) + disc.get((i - p.studs() + 6) % 6));
            }
            assertThat(p.totalReading())
                    .as("turned by " + p.studs())
                    .isEqualTo(Harmonic.of(sum).totalReading(), within(1e-9));
        }
    }

    @Test
    void tooFewReadingsOrNonsenseAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Harmonic.of(List.of(0.0, 0.1, 0.0)))
                .withMessageContaining("4 or more");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> DiscIndexing.of(wobble(4, 0.1, 0), 0, wobble(4, 0.1, 0), 120, 5))
                .withMessageContaining("radii");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> DiscIndexing.of(wobble(4, 0.1, 0), 60, wobble(4, 0.1, 0), 120, 1))
                .withMessageContaining("3 to 12");
    }

    /** A bump is no wobble, and between four positions the face may stand out farther than any of them. */
    @Test
    void aHoldIsJudgedByWhatTheDialReaches() {
        assertThat(HoldReading.of(HoldWanted.byDefault(HoldKind.RUN_OUT), List.of(0.0, 0.03, 0.06, 0.03))
                        .verdict())
                .isEqualTo(Verdict.FITS);
        HoldReading between = HoldReading.of(HoldWanted.byDefault(HoldKind.RUN_OUT), wobble(4, 0.055, 45));
        assertThat(between.value()).isEqualTo(0.11, within(1e-9));
        assertThat(between.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(HoldReading.of(HoldWanted.byDefault(HoldKind.RUN_OUT), List.of(0.0, 0.0, 0.098, 0.0))
                        .verdict())
                .as("at the limit within its doubt")
                .isEqualTo(Verdict.NOT_PROVEN);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HoldReading.of(HoldWanted.byDefault(HoldKind.RUN_OUT), List.of(0.02)));
    }
}
