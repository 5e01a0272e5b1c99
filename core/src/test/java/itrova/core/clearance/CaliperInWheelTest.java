package itrova.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.judge.Samples;
import itrova.core.kit.Caliper;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import itrova.core.wording.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** The caliper in the wheel against JTS Topology Suite, and what is skipped against working everything out. */
class CaliperInWheelTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    private static final double BACKSPACING = 80;
    private static final double MID_PLANE = -48.5; // hat 42 deep, 6.5 thick

    private static Measured length(double value, String source, double halfLimit) {
        return halfLimit > 0
                ? Measured.of(value, Component.rectangular(Source.named(source), halfLimit))
                : Measured.exact(value);
    }

    private static AxleEnd end(List<Station> barrel, List<Station> spokes, double doubt) {
        return new AxleEnd.Builder(Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE))
                .length(Callout.WHEEL_BACKSPACING, length(BACKSPACING, "backspacing", doubt))
                .barrel(barrel)
                .spokes(spokes)
                .build();
    }

    /** A kit whose disc is exact, so that the caliper's tolerance is the only doubt of its own. */
    private static Kit kit(Outline outline, double wear, double tolerance) {
        Disc exact = Samples.kit()
                .disc()
                .but()
                .hatThickness(Figure.stated(6.5, 0))
                .hatDepth(Figure.stated(42, 0))
                .build();
        return Samples.kit().withDisc(exact).withCaliper(new Caliper(wear > 0, Optional.of(outline), tolerance, wear));
    }

    private static List<Station> stations(Random random, double first, double from, double to, double doubt) {
        List<Station> stations = new ArrayList<>();
        double place = first;
        for (int i = 0; i < 5; i++) {
            stations.add(new Station(
                    length(place, "place " + i + first, doubt),
                    length(random.nextDouble(from, to), "size " + i + first, doubt)));
            place += random.nextDouble(12, 25);
        }
        return stations;
    }

    /** A star-shaped profile around the middle of the disc's edge. */
    private static Outline profile(Random random) {
        List<Point> corners = new ArrayList<>();
        int n = 5 + random.nextInt(5);
        for (int i = 0; i < n; i++) {
            double turn = 2 * Math.PI * i / n;
            double reach = random.nextDouble(12, 40);
            corners.add(new Point(reach * Math.cos(turn), 118 + reach * Math.sin(turn)));
        }
        return new Outline(corners);
    }

    private static Geometry polygon(List<Point> corners, double dx) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point p = corners.get(i % corners.size());
            ring[i] = new Coordinate(p.x() + dx, p.r());
        }
        return JTS.createPolygon(ring);
    }

    private static Geometry box(double minX, double maxX, double minR, double maxR) {
        return polygon(
                List.of(new Point(minX, minR), new Point(maxX, minR), new Point(maxX, maxR), new Point(minX, maxR)), 0);
    }

    private static double reference(List<Station> stations, boolean barrel, Outline outline, double wear) {
        double least = Double.POSITIVE_INFINITY;
        for (double moved : new double[] {0, wear}) {
            Geometry caliper = polygon(outline.corners(), MID_PLANE - moved);
            for (int i = 0; i + 1 < stations.size(); i++) {
                double a = stations.get(i).place().value();
                double b = stations.get(i + 1).place().value();
                double size = Math.min(
                        stations.get(i).size().value(),
                        stations.get(i + 1).size().value());
                Geometry wall = barrel ? box(a - BACKSPACING, b - BACKSPACING, size / 2, 900) : box(size, 900, a, b);
                least = Math.min(least, caliper.distance(wall));
            }
            if (!barrel) {
                Station last = stations.get(stations.size() - 1);
                double place = last.place().value();
                least = Math.min(least, caliper.distance(box(last.size().value(), 900, place, place + 15)));
            }
        }
        return least;
    }

    /** Outside reference: JTS. Nothing is in doubt here, so the gap reported is the least of all distances. */
    @Test
    void withoutDoubtTheGapIsTheLeastDistance() {
        Random random = new Random(51);
        int apart = 0;
        for (int n = 0; n < 3_000; n++) {
            List<Station> barrel = stations(random, 16, 330, 380, 0);
            List<Station> spokes = stations(random, 60, -5, 45, 0);
            Outline outline = profile(random);
            double wear = random.nextBoolean() ? random.nextDouble(5, 14) : 0;
            AxleEnd end = end(barrel, spokes, 0);
            CaliperInWheel placed = new CaliperInWheel(end, WheelProfile.of(end), kit(outline, wear, 0));
            double toBarrel = reference(barrel, true, outline, wear);
            double toSpokes = reference(spokes, false, outline, wear);
            double ownBarrel = placed.toBarrel(CaliperInWheel.Wall.NEAR, Measured.exact(0))
                    .orElseThrow()
                    .size()
                    .value();
            double ownSpokes = placed.toSpokes(CaliperInWheel.Wall.NEAR, Measured.exact(0))
                    .orElseThrow()
                    .size()
                    .value();
            if (toBarrel > 0) {
                assertThat(ownBarrel).isEqualTo(toBarrel, within(1e-9));
                apart++;
            } else {
                assertThat(ownBarrel).isLessThanOrEqualTo(1e-9);
            }
            if (toSpokes > 0) {
                assertThat(ownSpokes).isEqualTo(toSpokes, within(1e-9));
            } else {
                assertThat(ownSpokes).isLessThanOrEqualTo(1e-9);
            }
        }
        assertThat(apart).isGreaterThan(1_000);
    }

    /** Steps that cannot be the worst are skipped; looking at each step alone finds the same worst. */
    @Test
    void skippingStepsNeverChangesTheWorst() {
        Random random = new Random(52);
        for (int n = 0; n < 1_500; n++) {
            // narrow ones as well, into which the caliper runs at several steps
            List<Station> barrel = stations(random, 16, n % 2 == 0 ? 330 : 260, 380, random.nextDouble(0.05, 4));
            Outline outline = profile(random);
            Kit kit = kit(outline, random.nextBoolean() ? 9 : 0, random.nextDouble(0, 2));
            double whole = left(barrel, kit);
            double stepByStep = Double.POSITIVE_INFINITY;
            for (int i = 0; i + 1 < barrel.size(); i++) {
                stepByStep = Math.min(stepByStep, left(barrel.subList(i, i + 2), kit));
            }
            assertThat(whole).isEqualTo(stepByStep, within(1e-9));
        }
    }

    private static double left(List<Station> barrel, Kit kit) {
        AxleEnd end = end(barrel, List.of(), 0.2);
        Measured size = new CaliperInWheel(end, WheelProfile.of(end), kit)
                .toBarrel(CaliperInWheel.Wall.NEAR, Measured.exact(0))
                .orElseThrow()
                .size();
        return size.value() - size.expanded();
    }

    /** A sliding caliper on worn pads stands inboard of itself on new ones by its wear. */
    @Test
    void wornPadsMoveTheOutlineInboard() {
        Outline outline = profile(new Random(53));
        AxleEnd end = end(List.of(), List.of(), 0);
        CaliperInWheel placed = new CaliperInWheel(end, WheelProfile.of(end), kit(outline, 11, 0));
        assertThat(placed.outlines(false).get(0).minX()
                        - placed.outlines(true).get(0).minX())
                .isEqualTo(11, within(1e-12));
        assertThat(placed.midPlane().value()).isEqualTo(MID_PLANE, within(1e-12));
        assertThat(placed.toBarrel(CaliperInWheel.Wall.NEAR, Measured.exact(0)))
                .as("nothing of the barrel was read")
                .isEmpty();
    }

    /** The gap's doubt is that of what it is made of: a radius counts half its diameter's doubt. */
    @Test
    void theDoubtOfARadialGapIsHalfTheDiametersAndTheOutlines() {
        List<Station> barrel = List.of(
                new Station(Measured.exact(20), length(360, "size", 1)),
                new Station(Measured.exact(120), length(360, "size", 1)));
        Outline block =
                new Outline(List.of(new Point(-30, 90), new Point(30, 90), new Point(30, 150), new Point(-30, 150)));
        AxleEnd end = end(barrel, List.of(), 0);
        SectionGap gap = new CaliperInWheel(end, WheelProfile.of(end), kit(block, 0, 0.3))
                .toBarrel(CaliperInWheel.Wall.NEAR, Measured.exact(0))
                .orElseThrow();
        assertThat(gap.size().value()).isEqualTo(30, within(1e-12));
        double u = Math.sqrt((0.5 * 0.5 + 0.3 * 0.3) / 3); // JCGM 100:2008, 4.3.7: a/√3 each
        assertThat(gap.size().u()).isEqualTo(u, within(1e-12));
    }

    @Test
    void whatLiesBeyondTheReadingsIsNamed() {
        List<Station> barrel = List.of(
                new Station(Measured.exact(30), Measured.exact(360)),
                new Station(Measured.exact(50), Measured.exact(360)));
        List<Station> spokes = List.of(
                new Station(Measured.exact(120), Measured.exact(20)),
                new Station(Measured.exact(130), Measured.exact(20)));
        Outline block =
                new Outline(List.of(new Point(-45, 80), new Point(30, 80), new Point(30, 160), new Point(-45, 160)));
        AxleEnd end = end(barrel, spokes, 0);
        CaliperInWheel placed = new CaliperInWheel(end, WheelProfile.of(end), kit(block, 0, 0));
        // outboard end at −48.5 + 30 = −18.5, that is 61.5 mm from the edge, beyond the last reading at 50
        assertThat(placed.unreadBarrel().map(Said::said)).hasValue("barrel diameter at a depth of 62 mm or more");
        assertThat(placed.unreadSpokes().map(Said::said)).hasValue("spoke back at a radius of 160 mm or more");
    }
}
