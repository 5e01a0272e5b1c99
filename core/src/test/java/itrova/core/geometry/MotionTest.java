package itrova.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class MotionTest {
    private static final Point3 UP = new Point3(0, 0, 1);

    private static Point3 random(Random random) {
        return new Point3(random.nextDouble(-300, 300), random.nextDouble(-300, 300), random.nextDouble(-300, 300));
    }

    private static void assertSame(Point3 one, Point3 other) {
        assertThat(one.minus(other).length()).isLessThan(1e-9);
    }

    /** A quarter turn about the upward axis takes outboard to forward, by the right-hand rule. */
    @Test
    void aQuarterTurnAboutUpTakesOutboardForward() {
        Motion quarter = new Motion(Point3.ZERO, UP, 90, Point3.ZERO);
        assertSame(quarter.place(new Point3(10, 0, 4)), new Point3(0, 10, 4));
        assertSame(quarter.place(new Point3(0, 10, 4)), new Point3(-10, 0, 4));
    }

    @Test
    void theAxisStaysWhereItIsButForTheShift() {
        Point3 through = new Point3(20, -5, 7);
        Point3 along = new Point3(1, 2, 3);
        Motion motion = new Motion(through, along, 73, new Point3(0, 0, 11));
        assertSame(motion.place(through), through.plus(new Point3(0, 0, 11)));
        assertSame(
                motion.place(through.plus(along.times(4))),
                through.plus(along.times(4)).plus(new Point3(0, 0, 11)));
    }

    /** Rigid: distances stay, and so does handedness. */
    @Test
    void distancesAndHandStay() {
        Random random = new Random(71);
        for (int i = 0; i < 1_000; i++) {
            Motion motion = new Motion(random(random), random(random), random.nextDouble(-180, 180), random(random));
            Point3 a = random(random);
            Point3 b = random(random);
            Point3 c = random(random);
            Point3 ab = motion.place(b).minus(motion.place(a));
            Point3 ac = motion.place(c).minus(motion.place(a));
            assertThat(ab.length()).isEqualTo(b.minus(a).length(), within(1e-9));
            assertThat(ab.dot(ac)).isEqualTo(b.minus(a).dot(c.minus(a)), within(1e-6));
            Point3 cross = b.minus(a).cross(c.minus(a));
            assertThat(ab.cross(ac).length()).isEqualTo(cross.length(), within(1e-6));
        }
    }

    @Test
    void backAgainIsWhereItWas() {
        Random random = new Random(72);
        for (int i = 0; i < 1_000; i++) {
            Motion motion = new Motion(random(random), random(random), random.nextDouble(-180, 180), random(random));
            Point3 p = random(random);
            assertSame(motion.before(motion.place(p)), p);
        }
    }

    @Test
    void oneMotionAfterAnother() {
        Random random = new Random(73);
        for (int i = 0; i < 500; i++) {
            Motion first = new Motion(random(random), random(random), random.nextDouble(-90, 90), random(random));
            Motion second = new Motion(random(random), random(random), random.nextDouble(-90, 90), random(random));
            Point3 p = random(random);
            assertSame(first.then(second).place(p), second.place(first.place(p)));
            assertSame(first.then(second).before(second.place(first.place(p))), p);
        }
    }
}
