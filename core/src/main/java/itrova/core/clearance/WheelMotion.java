package itrova.core.clearance;

import itrova.core.geometry.Motion;
import itrova.core.geometry.Point3;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.Optional;

/**
 * How everything that goes with the wheel moves: steered about the king-pin axis, leaning and lifted with the suspension.
 *
 * <p>Travel is a vertical shift; any lean up to the largest is taken to be possible at any height, which is the worse case. The
 * arc a real suspension describes is not modelled and counts as doubt. Steering turned in is positive.
 */
final class WheelMotion {
    private final Point3 lower;
    private final Point3 axis;
    private final double lockIn;
    private final double lockOut;
    private final Travel travel;

    WheelMotion(Optional<Steering> steering, Travel travel) {
        lower = steering.map(Steering::lower).orElse(Point3.ZERO);
        axis = steering.map(s -> s.upper().minus(s.lower())).orElse(new Point3(0, 0, 1));
        lockIn = steering.map(Steering::lockIn).orElse(0.0);
        lockOut = steering.map(Steering::lockOut).orElse(0.0);
        this.travel = travel;
    }

    /**
     * Range of the steering (degrees).
     *
     * @param farthest distance of the farthest place from the king-pin axis (mm)
     */
    LeastOver.Range steering(double farthest) {
        return new LeastOver.Range(-lockOut, lockIn, Math.toRadians(1) * farthest);
    }

    /**
     * Range of the lean (degrees).
     *
     * @param farthest distance of the farthest place from the wheel's middle, however it is steered (mm)
     */
    LeastOver.Range lean(double farthest) {
        return new LeastOver.Range(-travel.roll(), travel.roll(), Math.toRadians(1) * farthest);
    }

    /** Lowest and highest shift by the travel. */
    Point3 down() {
        return new Point3(0, 0, -travel.droop());
    }

    Point3 up() {
        return new Point3(0, 0, travel.bump());
    }

    /** Distance of a place from the king-pin axis (mm). */
    double fromAxis(Point3 p) {
        Point3 d = p.minus(lower);
        double along = d.dot(axis) / axis.dot(axis);
        return d.minus(axis.times(along)).length();
    }

    /**
     * The motion at ride height.
     *
     * @param steer angle (degrees); turned in is a turn about the upward axis that takes x (outboard) towards f (forward)
     * @param lean angle about the forward axis (degrees)
     */
    Motion at(double steer, double lean) {
        return new Motion(lower, axis, steer, Point3.ZERO)
                .then(new Motion(Point3.ZERO, new Point3(0, 1, 0), lean, Point3.ZERO));
    }
}
