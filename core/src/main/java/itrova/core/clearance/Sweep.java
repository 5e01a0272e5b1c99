package itrova.core.clearance;

import itrova.core.geometry.Point3;
import itrova.core.geometry.Separation;
import itrova.core.geometry.Separation.Apart;
import itrova.core.geometry.Solid;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import java.util.Optional;

/** Least distance of parts that move with the wheel from what is fixed to the vehicle, lock to lock and over the travel. */
public final class Sweep {
    /** The least distance is found to within this (mm); it is taken off. */
    public static final double TOLERANCE = 0.5;

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
     * @param name what it is
     * @param solid its shape straight ahead at ride height
     * @param reach a distance from the wheel's middle that it does not exceed (mm)
     */
    public record Mover(String name, Solid solid, double reach) {}

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
    public record Meeting(String mover, Box box, double distance, Point3 direction, double steer, double lift) {}

    /** The nearest meeting of one part with one fixed thing. */
    public Meeting nearest(Mover mover, Box box) {
        Solid fixed = Solid.box(box.low(), box.high());
        double fromAxis = mover.reach() + motion.fromAxis(Point3.ZERO);
        Meeting best = null;
        for (int way = -1; way <= (motion.leans() ? 1 : -1); way += 2) {
            int lean = way;
            LeastOver.Place place = LeastOver.of(
                    (steer, lift) -> apart(mover, fixed, steer, lift, lean).distance(),
                    motion.steering(fromAxis),
                    motion.travel(mover.reach() + 2 * motion.fromAxis(Point3.ZERO)),
                    TOLERANCE);
            if (best == null || place.bound() < best.distance()) {
                Apart apart = apart(mover, fixed, place.a(), place.b(), lean);
                best = new Meeting(mover.name(), box, place.bound(), apart.direction(), place.a(), place.b());
            }
        }
        return best;
    }

    private Apart apart(Mover mover, Solid fixed, double steer, double lift, int way) {
        return Separation.of(mover.solid().moved(motion.steer(steer)).moved(motion.lift(lift, way)), fixed);
    }

    /**
     * Least and greatest distance (mm) between a place that moves with the wheel and one that does not.
     *
     * @param moving place on the moving part, straight ahead at ride height
     * @param fixed place on the vehicle
     * @return least and greatest
     */
    public double[] chord(Point3 moving, Point3 fixed) {
        double fromAxis = motion.fromAxis(moving);
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int way = -1; way <= (motion.leans() ? 1 : -1); way += 2) {
            int lean = way;
            least = Math.min(
                    least,
                    LeastOver.of(
                                    (s, l) -> motion.place(moving, s, l, lean)
                                            .minus(fixed)
                                            .length(),
                                    motion.steering(fromAxis),
                                    motion.travel(moving.length() + 2 * motion.fromAxis(Point3.ZERO)),
                                    TOLERANCE)
                            .bound());
            most = Math.max(
                    most,
                    -LeastOver.of(
                                    (s, l) -> -motion.place(moving, s, l, lean)
                                            .minus(fixed)
                                            .length(),
                                    motion.steering(fromAxis),
                                    motion.travel(moving.length() + 2 * motion.fromAxis(Point3.ZERO)),
                                    TOLERANCE)
                            .bound());
        }
        return new double[] {Math.max(0, least), most};
    }
}
