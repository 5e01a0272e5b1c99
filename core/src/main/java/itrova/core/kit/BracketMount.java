package itrova.core.kit;

import itrova.core.fastener.ShimSize;
import itrova.core.geometry.ClockWindow;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a bracket is put on and which way it stands.
 *
 * @param way bolted on, carrying a radially mounted caliper, or welded on
 * @param thickness where it is clamped (mm), if stated
 * @param caliperClock clock angle of the caliper's middle (degrees), if the bracket fixes it
 * @param weldRange clock range a weld-on bracket may be set to (degrees)
 * @param oblong whether its holes are slots, which want washers
 * @param shims shims that come with it
 * @param orientation which side out, which way the jog goes, in words
 * @param caliperPlane from the bracket's bolt face to the caliper's middle, outboard positive and without shims (mm), if stated
 */
public record BracketMount(
        Way way,
        Optional<Figure> thickness,
        OptionalDouble caliperClock,
        Optional<ClockWindow> weldRange,
        boolean oblong,
        List<ShimSize> shims,
        String orientation,
        Optional<Figure> caliperPlane) {

    /** A mount of which it is not said where it holds the caliper's middle. */
    public BracketMount(
            Way way,
            Optional<Figure> thickness,
            OptionalDouble caliperClock,
            Optional<ClockWindow> weldRange,
            boolean oblong,
            List<ShimSize> shims,
            String orientation) {
        this(way, thickness, caliperClock, weldRange, oblong, shims, orientation, Optional.empty());
    }

    /** A bracket of which nothing but its holes is known. */
    public static final BracketMount PLAIN = new BracketMount(
            Way.BOLT_ON, Optional.empty(), OptionalDouble.empty(), Optional.empty(), false, List.of(), "");

    public BracketMount {
        shims = List.copyOf(shims);
    }

    /** The mount set to a clock angle (degrees). */
    public BracketMount setTo(double clock) {
        return new BracketMount(
                way, thickness, OptionalDouble.of(clock), weldRange, oblong, shims, orientation, caliperPlane);
    }

    /** How a bracket is put on. */
    public enum Way {
        BOLT_ON("bolted on"),
        RADIAL("bolted on, caliper held radially"),
        WELD_ON("welded on");

        private final String word;

        Way(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
