package itrova.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.clearance.Sweep.Meeting;
import itrova.core.clearance.Sweep.Mover;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.geometry.Solid;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The sweep against closed forms of circles and chords. */
class SweepTest {
    private static final Travel STILL = new Travel(0, 0, 0);
    private static final double TYRE = 300;
    private static final double HALF_WIDTH = 80;

    /** A wheel of 600 mm about the axis, its plane at x = 0. */
    private static Mover wheel() {
        Outline section = new Outline(List.of(
                new Point(-HALF_WIDTH, 0),
                new Point(HALF_WIDTH, 0),
                new Point(HALF_WIDTH, TYRE),
                new Point(-HALF_WIDTH, TYRE)));
        return new Mover(MovingPart.TYRE, Solid.turned(section, ClockWindow.ALL), Math.hypot(HALF_WIDTH, TYRE));
    }

    private static Steering upright(double lockIn, double lockOut) {
        return new Steering(new Point3(0, 0, -100), new Point3(0, 0, 100), lockIn, lockOut, 0);
    }

    @Test
    void straightAheadItIsThePlainDistance() {
        Box frame = new Box("frame rail", new Point3(-200, -500, -50), new Point3(-150, 500, 50), 0);
        Meeting m = new Sweep(Optional.empty(), STILL).nearest(wheel(), frame);
        assertThat(m.distance()).isEqualTo(70, within(1e-3));
    }

    /** Turned in by a, the rear of a thin wheel of radius r stands r·sin a + b·cos a inboard of the king-pin axis. */
    @Test
    void atFullLockTheTyresEdgeComesNearestToTheFrame() {
        Box frame = new Box("frame rail", new Point3(-400, -500, -50), new Point3(-350, 500, 50), 0);
        double lock = 35;
        double reach = TYRE * Math.sin(Math.toRadians(lock)) + HALF_WIDTH * Math.cos(Math.toRadians(lock));
        Meeting in = new Sweep(Optional.of(upright(lock, 0)), STILL).nearest(wheel(), frame);
        assertThat(in.distance()).isEqualTo(350 - reach, within(Sweep.TOLERANCE + 1e-3));
        assertThat(in.steer()).isEqualTo(lock, within(0.5));
        Meeting out = new Sweep(Optional.of(upright(0, lock)), STILL).nearest(wheel(), frame);
        assertThat(out.distance()).isEqualTo(350 - reach, within(Sweep.TOLERANCE + 1e-3));
        assertThat(out.steer()).isEqualTo(-lock, within(0.5));
    }

    @Test
    void turnedInTheFrontGoesInboard() {
        Box ahead = new Box("bumper arm", new Point3(-260, 150, -20), new Point3(-200, 400, 20), 0);
        Sweep in = new Sweep(Optional.of(upright(30, 0)), STILL);
        Sweep out = new Sweep(Optional.of(upright(0, 30)), STILL);
        assertThat(in.nearest(wheel(), ahead).distance())
                .isLessThan(out.nearest(wheel(), ahead).distance());
    }

    @Test
    void travelTakesAwayWhatItLifts() {
        Box arch = new Box("arch", new Point3(-100, -400, 400), new Point3(100, 400, 420), 0);
        Meeting m = new Sweep(Optional.empty(), new Travel(70, 60, 0)).nearest(wheel(), arch);
        assertThat(m.distance()).isEqualTo(400 - TYRE - 70, within(Sweep.TOLERANCE + 1e-3));
        assertThat(m.lift()).isEqualTo(70, within(1.0));
    }

    /** A small part passes a stop that stands beside the travel: it is nearest where it is level with it. */
    @Test
    void theNearestPlaceOfTheTravelIsToldAlsoBetweenItsEnds() {
        Mover part = new Mover(MovingPart.CALIPER, Solid.box(new Point3(-10, -1, -1), new Point3(10, 1, 1)), 11);
        Box stop = new Box("bump stop", new Point3(-60, -1, 29), new Point3(-50, 1, 31), 0);
        Meeting m = new Sweep(Optional.empty(), new Travel(70, 60, 0)).nearest(part, stop);
        assertThat(m.distance()).isEqualTo(40, within(Sweep.TOLERANCE + 1e-3));
        assertThat(m.lift()).isEqualTo(30, within(2.5)); // level within both half heights, 1 mm each, and half a step
    }

    @Test
    void leaningBringsTheTopNearer() {
        Box tower = new Box("spring tower", new Point3(-200, -100, 200), new Point3(-150, 100, 320), 0);
        double straight = new Sweep(Optional.empty(), new Travel(50, 50, 0))
                .nearest(wheel(), tower)
                .distance();
        double leaning = new Sweep(Optional.empty(), new Travel(50, 50, 5))
                .nearest(wheel(), tower)
                .distance();
        assertThat(straight).isEqualTo(70, within(Sweep.TOLERANCE + 1e-3));
        assertThat(leaning).isLessThan(straight - 15);
    }

    /** A place at radius a from an upright axis, turned by ±30°, seen from a place b behind: cosine rule. */
    @Test
    void chordsFollowTheCosineRule() {
        Sweep sweep = new Sweep(Optional.of(upright(30, 30)), STILL);
        double a = 120;
        double b = 200;
        double[] chord = sweep.chord(new Point3(-a, 0, 0), new Point3(-b, 0, 0));
        assertThat(chord[0]).isEqualTo(b - a, within(Sweep.TOLERANCE));
        double farthest = Math.sqrt(a * a + b * b - 2 * a * b * Math.cos(Math.toRadians(30)));
        assertThat(chord[1]).isEqualTo(farthest, within(Sweep.TOLERANCE));
        assertThat(chord[1]).isGreaterThanOrEqualTo(farthest - 1e-9); // never shorter than the truth
    }

    /** A semicircle of length πR stands over a chord of 2R. */
    @Test
    void aHoseOverHalfACircle() {
        assertThat(HoseBend.radius(Math.PI * 60, 120)).isEqualTo(60, within(1e-6));
        assertThat(HoseBend.radius(200, 200)).isInfinite();
        assertThat(HoseBend.radius(200, 0)).isEqualTo(200 / (2 * Math.PI), within(1e-6)); // a full circle
    }

    @Test
    void branchAndBoundFindsTheLeastOfAFunctionWithManyHollows() {
        LeastOver.Range a = new LeastOver.Range(-10, 10, 4);
        LeastOver.Range b = new LeastOver.Range(-10, 10, 4);
        LeastOver.Place place = LeastOver.of(
                (x, y, enough) -> Math.sin(3 * x) + Math.cos(3 * y) + 0.05 * (x - 2) * (x - 2) + 0.05 * y * y,
                a,
                b,
                0.01);
        double least = Double.POSITIVE_INFINITY;
        for (double x = -10; x <= 10; x += 0.01) {
            for (double y = -10; y <= 10; y += 0.05) {
                least = Math.min(least, Math.sin(3 * x) + Math.cos(3 * y) + 0.05 * (x - 2) * (x - 2) + 0.05 * y * y);
            }
        }
        assertThat(place.value()).isEqualTo(least, within(0.02));
        assertThat(place.bound()).isLessThanOrEqualTo(place.value());
    }
}
