package itrova.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class BoxCutTest {
    private static final Steering UPRIGHT = new Steering(Point3.ZERO, new Point3(0, 0, 200), 40, 40, 0);
    private static final Sweep SWEEP = new Sweep(Optional.of(UPRIGHT), new Travel(80, 60, 0));
    private static final Box RAIL = new Box("frame rail", new Point3(-220, -400, -50), new Point3(-160, 400, 70), 0);

    private static double[] bounds(List<Point> cut) {
        return new double[] {
            cut.stream().mapToDouble(Point::x).min().orElseThrow(),
            cut.stream().mapToDouble(Point::x).max().orElseThrow(),
            cut.stream().mapToDouble(Point::r).min().orElseThrow(),
            cut.stream().mapToDouble(Point::r).max().orElseThrow()
        };
    }

    @Test
    void straightUpItIsTheBoxesOwnEndAboveTheAxis() {
        assertThat(bounds(SWEEP.cut(RAIL, 0, 0, 0))).containsExactly(new double[] {-220, -160, 0, 70}, within(1e-9));
    }

    @Test
    void liftedTheWheelTheBoxStandsLower() {
        assertThat(bounds(SWEEP.cut(RAIL, 0, 30, 0))).containsExactly(new double[] {-220, -160, 0, 40}, within(1e-9));
        assertThat(SWEEP.cut(RAIL, 0, 75, 0)).isEmpty();
    }

    @Test
    void aHalfPlaneToTheRearSeesHowFarTheBoxReachesBack() {
        assertThat(bounds(SWEEP.cut(RAIL, 0, 0, 270))).containsExactly(new double[] {-220, -160, 0, 400}, within(1e-9));
    }

    /** Turned about an upright axis through the wheel's middle, the rail's face is a slanting line: x·cos θ − r·sin θ = −160. */
    @Test
    void steeredTheRailSlantsAcrossTheSection() {
        double angle = Math.toRadians(20);
        List<Point> cut = SWEEP.cut(RAIL, 20, 0, 90);
        double most = cut.stream()
                .mapToDouble(p -> p.x() * Math.cos(angle) - p.r() * Math.sin(angle))
                .max()
                .orElseThrow();
        double least = cut.stream()
                .mapToDouble(p -> p.x() * Math.cos(angle) - p.r() * Math.sin(angle))
                .min()
                .orElseThrow();
        assertThat(most).isEqualTo(-160, within(1e-9));
        assertThat(least).isEqualTo(-220, within(1e-9));
    }

    /** Every place cut lies in the box when it is put where the moved wheel has it, and the corners go round once. */
    @Test
    void whatIsCutLiesInTheBox() {
        Random random = new Random(4);
        GeometryFactory plane = new GeometryFactory();
        int met = 0;
        for (int i = 0; i < 2_000; i++) {
            double steer = random.nextDouble(-40, 40);
            double lift = random.nextDouble(-60, 80);
            double clock = random.nextDouble(0, 360);
            List<Point> cut = SWEEP.cut(RAIL, steer, lift, clock);
            if (cut.isEmpty()) {
                continue;
            }
            met++;
            double turn = Math.toRadians(clock);
            for (Point p : cut) {
                assertThat(p.r()).isGreaterThanOrEqualTo(0);
                Point3 inWheel = new Point3(p.x(), p.r() * Math.sin(turn), p.r() * Math.cos(turn));
                // turned in is a turn about the upward axis that takes x towards f
                double c = Math.cos(Math.toRadians(steer));
                double s = Math.sin(Math.toRadians(steer));
                Point3 placed = new Point3(
                        c * inWheel.x() - s * inWheel.f(), s * inWheel.x() + c * inWheel.f(), inWheel.z() + lift);
                assertThat(placed.x()).isBetween(-220 - 1e-6, -160 + 1e-6);
                assertThat(placed.f()).isBetween(-400 - 1e-6, 400 + 1e-6);
                assertThat(placed.z()).isBetween(-50 - 1e-6, 70 + 1e-6);
            }
            Coordinate[] ring = new Coordinate[cut.size() + 1];
            for (int k = 0; k < ring.length; k++) {
                Point p = cut.get(k % cut.size());
                ring[k] = new Coordinate(p.x(), p.r());
            }
            assertThat(plane.createPolygon(ring).isValid()).isTrue();
        }
        assertThat(met).isGreaterThan(500);
    }
}
