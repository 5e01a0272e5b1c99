package itrova.core.clearance;

import itrova.core.geometry.Motion;
import itrova.core.geometry.Point3;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.Optional;

/**
 * How everything that goes with the wheel moves: steered about the king-pin axis, lifted and leaning with the suspension.
 *
 * <p>Travel is a vertical shift with a lean that grows to its largest at the ends; the arc a real suspension describes is not
 * modelled and counts as doubt. Steering turned in is positive.
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

    /** Range of the steering (degrees) with the slope of a place at a distance from the axis (mm per degree). */
    LeastOver.Range steering(double farthest) {
        return new LeastOver.Range(-lockOut, lockIn, Math.toRadians(1) * farthest);
    }

    /** Range of travel (mm) with the slope of a place at a distance from the wheel's middle (mm per mm). */
    LeastOver.Range travel(double farthest) {
        double end = Math.max(travel.bump(), travel.droop());
        double lean = end > 0 ? Math.toRadians(travel.roll()) * farthest / end : 0;
        return new LeastOver.Range(-travel.droop(), travel.bump(), 1 + lean);
    }

    /** Whether the wheel leans as it travels, so that both ways must be looked at. */
    boolean leans() {
        return travel.roll() > 0;
    }

    /** Distance of a place from the king-pin axis (mm). */
    double fromAxis(Point3 p) {
        Point3 d = p.minus(lower);
        double along = d.dot(axis) / axis.dot(axis);
        return d.minus(axis.times(along)).length();
    }

    /**
     * Where a place goes.
     *
     * @param p straight ahead at ride height (mm)
     * @param steer angle (degrees)
     * @param lift travel (mm), up positive
     * @param way which way it leans: 1 or −1
     */
    Point3 place(Point3 p, double steer, double lift, int way) {
        return lift(lift, way).place(steer(steer).place(p));
    }

    /** Turning the front inboard is a turn about the upward axis that takes x (outboard) towards f (forward). */
    Motion steer(double angle) {
        return new Motion(lower, axis, angle, Point3.ZERO);
    }

    Motion lift(double lift, int way) {
        double end = Math.max(travel.bump(), travel.droop());
        double lean = end > 0 ? way * travel.roll() * Math.abs(lift) / end : 0;
        return new Motion(Point3.ZERO, new Point3(0, 1, 0), lean, new Point3(0, 0, lift));
    }
}
