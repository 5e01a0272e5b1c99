package itrova.core.work;

import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * Name of a step within a plan. Its id stays the same from revision to revision, so that a tick keeps to its step.
 *
 * @param id as plans, ticks and addresses write it: {@code lift}, {@code left-strip}, {@code right-work-bore-disc}
 * @param kind what kind of step it is, the same on both sides
 * @param side the side it is done on; absent where it is of the whole axle or vehicle
 * @param work which work it is, where it is one
 */
public record StepName(String id, StepKind kind, Optional<Side> side, Optional<WorkKind> work) {
    private static final String WORK = "work-";

    /** A step of the whole axle or vehicle. */
    public static StepName of(StepKind kind) {
        return new StepName(kind.key(), kind, Optional.empty(), Optional.empty());
    }

    /** A step of one side. */
    public static StepName of(Side side, StepKind kind) {
        return new StepName(prefix(side) + kind.key(), kind, Optional.of(side), Optional.empty());
    }

    /** A work on one side. */
    public static StepName of(Side side, WorkKind work) {
        return new StepName(prefix(side) + WORK + key(work), StepKind.WORK, Optional.of(side), Optional.of(work));
    }

    /** The name an id tells; of kind {@link StepKind#EARLIER} where it is of no kind known any more. */
    public static StepName parse(String id) {
        Optional<Side> side = Arrays.stream(Side.values())
                .filter(s -> id.startsWith(prefix(s)))
                .findFirst();
        String key = side.map(s -> id.substring(prefix(s).length())).orElse(id);
        Optional<WorkKind> work = Arrays.stream(WorkKind.values())
                .filter(w -> key.equals(WORK + key(w)))
                .findFirst();
        StepKind kind = work.isPresent() ? StepKind.WORK : StepKind.of(key).orElse(StepKind.EARLIER);
        return new StepName(id, kind, side, work);
    }

    /** What is done, on whichever side. */
    public Titled what() {
        return work.isPresent() ? work.get() : kind;
    }

    /** The title of what is done, with the side it is done on where it is of one. */
    public static Phrase title(Titled what, Optional<Side> side) {
        return side.map(s -> Phrase.of("step.on-side", what, s)).orElseGet(() -> Phrase.all(what));
    }

    private static String prefix(Side side) {
        return side.word() + "-";
    }

    private static String key(WorkKind work) {
        return work.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
