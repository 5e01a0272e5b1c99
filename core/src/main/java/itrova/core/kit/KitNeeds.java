package itrova.core.kit;

import itrova.core.phrase.Titled;
import itrova.core.vehicle.Retention;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What a kit needs of the vehicle and of who fits it, as far as its papers say so in figures.
 *
 * @param rimInches least rim diameter by its nominal code (in)
 * @param axleWidth hub face to hub face it is made for (mm)
 * @param ear thickness of the caliper ear it bolts to (mm)
 * @param retention what keeps the shaft in the axle it is made for
 * @param toneRing what becomes of an anti-lock tone ring
 * @param sides whether its parts come for the left and the right side, where that matters
 * @param booster whether the pedal must have a booster's help
 * @param pressure least line pressure under a hard pedal (MPa)
 * @param set what is to be read while it is fitted
 */
public record KitNeeds(
        OptionalInt rimInches,
        Optional<Range> axleWidth,
        Optional<Range> ear,
        Optional<Retention> retention,
        Optional<ToneRing> toneRing,
        Optional<Sides> sides,
        boolean booster,
        OptionalDouble pressure,
        SetLimits set) {
    /** Needs that say nothing of pressure and booster, and of what is read while it is fitted. */
    public KitNeeds(
            OptionalInt rimInches,
            Optional<Range> axleWidth,
            Optional<Range> ear,
            Optional<Retention> retention,
            Optional<ToneRing> toneRing,
            Optional<Sides> sides) {
        this(rimInches, axleWidth, ear, retention, toneRing, sides, false, OptionalDouble.empty(), SetLimits.NONE);
    }

    /** Nothing said. */
    public static final KitNeeds NONE = new KitNeeds(
            OptionalInt.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /** The same with other limits for who fits it. */
    public KitNeeds withSet(SetLimits other) {
        return new KitNeeds(rimInches, axleWidth, ear, retention, toneRing, sides, booster, pressure, other);
    }

    /**
     * A range of lengths.
     *
     * @param from least (mm)
     * @param to greatest (mm)
     */
    public record Range(double from, double to) {
        /** @throws IllegalArgumentException if it runs backwards, begins below 0 or ends there */
        public Range {
            if (!(from >= 0) || !(to > 0) || !(to >= from)) {
                throw new IllegalArgumentException(
                        "A range runs from a smaller to a larger length, not from " + from + " to " + to + " mm.");
            }
        }
    }

    /** What becomes of a tone ring on the hub. */
    public enum ToneRing implements Titled {
        KEPT("stays where it is"),
        MOVED("is moved to the new hub or disc"),
        LOST("is lost with the drum");

        private final String title;

        ToneRing(String title) {
            this.title = title;
        }

        @Override
        public String title() {
            return title;
        }
    }

    /** For which side the parts are. */
    public enum Sides {
        LEFT_AND_RIGHT,
        EITHER
    }
}
