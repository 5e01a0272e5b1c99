package itrova.core.work;

import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Kinds of step, in about the order they are done. What is said of each stands in the table of steps. */
public enum StepKind implements Titled {
    LIFT,
    NEUTRAL,
    AXLE_NUT_LOOSE,
    FLUID,
    /** What {@link #FLUID} is on a trailer of electric brakes. */
    WIRES,
    /** A hub held in a way of its own is drawn. */
    HELD,
    STRIP,
    HUB_OFF,
    DRIVE_OFF,
    SPINDLE_OFF,
    OLD_SPINDLE_OFF,
    BACKING,
    COVER_OFF,
    PIN_OUT,
    CLIP_OUT,
    SHAFT_OUT,
    PRESS_OFF,
    PLATE_CUT,
    CLEAN,
    KNUCKLE_SEALS,
    SPINDLE_NEW,
    /** Everything is put together to try, some of it only for that. */
    MOCKUP,
    /** What was put in to try is counted out again. */
    MAKE_GOOD,
    PAINT,
    TACK,
    SQUARE,
    WELD,
    CUPS,
    PACK,
    SEAL,
    HUB_ON,
    ADJUST,
    CAP,
    GREASE_THROUGH,
    DRIVE_ON,
    SPINDLE_ON,
    PORTAL_SPACER,
    BRACKET,
    PRESS_ON,
    SHAFT_IN,
    CLIP_IN,
    PIN_IN,
    PARK_SHOES,
    DISC_THICKNESS,
    DISC,
    CALIPER,
    PARK_LEVER,
    HOSE,
    LINES,
    BOOSTER,
    MASTER_BENCH,
    MASTER,
    PUSH_ROD,
    VALVE,
    ACTUATOR,
    BREAKAWAY,
    COMPARE,
    GEAR_OIL,
    ADJUST_DRUMS,
    WHEEL_NUTS,
    AXLE_NUT_TIGHT,
    ALIGNMENT,
    BLEED,
    PARK_TEST,
    /** A proven work on a part; which one, its {@link StepName} says. */
    WORK,
    /** A step of a plan frozen by an earlier edition, of a kind that is not known any more. */
    EARLIER;

    private static final Set<StepKind> SECTIONED = Set.of(MOCKUP, CALIPER, COMPARE, WHEEL_NUTS);

    /** The kind of a key; absent where no kind has it. */
    public static Optional<StepKind> of(String key) {
        return Arrays.stream(values())
                .filter(k -> k.isOfTable() && k.key().equals(key))
                .findFirst();
    }

    /** As it is written in tables and ids. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether the table of steps tells of it. */
    boolean isOfTable() {
        return this != WORK && this != EARLIER;
    }

    @Override
    public String title() {
        return switch (this) {
            case WORK -> "Work";
            case EARLIER -> "Step of an earlier edition";
            default -> StepTable.row(this).title();
        };
    }

    /** What can hurt someone or spoil the job; nothing where nothing special can. */
    public Phrase caution() {
        return isOfTable() ? StepTable.row(this).caution() : Phrase.NOTHING;
    }

    /** What must be measured or seen before going on; nothing where it need not. */
    public Phrase hold() {
        return isOfTable() ? StepTable.row(this).hold() : Phrase.NOTHING;
    }

    /** Whether caliper and wheel are looked at together, so that the wheel's section belongs beside it. */
    public boolean showsSection() {
        return SECTIONED.contains(this);
    }
}
