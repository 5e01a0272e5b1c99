package itrova.core.vehicle;

import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What else of hub and wheel must clear, as far as somebody looked.
 *
 * @param held how hub and wheel are held
 * @param valve the valve inside the wheel
 * @param cap room under the wheel's ornamental cap
 * @param spare the spare wheel
 * @param ratedKg load the wheel found is rated for (kg), as marked on it or told by its maker
 * @param donor what was looked at on donor parts
 */
public record WheelDetails(
        Optional<HubHeld> held,
        Optional<Valve> valve,
        Optional<CapRoom> cap,
        Optional<Spare> spare,
        OptionalDouble ratedKg,
        List<DonorLook> donor) {

    /** Nobody looked. */
    public static final WheelDetails UNSEEN =
            new WheelDetails(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** @throws IllegalArgumentException if the rating is not between 50 and 10 000 kg */
    public WheelDetails {
        donor = List.copyOf(donor);
        if (ratedKg.isPresent() && !(ratedKg.getAsDouble() >= 50 && ratedKg.getAsDouble() <= 10_000)) {
            throw new IllegalArgumentException("A wheel is rated for " + ShopNotation.inBoth(50, Dimension.MASS)
                    + " to " + ShopNotation.inBoth(10_000, Dimension.MASS) + ", not "
                    + ShopNotation.inBoth(ratedKg.getAsDouble(), Dimension.MASS) + ".");
        }
    }

    /** Details without a rating of the wheel and without donor parts. */
    public WheelDetails(Optional<HubHeld> held, Optional<Valve> valve, Optional<CapRoom> cap, Optional<Spare> spare) {
        this(held, valve, cap, spare, OptionalDouble.empty(), List.of());
    }

    /** The same with the load the wheel found is rated for (kg). */
    public WheelDetails withRating(double kg) {
        return new WheelDetails(held, valve, cap, spare, OptionalDouble.of(kg), donor);
    }

    /** The same with one look at a donor part; it takes the place of an earlier one at the same thing. */
    public WheelDetails with(DonorLook look) {
        List<DonorLook> all = new ArrayList<>(donor);
        all.removeIf(l -> l.kit().equals(look.kit()) && l.at().equals(look.at()));
        all.add(look);
        return new WheelDetails(held, valve, cap, spare, ratedKg, all);
    }

    /**
     * A look at a part bought from a donor vehicle.
     *
     * @param kit code of the kit that asks for it
     * @param at what its papers say to look at
     * @param isSo whether the part is as they say
     */
    public record DonorLook(String kit, String at, boolean isSo) {}

    /**
     * A valve that stands into the wheel's inside; height 0 where none does.
     *
     * @param depth of its middle from the wheel's inboard edge (mm)
     * @param height from the barrel inwards (mm)
     * @param halfLimit of what it was measured with (mm)
     */
    public record Valve(double depth, double height, double halfLimit) {
        /** @throws IllegalArgumentException if a figure is out of bounds */
        public Valve {
            if (!(depth >= 0 && depth <= 500) || !(height >= 0 && height <= 80) || !(halfLimit >= 0)) {
                throw new IllegalArgumentException("A valve sits 0 to " + ShopNotation.inBoth(500)
                        + " from the wheel's edge and stands in by 0 to " + ShopNotation.inBoth(80) + ".");
            }
        }
    }

    /**
     * Room for the hub's end under the cap.
     *
     * @param room from the wheel's mounting face out to the cap's inside (mm)
     * @param halfLimit of what it was measured with (mm)
     */
    public record CapRoom(double room, double halfLimit) {
        /** @throws IllegalArgumentException if a figure is out of bounds */
        public CapRoom {
            if (!(room >= 0 && room <= 400) || !(halfLimit >= 0)) {
                throw new IllegalArgumentException(
                        "Room under a cap lies between 0 and " + ShopNotation.inBoth(400) + ".");
            }
        }
    }

    /**
     * The spare wheel.
     *
     * @param kind whether there is one, and whether it is like those on the road
     * @param wheel its profile, where it is another; absent otherwise
     */
    public record Spare(Kind kind, Optional<Wheel> wheel) {
        /** Whether there is a spare and what it is like. */
        public enum Kind {
            NONE,
            AS_ON_THE_ROAD,
            ANOTHER
        }

        /** @throws IllegalArgumentException if a profile stands where none belongs, or is lacking */
        public Spare {
            if ((kind == Kind.ANOTHER) != wheel.isPresent()) {
                throw new IllegalArgumentException("Another spare wheel comes with its profile, any other without.");
            }
        }

        public static final Spare NONE = new Spare(Kind.NONE, Optional.empty());
        public static final Spare SAME = new Spare(Kind.AS_ON_THE_ROAD, Optional.empty());

        /** A spare of another profile. */
        public static Spare of(Wheel wheel) {
            return new Spare(Kind.ANOTHER, Optional.of(wheel));
        }
    }
}
