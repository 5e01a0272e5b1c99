package itrova.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.clearance.HoseToTyre.Ring;
import itrova.core.geometry.Point3;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Hose straight between its ends against a tyre whose inboard side stands at x = 20, from r 180 on the rim to r 300. */
class HoseToTyreTest {
    private static final Ring TYRE = new Ring(20, 180, 180, 300);
    private static final Travel STILL = new Travel(0, 0, 0);
    /** The search's tolerance, and what a sector of the ring is filled in by. */
    private static final double WITHIN = 2.6;

    private static double least(Optional<Steering> steering, Travel travel, Point3 port, Point3 fixed) {
        return new HoseToTyre(steering, travel).least(port, fixed, TYRE);
    }

    /** By hand: the end at x = −10 and r 200 is 30 mm beside the side; inside the rim, at r 120, the ring is further. */
    @Test
    void standingStillTheNearerEndCounts() {
        double d = least(Optional.empty(), STILL, new Point3(-10, 0, 200), new Point3(-150, 60, 230));
        assertThat(d).isEqualTo(30, within(WITHIN)).isLessThanOrEqualTo(30);
        double inRim = least(Optional.empty(), STILL, new Point3(10, 0, 120), new Point3(-150, 60, 130));
        assertThat(inRim).isEqualTo(Math.hypot(60, 10), within(WITHIN));
    }

    /** By hand: an end 400 mm up is 100 mm above the tread and 30 mm beside it; a travel of 150 mm brings the tyre up beside it. */
    @Test
    void theTravelBringsTheTyreToTheHose() {
        Point3 high = new Point3(-10, 0, 400);
        assertThat(least(Optional.empty(), STILL, high, high)).isEqualTo(Math.hypot(100, 30), within(WITHIN));
        // the port moves with the wheel; the end on the vehicle does not
        Point3 port = new Point3(-200, 0, 100);
        assertThat(least(Optional.empty(), new Travel(150, 0, 0), port, high)).isEqualTo(30, within(WITHIN));
        assertThat(new HoseToTyre(Optional.empty(), new Travel(150, 0, 0)).leastOfEnd(high, TYRE))
                .isEqualTo(30, within(WITHIN));
    }

    /** By hand: turned 30° about an upright axis the end 250 mm ahead comes to x = −60·cos 30° + 250·sin 30° = 73, r 268: in the tyre. */
    @Test
    void turnedToItsLockTheTyreComesToTheHose() {
        Optional<Steering> upright =
                Optional.of(new Steering(new Point3(0, 0, -100), new Point3(0, 0, 100), 30, 30, 0));
        Point3 port = new Point3(-60, 0, 200);
        Point3 ahead = new Point3(-60, 250, 100);
        assertThat(least(Optional.empty(), STILL, port, ahead)).isEqualTo(80, within(WITHIN));
        assertThat(least(upright, STILL, port, ahead)).isNegative();
    }

    /** Every place looked at singly lies no nearer than the least that was found. */
    @Test
    void noPoseIsNearer() {
        Optional<Steering> steering =
                Optional.of(new Steering(new Point3(-20, 4, -96), new Point3(-31, -2, 104), 34, 31, 1));
        Travel travel = new Travel(62, 74, 1.5);
        Point3 port = new Point3(-20, 120, 30);
        Point3 fixed = new Point3(-195, 60, 130);
        double least = least(steering, travel, port, fixed);
        WheelMotion motion = new WheelMotion(steering, travel);
        double nearest = Double.POSITIVE_INFINITY;
        for (double steer = -31; steer <= 34; steer += 1) {
            for (double lean = -1.5; lean <= 1.5; lean += 1.5) {
                for (double lift = -74; lift <= 62; lift += 4) {
                    Point3 end = motion.at(steer, lean).before(fixed.minus(new Point3(0, 0, lift)));
                    for (double n = 0; n <= 1; n += 0.02) {
                        nearest = Math.min(
                                nearest, TYRE.distance(port.plus(end.minus(port).times(n))));
                    }
                }
            }
        }
        assertThat(least).isLessThanOrEqualTo(nearest + 1e-9).isGreaterThan(nearest - 4);
    }

    /** By hand: a ring of 100 to 110 mm of radius about its middle line. */
    @Test
    void insideTheRingTheDepthCounts() {
        assertThat(new Ring(0, 40, 100, 110).distance(new Point3(20, 0, 103))).isEqualTo(-3, within(1e-12));
        assertThat(new Ring(0, 40, 100, 110).distance(new Point3(43, 0, 114))).isEqualTo(5, within(1e-12));
    }
}
