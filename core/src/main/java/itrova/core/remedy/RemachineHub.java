package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** The hub drilled to the disc's pattern, away from the shop. */
final class RemachineHub extends Remedy {
    RemachineHub() {
        super(
                "Have the hub drilled to the disc's pattern",
                0.1,
                Undo.NEVER,
                Phrase.of("work-hold.remachine-hub"),
                Phrase.of("work-caution.remachine-hub"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        NewPart.Redrilled to = (NewPart.Redrilled) work.part().orElseThrow();
        return c.withEnd(c.end().toBuilder()
                .count(Callout.LUG_COUNT, to.count())
                .boltCircle(work.measured())
                .build());
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }

    @Override
    boolean isPaired() {
        return true;
    }
}
