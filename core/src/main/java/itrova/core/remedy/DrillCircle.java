package itrova.core.remedy;

import itrova.core.phrase.Phrase;

/** A second circle of holes in the disc, between those it has. */
final class DrillCircle extends Remedy {
    DrillCircle() {
        super(
                "Drill the disc on a second circle",
                0.1,
                Undo.NEVER,
                Phrase.of("work-hold.drill-circle"),
                Phrase.of("work-caution.drill-circle"));
    }

    @Override
    boolean isPaired() {
        return true;
    }
}
