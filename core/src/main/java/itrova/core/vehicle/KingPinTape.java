package itrova.core.vehicle;

import itrova.core.geometry.Point3;
import itrova.core.quantity.ShopNotation;
import itrova.core.vehicle.Surroundings.Steering;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The axis the wheel is steered about, by four tape readings and the locks.
 *
 * @param lowerIn inward from the hub face to the middle of the lower joint or king-pin end (mm)
 * @param lowerDown that middle below the wheel axis (mm)
 * @param upperIn inward from the hub face to the middle of the upper one (mm)
 * @param upperUp that middle above the wheel axis (mm)
 * @param lowerAhead the lower middle ahead of the wheel axis (mm, negative behind), if read
 * @param upperAhead the upper middle ahead of the wheel axis (mm, negative behind), if read
 * @param lockIn turned until the front of the wheel points inboard as far as it goes (degrees)
 * @param lockOut turned the other way as far as it goes (degrees)
 */
public record KingPinTape(
        double lowerIn,
        double lowerDown,
        double upperIn,
        double upperUp,
        OptionalDouble lowerAhead,
        OptionalDouble upperAhead,
        double lockIn,
        double lockOut) {

    /**
     * @throws IllegalArgumentException if the joints are nearly in one place or farther off than a knuckle is large, or a lock is none
     */
    public KingPinTape {
        for (double d : new double[] {lowerIn, lowerDown, upperIn, upperUp}) {
            if (!(Math.abs(d) <= MOST)) {
                throw new IllegalArgumentException("A joint lies within " + ShopNotation.inBoth(MOST)
                        + " of hub face and wheel axis, not " + ShopNotation.inBoth(d) + " off. Measure it again.");
            }
        }
        for (OptionalDouble ahead : List.of(lowerAhead, upperAhead)) {
            if (ahead.isPresent() && !(Math.abs(ahead.getAsDouble()) <= MOST)) {
                throw new IllegalArgumentException("A joint lies within " + ShopNotation.inBoth(MOST)
                        + " ahead of the wheel axis or behind it, not " + ShopNotation.inBoth(ahead.getAsDouble())
                        + ". Measure it again.");
            }
        }
        at(0, lowerIn, lowerDown, upperIn, upperUp, lowerAhead, upperAhead, lockIn, lockOut, 0);
    }

    /**
     * The axis in the frame of {@link Surroundings}; what is no axis in one place is none in any.
     *
     * @param hubFace place of the hub face (mm)
     * @param halfLimit of the joints' places (mm)
     */
    public Steering at(double hubFace, double halfLimit) {
        return at(hubFace, lowerIn, lowerDown, upperIn, upperUp, lowerAhead, upperAhead, lockIn, lockOut, halfLimit);
    }

    private static Steering at(
            double hubFace,
            double lowerIn,
            double lowerDown,
            double upperIn,
            double upperUp,
            OptionalDouble lowerAhead,
            OptionalDouble upperAhead,
            double lockIn,
            double lockOut,
            double halfLimit) {
        return new Steering(
                new Point3(hubFace - lowerIn, lowerAhead.orElse(0), -lowerDown),
                new Point3(hubFace - upperIn, upperAhead.orElse(0), upperUp),
                lockIn,
                lockOut,
                halfLimit);
    }

    /** No joint of a knuckle lies farther from its hub face or wheel axis (mm); common practice. */
    private static final double MOST = 600;

    /**
     * Angle of a lock by a straight edge along the wheel and a line on the floor that it lay on straight ahead.
     *
     * @param length between the two marks of the edge (mm)
     * @param swing how much farther one mark came off the line than the other (mm)
     * @return degrees
     * @throws IllegalArgumentException if the edge is shorter than a hand or the swing longer than the edge
     */
    public static double lock(double length, double swing) {
        if (!(length >= 100 && length <= 2000)) {
            throw new IllegalArgumentException("The marks stand " + ShopNotation.inBoth(100) + " to "
                    + ShopNotation.inBoth(2000) + " apart, not " + ShopNotation.inBoth(length) + ".");
        }
        if (!(swing >= 0 && swing < length)) {
            throw new IllegalArgumentException("The swing is at least 0 and less than the "
                    + ShopNotation.inBoth(length) + " between the marks, not " + ShopNotation.inBoth(swing) + ".");
        }
        return Math.toDegrees(Math.asin(swing / length));
    }
}
