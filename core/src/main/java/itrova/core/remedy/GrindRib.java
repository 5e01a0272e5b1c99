package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** A rib or stop ground back where the caliper comes too near. */
final class GrindRib extends Remedy {
    GrindRib() {
        super(
                "Grind a rib back",
                0.3,
                Undo.NEVER,
                Phrase.of("work-hold.grind-rib"),
                Phrase.of("work-caution.grind-rib"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return work.part()
                .map(ground -> ground.applyTo(c))
                .orElseGet(() -> c.withEnd(c.end().with(Callout.KNUCKLE_RIB, work.measured())));
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }
}
