package itrova.core.vehicle;

import itrova.core.quantity.ShopNotation;
import java.util.OptionalDouble;

/**
 * Something near a wheel as a mechanic takes it: by tape and straight edge from faces he can touch. Where a far end was not reached it
 * is absent, and the thing is taken to run on that way.
 */
public sealed interface TapedThing {
    ThingKind kind();

    String name();

    /** Face its distances inward are taken from. */
    TapeFace from();

    /**
     * On the knuckle or axle, beside the caliper. Taken with the wheel off, inward from the hub face.
     *
     * @param name what it is called
     * @param clock direction of its middle from the wheel axis (degrees; 0 up, 90 to the front)
     * @param across its width where it is nearest to the axis (mm)
     * @param near from the wheel axis to its nearest edge (mm)
     * @param far from the wheel axis to its farthest edge (mm), if reached
     * @param in inward from the hub face to its outboard side (mm)
     * @param inFar inward from the hub face to its inboard side (mm), if reached
     * @param mayBeGround how much of its outboard side may be ground off (mm), if somebody said
     */
    record Beside(
            ThingKind kind,
            String name,
            double clock,
            double across,
            double near,
            OptionalDouble far,
            double in,
            OptionalDouble inFar,
            OptionalDouble mayBeGround)
            implements TapedThing {
        /** @throws IllegalArgumentException if a figure cannot be, or two run the wrong way */
        public Beside {
            within("clock", clock, 360, "degrees");
            within("width", across, MOST);
            within("nearest edge", near, MOST);
            within("outboard side, inward from the hub face", in, MOST);
            follows("farthest edge", near, far);
            follows("inboard side", in, inFar);
        }

        @Override
        public TapeFace from() {
            return TapeFace.HUB;
        }
    }

    /**
     * Fixed to the vehicle, within reach of the wheel.
     *
     * @param name what it is called
     * @param from face its distances inward are taken from
     * @param in inward from that face to its outboard side (mm)
     * @param inFar to its inboard side (mm), if reached
     * @param rear its rear end ahead of the wheel axis (mm, negative behind), if it does not run past
     * @param front its front end ahead of the wheel axis (mm), if it does not run past
     * @param low its lower edge above the wheel axis (mm, negative below), if it does not run past
     * @param high its upper edge above the wheel axis (mm), if it does not run past
     */
    record OnVehicle(
            ThingKind kind,
            String name,
            TapeFace from,
            double in,
            OptionalDouble inFar,
            OptionalDouble rear,
            OptionalDouble front,
            OptionalDouble low,
            OptionalDouble high)
            implements TapedThing {
        /** @throws IllegalArgumentException if a figure cannot be, or two run the wrong way */
        public OnVehicle {
            within("outboard side, inward from " + from.title(), in, MOST);
            follows("inboard side", in, inFar);
            rear.ifPresent(r -> follows("front end", r, front));
            low.ifPresent(l -> follows("upper edge", l, high));
        }
    }

    /** Nothing farther off is near a wheel (mm). */
    double MOST = 1500;

    private static void within(String what, double value, double max, String unit) {
        if (!(value >= 0 && value <= max)) {
            throw new IllegalArgumentException(
                    "The " + what + " lies between 0 and " + max + " " + unit + ", not " + value + ".");
        }
    }

    private static void within(String what, double value, double max) {
        if (!(value >= 0 && value <= max)) {
            throw new IllegalArgumentException("The " + what + " lies between 0 and " + ShopNotation.inBoth(max)
                    + ", not " + ShopNotation.inBoth(value) + ". Measure it again.");
        }
    }

    private static void follows(String what, double first, OptionalDouble second) {
        if (second.isPresent() && !(second.getAsDouble() >= first)) {
            throw new IllegalArgumentException("The " + what + " at " + ShopNotation.inBoth(second.getAsDouble())
                    + " comes before " + ShopNotation.inBoth(first) + ".");
        }
    }
}
