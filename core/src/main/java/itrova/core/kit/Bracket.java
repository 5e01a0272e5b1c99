package itrova.core.kit;

import itrova.core.vehicle.BracketShape;
import java.util.Optional;

/**
 * The bracket that carries the caliper on the axle end's fixed face.
 *
 * @param shape how its bolt holes lie
 * @param count number of bolt holes; {@link #COUNT_UNKNOWN} where the papers do not say
 * @param across hole spacing level with the road (mm), for a rectangle
 * @param up hole spacing up and down (mm), for a rectangle
 * @param circle bolt circle (mm), for a circle
 * @param hole hole diameter (mm)
 * @param bolt diameter of the bolts used (mm)
 * @param axleOffset axle offset it is made for (mm), for live axles
 * @param shimRange how far the caliper can be shimmed either way (mm)
 * @param mount how it is put on and which way it stands
 */
public record Bracket(
        BracketShape shape,
        int count,
        Optional<Figure> across,
        Optional<Figure> up,
        Optional<Figure> circle,
        Figure hole,
        Figure bolt,
        Optional<Figure> axleOffset,
        double shimRange,
        BracketMount mount) {

    /** Nobody says how many bolts it takes. */
    public static final int COUNT_UNKNOWN = 0;

    public Bracket {
        boolean complete = shape == BracketShape.RECTANGLE ? across.isPresent() && up.isPresent() : circle.isPresent();
        if (!complete) {
            throw new IllegalArgumentException(
                    shape == BracketShape.RECTANGLE
                            ? "A rectangular bracket needs its spacing across and up."
                            : "A round bracket needs its bolt circle.");
        }
    }

    /** A bracket of which nothing but its holes is known. */
    public Bracket(
            BracketShape shape,
            int count,
            Optional<Figure> across,
            Optional<Figure> up,
            Optional<Figure> circle,
            Figure hole,
            Figure bolt,
            Optional<Figure> axleOffset,
            double shimRange) {
        this(shape, count, across, up, circle, hole, bolt, axleOffset, shimRange, BracketMount.PLAIN);
    }

    /** Whether it is welded to the axle and so has no bolt holes that must meet others. */
    public boolean isWelded() {
        return mount.way() == BracketMount.Way.WELD_ON;
    }

    /** The bracket set to a clock angle (degrees), as when it is welded on there. */
    public Bracket setTo(double clock) {
        return but().mount(mount.setTo(clock)).build();
    }

    /**
     * The bracket made for a disc whose hat is deeper: the hub face it wants stands further out by as much.
     *
     * @param by how much deeper the hat is (mm)
     */
    Bracket forDeeperHat(double by) {
        Optional<Figure> moved = axleOffset.map(a -> new Figure(a.value() + by, a.tolerance(), a.assumed()));
        return but().axleOffset(moved).build();
    }

    /** A bracket like this one, to be changed in what is named. */
    public Builder but() {
        return new Builder(this);
    }

    /** Another bracket's dimensions, each of which may be replaced; all in mm as in {@link Bracket}. */
    public static final class Builder {
        private BracketShape shape;
        private int count;
        private Optional<Figure> across;
        private Optional<Figure> up;
        private Optional<Figure> circle;
        private Figure hole;
        private Figure bolt;
        private Optional<Figure> axleOffset;
        private double shimRange;
        private BracketMount mount;

        private Builder(Bracket like) {
            shape = like.shape;
            count = like.count;
            across = like.across;
            up = like.up;
            circle = like.circle;
            hole = like.hole;
            bolt = like.bolt;
            axleOffset = like.axleOffset;
            shimRange = like.shimRange;
            mount = like.mount;
        }

        public Builder shape(BracketShape other) {
            shape = other;
            return this;
        }

        public Builder count(int other) {
            count = other;
            return this;
        }

        public Builder across(Optional<Figure> other) {
            across = other;
            return this;
        }

        public Builder up(Optional<Figure> other) {
            up = other;
            return this;
        }

        public Builder circle(Optional<Figure> other) {
            circle = other;
            return this;
        }

        public Builder hole(Figure other) {
            hole = other;
            return this;
        }

        public Builder bolt(Figure other) {
            bolt = other;
            return this;
        }

        public Builder axleOffset(Optional<Figure> other) {
            axleOffset = other;
            return this;
        }

        public Builder shimRange(double other) {
            shimRange = other;
            return this;
        }

        public Builder mount(BracketMount other) {
            mount = other;
            return this;
        }

        public Bracket build() {
            return new Bracket(shape, count, across, up, circle, hole, bolt, axleOffset, shimRange, mount);
        }
    }
}
