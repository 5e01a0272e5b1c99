package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** The hub's flange turned down to go into the hat. */
final class TurnFlange extends Remedy {
    TurnFlange() {
        super(
                "Turn the flange down",
                0.05,
                Undo.NEVER,
                Phrase.of("work-hold.turn-flange"),
                Phrase.of("work-caution.turn-flange"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withEnd(c.end().with(Callout.FLANGE, work.measured()));
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }
}
