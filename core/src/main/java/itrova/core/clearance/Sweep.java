package itrova.core.clearance;

import itrova.core.geometry.Motion;
import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.geometry.Separation;
import itrova.core.geometry.Separation.Apart;
import itrova.core.geometry.Solid;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.List;
import java.util.Optional;

/**
 * Least distance of parts that move with the wheel from what is fixed to the vehicle, lock to lock and over the travel.
 *
 * <p>What a convex part passes over along its travel is convex as well, so the travel costs no search; steering and lean are
 * searched by branch and bound.
 */
public final class Sweep {
    /** The least distance is found to within this (mm); it is taken off. */
    public static final double TOLERANCE = 0.5;

    /** Where along the travel a part comes nearest is told to within this (mm); no distance hangs on it. */
    private static final double LIFT_TOLERANCE = 1;

    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private final WheelMotion motion;

    /**
     * @param steering king-pin axis and locks; absent for a wheel that is not steered
     * @param travel suspension travel
     */
    public Sweep(Optional<Steering> steering, Travel travel) {
        motion = new WheelMotion(steering, travel);
    }

    /**
     * A part that moves with the wheel.
     *
     * @param part what it is
     * @param solid its shape straight ahead at ride height
     * @param reach a distance from the wheel's middle that it does not exceed (mm)
     */
    public record Mover(MovingPart part, Solid solid, double reach) {}

    /**
     * The nearest meeting of a part with something fixed.
     *
     * @param mover the part
     * @param box the fixed thing
     * @param distance least distance (mm) less the search's tolerance; negative for an overlap
     * @param direction unit direction from part to fixed thing
     * @param steer steering angle there (degrees), turned in positive
     * @param lift travel there (mm), up positive
     */
    public record Meeting(MovingPart mover, Box box, double distance, Point3 direction, double steer, double lift) {}

    /** The nearest meeting of one part with one fixed thing. */
    public Meeting nearest(Mover mover, Box box) {
        return nearest(mover, box, Double.POSITIVE_INFINITY);
    }

    /**
     * The nearest meeting of one part with one fixed thing, as far as it matters.
     *
     * @param above a meeting further away than this need not be found: any distance above it is given then (mm)
     */
    public Meeting nearest(Mover mover, Box box, double above) {
        Solid fixed = Solid.box(box.low(), box.high());
        double toAxis = motion.fromAxis(Point3.ZERO);
        LeastOver.Place place = LeastOver.below(
                (steer, lean, enough) ->
                        Separation.of(passed(mover, steer, lean), fixed, enough).distance(),
                motion.steering(mover.reach() + toAxis),
                motion.lean(mover.reach() + 2 * toAxis),
                TOLERANCE,
                above);
        Apart apart = Separation.of(passed(mover, place.a(), place.b()), fixed);
        return new Meeting(
                mover.part(),
                box,
                place.bound(),
                apart.direction(),
                place.a(),
                lift(mover.solid().moved(motion.at(place.a(), place.b())), fixed));
    }

    /** A part at one angle of steering (degrees) and one place of the travel (mm). */
    public Solid posed(Mover mover, double steer, double lift) {
        Point3 shift = new Point3(0, 0, lift);
        return mover.solid().moved(motion.at(steer, 0)).drawn(shift, shift);
    }

    /** Distance of a part from a fixed thing at one angle of steering (degrees) and one place of the travel (mm). */
    public double distance(Mover mover, Box box, double steer, double lift) {
        return Separation.of(posed(mover, steer, lift), Solid.box(box.low(), box.high()))
                .distance();
    }

    /**
     * What of a fixed thing lies in a half-plane through the wheel's axis.
     *
     * @param steer angle of steering (degrees)
     * @param lift place of the travel (mm)
     * @param clock clock angle of the half-plane (degrees)
     * @return corners in order, x from the bracket face; empty if the half-plane misses it
     */
    public List<Point> cut(Box box, double steer, double lift, double clock) {
        Motion moved =
                motion.at(steer, 0).then(new Motion(Point3.ZERO, new Point3(0, 0, 1), 0, new Point3(0, 0, lift)));
        return BoxCut.of(box, moved, clock);
    }

    /** All a part passes over along the travel at one angle of steering and lean. */
    private Solid passed(Mover mover, double steer, double lean) {
        return mover.solid().moved(motion.at(steer, lean)).drawn(motion.down(), motion.up());
    }

    /** Where along the travel a part comes nearest (mm): the distance is convex in it, so golden sections close in on the least. */
    private double lift(Solid part, Solid fixed) {
        double low = motion.down().z();
        double high = motion.up().z();
        double a = high - GOLDEN * (high - low);
        double b = low + GOLDEN * (high - low);
        double atA = at(part, fixed, a);
        double atB = at(part, fixed, b);
        while (high - low > LIFT_TOLERANCE) {
            if (atA <= atB) {
                high = b;
                b = a;
                atB = atA;
                a = high - GOLDEN * (high - low);
                atA = at(part, fixed, a);
            } else {
                low = a;
                a = b;
                atA = atB;
                b = low + GOLDEN * (high - low);
                atB = at(part, fixed, b);
            }
        }
        double atDown = at(part, fixed, motion.down().z());
        double atUp = at(part, fixed, motion.up().z());
        if (Math.min(atA, atB) < Math.min(atDown, atUp)) {
            return (low + high) / 2;
        }
        return atUp <= atDown ? motion.up().z() : motion.down().z();
    }

    private static double at(Solid part, Solid fixed, double lift) {
        Point3 shift = new Point3(0, 0, lift);
        return Separation.of(part.drawn(shift, shift), fixed).distance();
    }

    /**
     * Least and greatest distance (mm) between a place that moves with the wheel and one that does not.
     *
     * @param moving place on the moving part, straight ahead at ride height
     * @param fixed place on the vehicle
     * @return least and greatest
     */
    public double[] chord(Point3 moving, Point3 fixed) {
        double toAxis = motion.fromAxis(Point3.ZERO);
        LeastOver.Range steering = motion.steering(motion.fromAxis(moving));
        LeastOver.Range lean = motion.lean(moving.length() + 2 * toAxis);
        double least = LeastOver.of((s, l, enough) -> nearest(moving, fixed, s, l), steering, lean, TOLERANCE)
                .bound();
        double most = -LeastOver.of((s, l, enough) -> -farthest(moving, fixed, s, l), steering, lean, TOLERANCE)
                .bound();
        return new double[] {Math.max(0, least), most};
    }

    /** Distance of a fixed place from the line a moving one travels along. */
    private double nearest(Point3 moving, Point3 fixed, double steer, double lean) {
        Point3 off = motion.at(steer, lean).place(moving).minus(fixed);
        double lift = Math.max(motion.down().z(), Math.min(motion.up().z(), -off.z()));
        return off.plus(new Point3(0, 0, lift)).length();
    }

    /** The greatest distance lies at an end of the travel. */
    private double farthest(Point3 moving, Point3 fixed, double steer, double lean) {
        Point3 off = motion.at(steer, lean).place(moving).minus(fixed);
        return Math.max(off.plus(motion.down()).length(), off.plus(motion.up()).length());
    }
}
