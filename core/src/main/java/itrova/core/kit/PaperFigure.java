package itrova.core.kit;

import itrova.core.phrase.Titled;
import itrova.core.vehicle.Callout;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Figures of a kit's papers that some check goes by; papers may contradict themselves in any of them. */
public enum PaperFigure implements Titled {
    DISC_DIAMETER,
    DISC_THICKNESS,
    DISC_BORE,
    DISC_HAT_INSIDE,
    DISC_HAT_THICKNESS,
    DISC_HAT_DEPTH,
    DISC_FILLET,
    DISC_CIRCLE,
    DISC_HOLE,
    DISC_HOLE_TO_EDGE,
    DISC_WHEEL_LIP,
    CALIPER_OUTLINE,
    CALIPER_WEAR_TRAVEL,
    BRACKET_ACROSS,
    BRACKET_UP,
    BRACKET_CIRCLE,
    BRACKET_HOLE,
    BRACKET_BOLT,
    BRACKET_THICKNESS,
    BRACKET_AXLE_OFFSET,
    BRACKET_CALIPER_PLANE,
    BRACKET_SHIM_RANGE,
    BRACKET_CLOCK,
    HUB_FACE,
    HUB_INNER,
    HUB_OUTER,
    HUB_PILOT,
    HUB_REACH,
    HUB_SEAL_ON,
    HUB_SPACING,
    STACK_BOLTS,
    STACK_RETAINER,
    STACK_STAND_IN,
    SPINDLE_FACE_SHIFT,
    STUDS_SHOULDER,
    STUDS_STICK_OUT,
    HOSE_LENGTH,
    SPINDLE_INNER_JOURNAL(Callout.INNER_JOURNAL),
    SPINDLE_OUTER_JOURNAL(Callout.OUTER_JOURNAL),
    SPINDLE_SEAL_JOURNAL(Callout.SEAL_JOURNAL),
    SPINDLE_BEARING_SPREAD(Callout.BEARING_SPREAD),
    SPINDLE_SHOULDER(Callout.SHOULDER),
    SPINDLE_SEAL_START(Callout.SEAL_START),
    SPINDLE_KNUCKLE_RIB(Callout.KNUCKLE_RIB),
    SPINDLE_KNUCKLE_RIB_RADIUS(Callout.KNUCKLE_RIB_RADIUS),
    SPINDLE_BRACKET_ACROSS(Callout.BRACKET_ACROSS),
    SPINDLE_BRACKET_UP(Callout.BRACKET_UP),
    SPINDLE_BRACKET_CIRCLE(Callout.BRACKET_CIRCLE),
    SPINDLE_BRACKET_HOLE(Callout.BRACKET_HOLE),
    SPINDLE_HUB_FACE(Callout.HUB_FACE),
    SPINDLE_UPRIGHT_HEIGHT(Callout.UPRIGHT_HEIGHT),
    SPINDLE_EAR_THICKNESS(Callout.EAR_THICKNESS);

    private final Optional<Callout> ofSpindle;
    /** Asked for with every figure that goes into a margin. */
    private final String key = name().toLowerCase(Locale.ROOT).replaceFirst("_", ".");

    PaperFigure() {
        this.ofSpindle = Optional.empty();
    }

    PaperFigure(Callout ofSpindle) {
        this.ofSpindle = Optional.of(ofSpindle);
    }

    /** The figure of the kit's own spindle for a dimension that goes with the old one. */
    static PaperFigure of(Callout callout) {
        return Arrays.stream(values())
                .filter(f -> f.ofSpindle.filter(c -> c == callout).isPresent())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(callout.title() + " is no length of a spindle."));
    }

    /** Its name in documents, without its unit: {@code disc.hat_inside}. */
    public String key() {
        return key;
    }

    /** The figure of that name in documents, with or without its unit, in snake or camel case. */
    public static Optional<PaperFigure> named(String key) {
        String name = bare(key.endsWith("_mm") ? key.substring(0, key.length() - 3) : key);
        return Arrays.stream(values()).filter(f -> bare(f.key()).equals(name)).findFirst();
    }

    private static String bare(String key) {
        return key.replace("_", "").toLowerCase(Locale.ROOT);
    }

    @Override
    public String title() {
        return key().replace('.', ' ').replace('_', ' ');
    }
}
