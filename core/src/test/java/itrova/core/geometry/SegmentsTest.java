package itrova.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;

class SegmentsTest {
    private static Coordinate c(Point p) {
        return new Coordinate(p.x(), p.r());
    }

    private static double between(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), a.r() - b.r());
    }

    private static Point random(Random random, boolean onGrid) {
        return onGrid
                ? new Point(random.nextInt(-4, 5), random.nextInt(-4, 5))
                : new Point(random.nextDouble(-50, 50), random.nextDouble(-50, 50));
    }

    /** Outside reference: JTS Topology Suite; half the cases lie on a coarse grid, so that parallel, touching and single places come up. */
    @Test
    void distancesAgreeWithAGeneralGeometryLibrary() {
        Random random = new Random(81);
        for (int i = 0; i < 20_000; i++) {
            boolean onGrid = i % 2 == 0;
            Point a = random(random, onGrid);
            Point b = random(random, onGrid);
            Point p = random(random, onGrid);
            Point q = random(random, onGrid);
            Segments.Pair pair = Segments.nearest(a, b, p, q);
            assertThat(pair.length()).isEqualTo(Distance.segmentToSegment(c(a), c(b), c(p), c(q)), within(1e-9));
            // the places told lie on their segments and are that far apart
            assertThat(between(pair.first(), pair.second())).isEqualTo(pair.length(), within(1e-9));
            assertThat(Distance.pointToSegment(c(pair.first()), c(a), c(b))).isLessThan(1e-9);
            assertThat(Distance.pointToSegment(c(pair.second()), c(p), c(q))).isLessThan(1e-9);
        }
    }

    @Test
    void thePlaceOntoASegmentStaysOnIt() {
        Point a = new Point(0, 0);
        Point b = new Point(10, 0);
        assertThat(Segments.onto(new Point(4, 7), a, b)).isEqualTo(new Point(4, 0));
        assertThat(Segments.onto(new Point(-3, 2), a, b)).isEqualTo(a);
        assertThat(Segments.onto(new Point(13, 2), a, b)).isEqualTo(b);
        assertThat(Segments.onto(new Point(13, 2), a, a)).isEqualTo(a);
    }
}
