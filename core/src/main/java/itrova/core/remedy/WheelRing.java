package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;

/** A ring that lets the hub centre the wheel. */
final class WheelRing extends Remedy {
    WheelRing() {
        super(
                "Make a centring ring between hub and wheel",
                0.05,
                Undo.POSSIBLE,
                Phrase.of("work-hold.wheel-ring"),
                Phrase.of("work-caution.wheel-ring"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withWorked(c.worked().withWheelRing(work.measured()));
    }
}
