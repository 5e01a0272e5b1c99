package itrova.core.remedy;

import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** The hub drilled to the disc's pattern, away from the shop. */
final class RemachineHub extends Remedy {
    RemachineHub() {
        super(
                "Have the hub drilled to the disc's pattern",
                0.1,
                Undo.NEVER,
                "Measure circle and holes of both hubs when they come back, before the studs are pressed.",
                "A crack-tested hub only, by a shop that does it; the old holes stay between the new ones.");
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
