package itrova.core.clearance;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Motion;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.geometry.Separation;
import itrova.core.geometry.Solid;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * How near a hose comes to the tyre beside it over lock and travel, straight between its ends.
 *
 * <p>Seen from the wheel the hose's end on the vehicle moves, over steering, lean and travel. How it hangs between its ends nobody can
 * compute: that is looked at when it is laid in.
 */
public final class HoseToTyre {
    /** The least distance is found to within this (mm). */
    private static final double TOLERANCE = 1;
    /** The ring is looked at in so many sectors, each filled in to its chord: 1 % of its inner radius nearer than it is. */
    private static final int SECTORS = 24;

    private final WheelMotion motion;

    /**
     * @param steering king-pin axis and locks; absent for a wheel that is not steered
     * @param travel suspension travel
     */
    public HoseToTyre(Optional<Steering> steering, Travel travel) {
        motion = new WheelMotion(steering, travel);
    }

    /**
     * What the tyre takes up, a ring round the wheel's axis.
     *
     * @param from inboard side (mm from the bracket face)
     * @param to outboard side (mm)
     * @param inner radius where it begins (mm)
     * @param outer radius of its tread (mm)
     */
    public record Ring(double from, double to, double inner, double outer) {
        private List<Solid> sectors() {
            Outline section = new Outline(List.of(
                    new Point(from, inner), new Point(to, inner), new Point(to, outer), new Point(from, outer)));
            double span = 360.0 / SECTORS;
            return IntStream.range(0, SECTORS)
                    .mapToObj(n -> Solid.turned(section, new ClockWindow(n * span, (n + 1) * span)))
                    .toList();
        }

        /** Distance of a place from the ring (mm); inside it the depth under its nearest face, negative. */
        double distance(Point3 p) {
            double r = Math.hypot(p.f(), p.z());
            double across = Math.max(inner - r, r - outer);
            double along = Math.max(from - p.x(), p.x() - to);
            return across > 0 && along > 0 ? Math.hypot(across, along) : Math.max(across, along);
        }
    }

    /**
     * Least distance (mm) of the hose from the tyre; never more than the true one. Negative where it would run through the tyre.
     *
     * @param port its end on the caliper, straight ahead at ride height (mm)
     * @param fixed its end on the vehicle (mm)
     */
    public double least(Point3 port, Point3 fixed, Ring tyre) {
        return least(port, fixed, tyre.sectors());
    }

    /** The same of its end on the vehicle alone (mm): no way of leading the hose changes that. */
    public double leastOfEnd(Point3 fixed, Ring tyre) {
        return leastOfEnd(fixed, tyre.sectors());
    }

    private double least(Point3 port, Point3 fixed, List<Solid> sectors) {
        double reach = fixed.length() + 2 * motion.fromAxis(Point3.ZERO);
        return LeastOver.of(
                        (steer, lean, enough) -> distance(hose(port, fixed, steer, lean), sectors, enough),
                        motion.steering(reach),
                        motion.lean(reach),
                        TOLERANCE)
                .bound();
    }

    private static double distance(Solid hose, List<Solid> sectors, double enough) {
        double least = Double.POSITIVE_INFINITY;
        for (Solid sector : sectors) {
            // any distance above the least so far will do
            least = Math.min(
                    least, Separation.of(hose, sector, Math.min(least, enough)).distance());
        }
        return least;
    }

    /** All the hose passes over along the travel, seen from the wheel: a triangle. */
    private Solid hose(Point3 port, Point3 fixed, double steer, double lean) {
        Motion at = motion.at(steer, lean);
        Point3 down = at.before(fixed.minus(motion.down()));
        Point3 up = at.before(fixed.minus(motion.up()));
        return d -> {
            double byPort = port.dot(d);
            double byDown = down.dot(d);
            double byUp = up.dot(d);
            return byPort >= byDown && byPort >= byUp ? port : byDown >= byUp ? down : up;
        };
    }

    /** The end alone over the travel: a line. */
    private double leastOfEnd(Point3 fixed, List<Solid> sectors) {
        double reach = fixed.length() + 2 * motion.fromAxis(Point3.ZERO);
        return LeastOver.of(
                        (steer, lean, enough) -> {
                            Point3 down = motion.at(steer, lean).before(fixed.minus(motion.down()));
                            return distance(hose(down, fixed, steer, lean), sectors, enough);
                        },
                        motion.steering(reach),
                        motion.lean(reach),
                        TOLERANCE)
                .bound();
    }
}
