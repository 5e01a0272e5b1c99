package itrova.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Distances of solids against closed forms. */
class SeparationTest {
    private static final Solid BLOCK = Solid.box(new Point3(-10, -10, -10), new Point3(10, 10, 10));

    private static Solid boxAt(double x, double f, double z) {
        return Solid.box(new Point3(x - 5, f - 5, z - 5), new Point3(x + 5, f + 5, z + 5));
    }

    /** A cylinder about the wheel axis: the turned rectangle. */
    private static Solid cylinder(double radius, double from, double to) {
        return Solid.turned(
                new Outline(
                        List.of(new Point(from, 0), new Point(to, 0), new Point(to, radius), new Point(from, radius))),
                ClockWindow.ALL);
    }

    @Test
    void facesEdgesAndCornersOfBoxes() {
        assertThat(Separation.of(BLOCK, boxAt(35, 0, 0)).distance()).isEqualTo(20, within(1e-6));
        assertThat(Separation.of(BLOCK, boxAt(18, 19, 0)).distance()).isEqualTo(5, within(1e-6)); // 3-4-5
        assertThat(Separation.of(BLOCK, boxAt(17, 18, 21)).distance()).isEqualTo(7, within(1e-6)); // 2-3-6-7
    }

    @Test
    void theDirectionPointsFromTheFirstToTheSecond() {
        Point3 d = Separation.of(BLOCK, boxAt(18, 19, 0)).direction();
        assertThat(d.x()).isEqualTo(0.6, within(1e-6));
        assertThat(d.f()).isEqualTo(0.8, within(1e-6));
    }

    @Test
    void anOverlapIsItsDepth() {
        assertThat(Separation.of(BLOCK, boxAt(12, 0, 0)).distance()).isEqualTo(-3, within(1e-3));
        assertThat(Separation.of(cylinder(100, -10, 10), boxAt(0, 0, 100)).distance())
                .isEqualTo(-5, within(0.02));
    }

    @Test
    void aCylinderToABoxAboveAndBeside() {
        Solid disc = cylinder(140, -10, 10);
        assertThat(Separation.of(disc, boxAt(0, 0, 165)).distance()).isEqualTo(20, within(1e-3));
        // beside its rim at 45 degrees: the box's nearest edge lies at (f, z) = (115, 115)
        assertThat(Separation.of(disc, boxAt(0, 120, 120)).distance())
                .isEqualTo(115 * Math.sqrt(2) - 140, within(1e-3));
    }

    @Test
    void aSectorReachesNoFurtherThanItsRange() {
        Outline section =
                new Outline(List.of(new Point(-20, 80), new Point(20, 80), new Point(20, 150), new Point(-20, 150)));
        Solid front = Solid.turned(section, new ClockWindow(45, 135));
        assertThat(Separation.of(front, boxAt(0, 165, 0)).distance()).isEqualTo(10, within(1e-3));
        // Below, the sector ends at 135 degrees: the corner at r = 150 stands at f = z = 106.07.
        double corner = 150 * Math.cos(Math.PI / 4);
        assertThat(Separation.of(front, boxAt(0, corner, -200)).distance()).isEqualTo(195 - corner, within(1e-3));
    }

    @Test
    void turnedAboutAnAxisAPlaceMovesAsItShould() {
        Motion quarter = new Motion(Point3.ZERO, new Point3(0, 0, 1), 90, new Point3(0, 0, 7));
        Point3 p = quarter.place(new Point3(10, 0, 0));
        assertThat(p.minus(new Point3(0, 10, 7)).length()).isEqualTo(0, within(1e-12));
    }

    /** Closed form for axis-parallel boxes: hypotenuse of the three clear distances. */
    @Test
    void tenThousandPairsOfBoxesAgreeWithTheClosedForm() {
        Random random = new Random(7);
        for (int n = 0; n < 10_000; n++) {
            Point3 low = place(random);
            Point3 high = low.plus(size(random));
            Point3 otherLow = place(random);
            Point3 otherHigh = otherLow.plus(size(random));
            double closed = Math.sqrt(square(clear(low.x(), high.x(), otherLow.x(), otherHigh.x()))
                    + square(clear(low.f(), high.f(), otherLow.f(), otherHigh.f()))
                    + square(clear(low.z(), high.z(), otherLow.z(), otherHigh.z())));
            double own = Separation.of(Solid.box(low, high), Solid.box(otherLow, otherHigh))
                    .distance();
            if (closed > 1e-3) {
                assertThat(own).as("case %d", n).isEqualTo(closed, within(1e-3));
            } else {
                assertThat(own).as("case %d", n).isLessThan(1e-2);
            }
        }
    }

    private static Point3 place(Random random) {
        return new Point3(
                200 * random.nextDouble() - 100, 200 * random.nextDouble() - 100, 200 * random.nextDouble() - 100);
    }

    private static Point3 size(Random random) {
        return new Point3(1 + 80 * random.nextDouble(), 1 + 80 * random.nextDouble(), 1 + 80 * random.nextDouble());
    }

    private static double clear(double low, double high, double otherLow, double otherHigh) {
        return Math.max(0, Math.max(otherLow - high, low - otherHigh));
    }

    private static double square(double v) {
        return v * v;
    }
}
