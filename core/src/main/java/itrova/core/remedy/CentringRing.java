package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;

/** A ring between a bore that is too large and the register. */
final class CentringRing extends Remedy {
    CentringRing() {
        super(
                "Make a centring ring for the register",
                0.02,
                Undo.POSSIBLE,
                Phrase.of("work-hold.centring-ring"),
                Phrase.of("work-caution.centring-ring"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withKit(
                c.kit().withDisc(c.kit().disc().but().bore(work.result()).build()));
    }
}
