package itrova.core.vehicle;

import itrova.core.fastener.Thread;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Point3;
import itrova.core.quantity.ShopNotation;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What stands around one wheel and how it moves there, at ride height and straight ahead.
 *
 * <p>Frame: x = 0 at the bracket face, positive outboard; r from the wheel axis; clock 0° up, 90° to the front; f forward and
 * z up from the wheel axis. Each entry carries the half-limit of the instrument it was taken with.
 *
 * @param inboard what stands on the knuckle or axle beside the caliper
 * @param chassis what is fixed to the vehicle within reach of the wheel
 * @param steering king-pin axis and locks; absent if not measured or not steered
 * @param travel suspension travel, if measured
 * @param tyre the tyre, if measured
 * @param hose where the hose is fixed to the vehicle, if measured
 * @param joints steering joints as found
 * @param details what else of hub and wheel must clear
 * @param taped what was taken from faces by tape and is not placed in the frame yet
 */
public record Surroundings(
        Seen<Obstacle> inboard,
        Seen<Box> chassis,
        Optional<Steering> steering,
        Optional<Travel> travel,
        Optional<Tyre> tyre,
        Optional<HoseEnd> hose,
        List<Joint> joints,
        WheelDetails details,
        Taped taped) {

    /** Nobody looked. */
    public static final Surroundings UNSEEN = new Surroundings(
            Seen.nobody(),
            Seen.nobody(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            WheelDetails.UNSEEN);

    /** Somebody looked all round and nothing stands there. */
    public static final Surroundings CLEAR = new Surroundings(
            Seen.nothing(),
            Seen.nothing(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of());

    /** With nothing known of hub and wheel besides what was read at them. */
    public Surroundings(
            Seen<Obstacle> inboard,
            Seen<Box> chassis,
            Optional<Steering> steering,
            Optional<Travel> travel,
            Optional<Tyre> tyre,
            Optional<HoseEnd> hose,
            List<Joint> joints) {
        this(inboard, chassis, steering, travel, tyre, hose, joints, WheelDetails.UNSEEN);
    }

    /** With nothing taken from faces. */
    public Surroundings(
            Seen<Obstacle> inboard,
            Seen<Box> chassis,
            Optional<Steering> steering,
            Optional<Travel> travel,
            Optional<Tyre> tyre,
            Optional<HoseEnd> hose,
            List<Joint> joints,
            WheelDetails details) {
        this(inboard, chassis, steering, travel, tyre, hose, joints, details, Taped.NOTHING);
    }

    public Surroundings {
        joints = List.copyOf(joints);
    }

    /** Whether somebody looked all round, beside the caliper and at the chassis, and told of the tyre. */
    public boolean isSeen() {
        return inboard.isAll() && chassis.isAll() && tyre.isPresent();
    }

    /**
     * Something that stands still beside the caliper: a rib, an arm, a stop.
     *
     * @param name what it is
     * @param window clock range it takes up
     * @param xFrom inboard end (mm)
     * @param xTo outboard end (mm)
     * @param rFrom inner radius (mm)
     * @param rTo outer radius (mm)
     * @param halfLimit of what it was measured with (mm)
     * @param mayBeGround how much of its outboard face may be ground off (mm); absent if it carries load or nobody said
     */
    public record Obstacle(
            String name,
            ClockWindow window,
            double xFrom,
            double xTo,
            double rFrom,
            double rTo,
            double halfLimit,
            OptionalDouble mayBeGround) {
        /** @throws IllegalArgumentException if a range runs backwards or a radius is negative */
        public Obstacle {
            ordered(name, "x", xFrom, xTo);
            ordered(name, "radius", rFrom, rTo);
            if (!(rFrom >= 0) || !(halfLimit >= 0)) {
                throw new IllegalArgumentException(name + ": radius and half-limit are at least 0.");
            }
        }

        /** The obstacle with its outboard face ground back to a place (mm). */
        public Obstacle groundTo(double x) {
            return new Obstacle(name, window, Math.min(xFrom, x), x, rFrom, rTo, halfLimit, OptionalDouble.empty());
        }
    }

    /**
     * Something fixed to the vehicle, as a box.
     *
     * @param name what it is
     * @param low its least corner (mm)
     * @param high its greatest corner (mm)
     * @param halfLimit of what it was measured with (mm)
     */
    public record Box(String name, Point3 low, Point3 high, double halfLimit) {
        /** @throws IllegalArgumentException if a range runs backwards */
        public Box {
            ordered(name, "x", low.x(), high.x());
            ordered(name, "forward", low.f(), high.f());
            ordered(name, "up", low.z(), high.z());
        }
    }

    /**
     * The axis the wheel is steered about, and how far.
     *
     * @param lower centre of the lower ball joint or king-pin end (mm)
     * @param upper centre of the upper one (mm)
     * @param lockIn turned until the front of the wheel points inboard as far as it goes (degrees)
     * @param lockOut turned the other way as far as it goes (degrees)
     * @param halfLimit of the places (mm)
     */
    public record Steering(Point3 lower, Point3 upper, double lockIn, double lockOut, double halfLimit) {
        /** @throws IllegalArgumentException if the two places are nearly one, or a lock is not between 0 and 70 degrees */
        public Steering {
            if (!(upper.minus(lower).length() >= 30)) {
                throw new IllegalArgumentException("The two places on the king-pin axis must be at least "
                        + ShopNotation.inBoth(30) + " apart; measure further apart.");
            }
            if (!(lockIn >= 0 && lockIn <= 70) || !(lockOut >= 0 && lockOut <= 70)) {
                throw new IllegalArgumentException(
                        "A lock lies between 0 and 70 degrees, not " + lockIn + " and " + lockOut + ".");
            }
        }

        /** How far what turns with the wheel may be off, turned by an angle (degrees), for both places' doubt (mm, half-limit). */
        public double doubtAt(double angle) {
            return halfLimit * Math.abs(Math.toRadians(angle)) * Math.sqrt(2);
        }
    }

    /**
     * How far the wheel moves up and down.
     *
     * @param bump up from ride height (mm)
     * @param droop down from ride height (mm)
     * @param roll leaning of the wheel at the ends of travel, either way (degrees)
     */
    public record Travel(double bump, double droop, double roll) {
        /** @throws IllegalArgumentException if a figure is out of bounds */
        public Travel {
            if (!(bump >= 0 && bump <= 400) || !(droop >= 0 && droop <= 400) || !(roll >= 0 && roll <= 20)) {
                throw new IllegalArgumentException("Travel lies between 0 and " + ShopNotation.inBoth(400)
                        + " each way and 0 and 20 degrees of roll.");
            }
        }
    }

    /**
     * The tyre on the wheel.
     *
     * @param width section width (mm)
     * @param diameter outside diameter (mm)
     * @param ratedKg load one tyre is rated for (kg), if read
     * @param chains how far chains stand out over the tyre all round (mm); 0 where none are ever put on
     */
    public record Tyre(double width, double diameter, OptionalDouble ratedKg, double chains) {
        /** A tyre no chains are put on. */
        public Tyre(double width, double diameter, OptionalDouble ratedKg) {
            this(width, diameter, ratedKg, 0);
        }

        /** The same with chains put on. */
        public Tyre withChains(double over) {
            return new Tyre(width, diameter, ratedKg, over);
        }

        /** @throws IllegalArgumentException if a size is implausible */
        public Tyre {
            if (!(chains >= 0 && chains <= 60)) {
                throw new IllegalArgumentException("Chains stand out by 0 to " + ShopNotation.inBoth(60) + ", not "
                        + ShopNotation.inBoth(chains) + ".");
            }
            if (!(width >= 60 && width <= 450) || !(diameter >= 300 && diameter <= 1400)) {
                throw new IllegalArgumentException(
                        "A tyre is " + ShopNotation.inBoth(60) + " to " + ShopNotation.inBoth(450) + " wide and "
                                + ShopNotation.inBoth(300) + " to " + ShopNotation.inBoth(1400) + " high, not "
                                + ShopNotation.inBoth(width) + " and " + ShopNotation.inBoth(diameter) + ".");
            }
        }
    }

    /**
     * Where the flexible hose meets the vehicle.
     *
     * @param at place of its end (mm)
     * @param thread thread of the fitting there, if known
     */
    public record HoseEnd(Point3 at, Optional<Thread> thread) {}

    private static void ordered(String name, String what, double from, double to) {
        if (!(to >= from)) {
            throw new IllegalArgumentException(
                    name + ": " + what + " runs from the smaller to the larger figure, not from "
                            + ShopNotation.inBoth(from) + " to " + ShopNotation.inBoth(to) + ".");
        }
    }

    /** The same with one obstacle replaced. */
    public Surroundings with(Obstacle before, Obstacle after) {
        return new Surroundings(
                inboard.map(o -> o.equals(before) ? after : o),
                chassis,
                steering,
                travel,
                tyre,
                hose,
                joints,
                details,
                taped);
    }

    /** The same things, which nobody said are all. */
    public Surroundings unlooked() {
        return new Surroundings(
                new Seen<>(inboard.things(), false),
                new Seen<>(chassis.things(), false),
                steering,
                travel,
                tyre,
                hose,
                joints,
                details,
                taped);
    }

    /** The same with other details of hub and wheel. */
    public Surroundings with(WheelDetails other) {
        return new Surroundings(inboard, chassis, steering, travel, tyre, hose, joints, other, taped);
    }
}
