package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;

/** A spacer that moves the wheel outboard of the caliper. */
final class WheelSpacer extends Remedy {
    WheelSpacer() {
        super(
                "Put a spacer between disc and wheel",
                0.1,
                Undo.POSSIBLE,
                Phrase.of("work-hold.wheel-spacer"),
                Phrase.of("work-caution.wheel-spacer"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withWorked(c.worked().withSpacer(work.measured()));
    }

    @Override
    boolean isPaired() {
        return true;
    }
}
