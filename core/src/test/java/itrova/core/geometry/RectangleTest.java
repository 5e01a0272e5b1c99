package itrova.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class RectangleTest {
    private static final Rectangle BLOCK = new Rectangle(-20, 5, 60, 80);

    private static Outline square(double x, double r, double side) {
        return new Outline(List.of(
                new Point(x, r), new Point(x + side, r), new Point(x + side, r + side), new Point(x, r + side)));
    }

    @Test
    void besideItTheGapIsAlongTheAxis() {
        Gap gap = BLOCK.gap(square(9, 65, 10));
        assertThat(gap.size()).isEqualTo(4, within(1e-12));
        assertThat(gap.towardsX()).isEqualTo(-1, within(1e-12));
    }

    @Test
    void offACornerTheGapIsTheHypotenuse() {
        Gap gap = BLOCK.gap(square(8, 84, 10));
        assertThat(gap.size()).isEqualTo(5, within(1e-12)); // 3-4-5
    }

    @Test
    void anOverlapIsTheShortestWayOut() {
        Gap gap = BLOCK.gap(square(3, 65, 10));
        assertThat(gap.size()).isEqualTo(-2, within(1e-12)); // out to x = 5
        assertThat(BLOCK.gap(square(-15, 79, 10)).size()).isEqualTo(-1, within(1e-12)); // out over r = 80
        assertThat(BLOCK.gap(square(5, 65, 10)).size()).isEqualTo(0, within(1e-12)); // touching is not overlapping
    }

    /** Outside reference: JTS Topology Suite, distance of polygons. */
    @Test
    void distancesAgreeWithAGeneralGeometryLibrary() {
        GeometryFactory jts = new GeometryFactory();
        Random random = new Random(20261125);
        int apart = 0;
        for (int n = 0; n < 10_000; n++) {
            List<Point> star = new ArrayList<>();
            int corners = 5 + random.nextInt(6);
            for (int i = 0; i < corners; i++) {
                double turn = 2 * Math.PI * i / corners;
                double reach = 5 + 25 * random.nextDouble();
                star.add(new Point(20 + reach * Math.cos(turn), 70 + reach * Math.sin(turn)));
            }
            double x = 120 * random.nextDouble() - 80;
            double r = 30 + 80 * random.nextDouble();
            Rectangle block = new Rectangle(x, x + 1 + 20 * random.nextDouble(), r, r + 1 + 20 * random.nextDouble());
            double reference = polygon(jts, star).distance(polygon(jts, block.corners()));
            double own = block.gap(new Outline(star)).size();
            if (reference > 0) {
                apart++;
                assertThat(own).as("case %d", n).isEqualTo(reference, within(1e-9));
            } else {
                assertThat(own).as("case %d", n).isLessThanOrEqualTo(1e-9);
            }
        }
        assertThat(apart).isBetween(4000, 9900);
    }

    private static Polygon polygon(GeometryFactory jts, List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point p = corners.get(i % corners.size());
            ring[i] = new Coordinate(p.x(), p.r());
        }
        return jts.createPolygon(ring);
    }
}
