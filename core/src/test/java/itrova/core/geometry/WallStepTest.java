package itrova.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class WallStepTest {
    private static final Outline SQUARE =
            new Outline(List.of(new Point(-10, 100), new Point(10, 100), new Point(10, 120), new Point(-10, 120)));

    private static WallStep barrel(double from, double to, double level) {
        return new WallStep(WallStep.Kind.BARREL, from, to, level);
    }

    /** Closed form: parallel faces. */
    @Test
    void wallAboveGivesTheRadialDistance() {
        Gap gap = barrel(-30, 30, 125).gap(SQUARE);
        assertThat(gap.size()).isEqualTo(5, within(1e-12));
        assertThat(gap.towardsR()).isEqualTo(1, within(1e-12));
    }

    /** Closed form: corner to corner, 3-4-5. */
    @Test
    void cornerToCornerIsTheHypotenuse() {
        Gap gap = barrel(13, 40, 124).gap(SQUARE);
        assertThat(gap.size()).isEqualTo(5, within(1e-12));
        assertThat(gap.towardsX()).isEqualTo(0.6, within(1e-12));
        assertThat(gap.towardsR()).isEqualTo(0.8, within(1e-12));
    }

    /** Closed form: a point at (x, r) from the line through a chamfer. */
    @Test
    void pointToChamferIsTheDistanceToItsLine() {
        Outline chamfered = new Outline(List.of(new Point(0, 100), new Point(20, 100), new Point(0, 120)));
        Gap gap = barrel(20, 60, 120).gap(chamfered);
        assertThat(gap.size()).isEqualTo(20 / Math.sqrt(2), within(1e-9));
    }

    /** Closed form: a circle of radius R, as a fine polygon, under a wall. */
    @Test
    void circleUnderAWallKeepsItsRadiusAway() {
        List<Point> circle = new ArrayList<>();
        for (int i = 0; i < 720; i++) {
            circle.add(new Point(15 * Math.sin(Math.PI * i / 360), 100 + 15 * Math.cos(Math.PI * i / 360)));
        }
        assertThat(barrel(-40, 40, 130).gap(new Outline(circle)).size()).isEqualTo(15, within(1e-6));
        assertThat(barrel(9, 40, 112).gap(new Outline(circle)).size()).isEqualTo(Math.hypot(9, 12) - 15, within(2e-3));
    }

    @Test
    void overlapIsTheDepthAcrossTheFace() {
        assertThat(barrel(-30, 30, 117).gap(SQUARE).size()).isEqualTo(-3, within(1e-12));
        WallStep spokes = new WallStep(WallStep.Kind.SPOKES, 90, 130, 8);
        assertThat(spokes.gap(SQUARE).size()).isEqualTo(-2, within(1e-12));
        assertThat(spokes.gap(SQUARE).towardsX()).isEqualTo(1, within(1e-12));
    }

    @Test
    void wallOnlyAboveItsRange() {
        assertThat(barrel(10.5, 30, 90).gap(SQUARE).size()).isEqualTo(0.5, within(1e-12));
    }

    /** Against JTS 1.20 on random outlines and steps; the same distance wherever they are apart. */
    @Property(tries = 10_000)
    void agreesWithAGeneralGeometryLibrary(@ForAll @LongRange(min = 0) long seed) {
        Random random = new Random(seed);
        Outline outline = star(random);
        double from = random.nextDouble() * 60 - 30;
        WallStep step = barrel(from, from + random.nextDouble() * 40, 95 + random.nextDouble() * 50);
        GeometryFactory factory = new GeometryFactory();
        List<Coordinate> ring = new ArrayList<>();
        outline.corners().forEach(p -> ring.add(new Coordinate(p.x(), p.r())));
        ring.add(ring.get(0));
        Polygon polygon = factory.createPolygon(ring.toArray(new Coordinate[0]));
        double expected =
                polygon.distance(factory.toGeometry(new Envelope(step.from(), step.to(), step.level(), 10_000)));
        double size = step.gap(outline).size();
        if (expected > 0) {
            assertThat(size).isEqualTo(expected, within(1e-9));
        } else {
            assertThat(size).isLessThanOrEqualTo(1e-9);
        }
    }

    /** Against brute force: no sampled pair of points is nearer than the gap, and some pair comes close to it. */
    @Property(tries = 300)
    void noPairOfPointsIsNearer(@ForAll @LongRange(min = 0) long seed) {
        Random random = new Random(seed);
        Outline outline = star(random);
        WallStep step = barrel(-20, 20, 125 + random.nextDouble() * 30);
        double best = Double.POSITIVE_INFINITY;
        for (Point p : sampled(outline)) {
            for (int i = 0; i <= 200; i++) {
                best = Math.min(best, p.distance(new Point(-20 + 40 * i / 200.0, step.level())));
            }
        }
        Gap gap = step.gap(outline);
        if (gap.size() > 0.5) {
            assertThat(gap.size()).isLessThanOrEqualTo(best + 1e-9).isGreaterThan(best - 0.5);
            assertThat(gap.onOutline().distance(gap.onWall())).isEqualTo(gap.size(), within(1e-9));
        }
    }

    private static Outline star(Random random) {
        int n = 4 + random.nextInt(12);
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double radius = 5 + random.nextDouble() * 20;
            corners.add(new Point(radius * Math.cos(angle), 110 + radius * Math.sin(angle)));
        }
        return new Outline(corners);
    }

    private static List<Point> sampled(Outline outline) {
        List<Point> points = new ArrayList<>();
        List<Point> c = outline.corners();
        for (int i = 0; i < c.size(); i++) {
            Point a = c.get(i);
            Point b = c.get((i + 1) % c.size());
            for (int k = 0; k < 60; k++) {
                points.add(new Point(a.x() + (b.x() - a.x()) * k / 60, a.r() + (b.r() - a.r()) * k / 60));
            }
        }
        return points;
    }
}
