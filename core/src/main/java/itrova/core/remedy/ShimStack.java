package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;

/** Shims that move the bracket, and the caliper with it, outboard. */
final class ShimStack extends Remedy {
    ShimStack() {
        super(
                "Put shims under the bracket, the same on every bolt",
                0.05,
                Undo.POSSIBLE,
                Phrase.of("work-hold.shim-stack"),
                Phrase.of("work-caution.shim-stack"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withWorked(c.worked().withShims(work.target()));
    }
}
