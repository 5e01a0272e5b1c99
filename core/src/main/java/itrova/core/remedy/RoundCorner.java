package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;

/** The flange's corner rounded to clear the fillet in the hat. */
final class RoundCorner extends Remedy {
    RoundCorner() {
        super(
                "Round the flange's outboard corner",
                0.3,
                Undo.NEVER,
                Phrase.of("work-hold.round-corner"),
                Phrase.of("work-caution.round-corner"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withWorked(c.worked().withCorner(work.target() - tolerance()));
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }
}
