package itrova.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.clearance.CaliperBeside.Standing;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.judge.Samples;
import itrova.core.kit.Caliper;
import itrova.core.kit.CaliperPlumbing;
import itrova.core.kit.Kit;
import itrova.core.kit.SectorOutline;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Obstacle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Caliper and disc beside what stands still, against JTS Topology Suite, and what is skipped against working all out. */
class CaliperBesideTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    private static final double MID_PLANE = 20;

    private static Kit kit(List<SectorOutline> parts, double wear, double tolerance) {
        return Samples.kit()
                .withCaliper(new Caliper(
                        wear > 0,
                        Optional.empty(),
                        tolerance,
                        wear,
                        parts,
                        Caliper.USUAL_SPAN,
                        CaliperPlumbing.UNKNOWN));
    }

    private static Standing standing(ClockWindow window, double x, double r, double size, double halfLimit) {
        return new Standing(
                new Obstacle("arm", window, x - size, x, r, r + size, halfLimit, OptionalDouble.empty()),
                Optional.empty(),
                Optional.empty());
    }

    private static Outline profile(Random random) {
        List<Point> corners = new ArrayList<>();
        int n = 5 + random.nextInt(4);
        for (int i = 0; i < n; i++) {
            double turn = 2 * Math.PI * i / n;
            double reach = random.nextDouble(10, 38);
            corners.add(new Point(reach * Math.cos(turn) - 10, 120 + reach * Math.sin(turn)));
        }
        return new Outline(corners);
    }

    private static List<SectorOutline> sectors(Random random) {
        List<SectorOutline> parts = new ArrayList<>();
        for (double from = -45; from < 45; from += 30) {
            parts.add(new SectorOutline(new ClockWindow(from, from + 30), profile(random)));
        }
        return parts;
    }

    private static Geometry polygon(List<Point> corners, double dx) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point p = corners.get(i % corners.size());
            ring[i] = new Coordinate(p.x() + dx, p.r());
        }
        return JTS.createPolygon(ring);
    }

    private static Geometry disc(Kit kit) {
        double half = kit.disc().thickness().value() / 2;
        double inner = kit.disc().hatInside().value() / 2;
        double outer = kit.disc().diameter().value() / 2;
        return polygon(
                List.of(
                        new Point(-half, inner),
                        new Point(half, inner),
                        new Point(half, outer),
                        new Point(-half, outer)),
                MID_PLANE);
    }

    /** Outside reference: JTS. Only the kit's disc thickness is in doubt, far less than what tells the parts apart. */
    @Test
    void theGapIsTheLeastDistanceOfWhatComesBy() {
        Random random = new Random(61);
        int apart = 0;
        for (int n = 0; n < 3_000; n++) {
            List<SectorOutline> parts = sectors(random);
            double wear = random.nextBoolean() ? random.nextDouble(4, 12) : 0;
            Kit kit = kit(parts, wear, 0);
            double from = random.nextDouble(0, 360);
            ClockWindow window = new ClockWindow(from, from + random.nextDouble(5, 90));
            double x = random.nextDouble(-80, 20);
            double r = random.nextDouble(20, 150);
            Standing arm = standing(window, x, r, 25, 0);
            InboardGap own =
                    new CaliperBeside(Side.LEFT, kit, Measured.exact(MID_PLANE), OptionalDouble.of(90)).to(arm);
            Geometry metal = polygon(
                    List.of(new Point(x - 25, r), new Point(x, r), new Point(x, r + 25), new Point(x - 25, r + 25)), 0);
            double reference = disc(kit).distance(metal);
            for (SectorOutline part : parts) {
                if (part.window().turned(90).widened(2).overlaps(window)) {
                    Geometry asNew = polygon(part.outline().corners(), MID_PLANE);
                    Geometry worn = polygon(part.outline().corners(), MID_PLANE - wear);
                    reference = Math.min(reference, Math.min(asNew.distance(metal), worn.distance(metal)));
                }
            }
            if (reference > 0) {
                // the worst is told by what is left after doubt; the disc's half thickness is in doubt by 0.05 mm
                assertThat(own.size().value()).isEqualTo(reference, within(0.06));
                apart++;
            } else {
                assertThat(own.left()).isLessThanOrEqualTo(1e-9);
            }
        }
        assertThat(apart).isGreaterThan(1_500);
    }

    /** Parts that cannot be the worst are skipped; looking at each part alone finds the same worst. */
    @Test
    void skippingPartsNeverChangesTheWorst() {
        Random random = new Random(62);
        for (int n = 0; n < 1_500; n++) {
            List<SectorOutline> parts = sectors(random);
            double wear = random.nextBoolean() ? 8 : 0;
            double tolerance = random.nextDouble(0, 3);
            Measured midPlane =
                    Measured.of(MID_PLANE, Component.rectangular(Source.named("hub face"), random.nextDouble(0.05, 4)));
            Standing arm = standing(
                    ClockWindow.ALL,
                    random.nextDouble(-90, 0),
                    random.nextDouble(20, 150),
                    25,
                    random.nextDouble(0, 3));
            double whole = new CaliperBeside(Side.LEFT, kit(parts, wear, tolerance), midPlane, OptionalDouble.empty())
                    .to(arm)
                    .left();
            double partByPart = parts.stream()
                    .mapToDouble(p -> new CaliperBeside(
                                    Side.LEFT, kit(List.of(p), wear, tolerance), midPlane, OptionalDouble.empty())
                            .to(arm)
                            .left())
                    .min()
                    .orElseThrow();
            assertThat(whole).isEqualTo(partByPart, within(1e-9));
        }
    }

    @Test
    void whatStandsOutsideTheCalipersClockRangeMeetsTheDiscAlone() {
        SectorOutline part = new SectorOutline(new ClockWindow(-20, 20), profile(new Random(63)));
        CaliperBeside beside = new CaliperBeside(
                Side.LEFT, kit(List.of(part), 8, 0.3), Measured.exact(MID_PLANE), OptionalDouble.of(270));
        InboardGap gap = beside.to(standing(new ClockWindow(60, 120), -20, 110, 20, 0));
        assertThat(gap.part()).isEqualTo(MovingPart.DISC);
        assertThat(gap.size().value()).isEqualTo(30, within(1e-9)); // 20 − 20/2 − (−20)
        assertThat(beside.to(standing(new ClockWindow(250, 280), -20, 110, 20, 0))
                        .part())
                .isEqualTo(MovingPart.CALIPER);
    }

    /** Where the bracket does not fix the caliper's place it may be anywhere. */
    @Test
    void withoutAFixedPlaceEverythingCounts() {
        SectorOutline part = new SectorOutline(new ClockWindow(-20, 20), profile(new Random(63)));
        CaliperBeside anywhere = new CaliperBeside(
                Side.LEFT, kit(List.of(part), 8, 0.3), Measured.exact(MID_PLANE), OptionalDouble.empty());
        assertThat(anywhere.to(standing(new ClockWindow(60, 120), -20, 110, 20, 0))
                        .part())
                .isEqualTo(MovingPart.CALIPER);
        assertThat(anywhere.clockRange()).isEmpty();
    }

    @Test
    void theRangeOfTheWholeCaliperIncludesTheDoubtOfItsPlace() {
        List<SectorOutline> parts = sectors(new Random(64));
        CaliperBeside beside =
                new CaliperBeside(Side.LEFT, kit(parts, 0, 0.3), Measured.exact(MID_PLANE), OptionalDouble.of(90));
        assertThat(beside.clockRange()).hasValue(new ClockWindow(43, 137));
    }

    @Test
    void theRibReadAtTheKnuckleStandsUnlessItIsListed() {
        AxleEnd.Builder read = new AxleEnd.Builder(
                        Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE))
                .length(Callout.KNUCKLE_RIB, Measured.exact(6))
                .length(Callout.KNUCKLE_RIB_RADIUS, Measured.exact(62));
        List<Standing> standing = CaliperBeside.obstacles(read.build());
        assertThat(standing).singleElement().satisfies(s -> {
            assertThat(s.wasRead()).isTrue();
            assertThat(s.obstacle().xTo()).isEqualTo(6);
            assertThat(s.obstacle().rTo()).isEqualTo(62);
        });
        Obstacle listed = new Obstacle("Knuckle rib", new ClockWindow(80, 100), 0, 5, 40, 60, 1, OptionalDouble.of(2));
        AxleEnd end = read.around(new Surroundings(
                        Seen.all(List.of(listed)),
                        Seen.nobody(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        List.of()))
                .build();
        assertThat(CaliperBeside.obstacles(end)).singleElement().satisfies(s -> assertThat(s.obstacle())
                .isEqualTo(listed));
    }
}
