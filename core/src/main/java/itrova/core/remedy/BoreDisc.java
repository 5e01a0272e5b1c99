package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;

/** The disc's centre opened to sit on the register. */
final class BoreDisc extends Remedy {
    BoreDisc() {
        super(
                "Bore the disc's centre",
                0.02,
                Undo.NEVER,
                Phrase.of("work-hold.bore-disc"),
                Phrase.of("work-caution.bore-disc"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withKit(
                c.kit().withDisc(c.kit().disc().but().bore(work.result()).build()));
    }
}
