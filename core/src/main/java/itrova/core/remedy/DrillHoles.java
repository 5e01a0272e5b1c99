package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** Stud holes of the disc, all of the pattern that is used, drilled larger. */
final class DrillHoles extends Remedy {
    DrillHoles() {
        super(
                "Drill the disc's stud holes",
                0.1,
                Undo.NEVER,
                Phrase.of("work-hold.drill-holes"),
                Phrase.of("work-caution.drill-holes"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        int studs = c.end().count(Callout.LUG_COUNT).orElseThrow();
        return c.withKit(c.kit().withDisc(c.kit().disc().withHoles(studs, work.result())));
    }
}
