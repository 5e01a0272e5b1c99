package itrova.core.remedy;

import itrova.core.placed.KitOnSide;

/** Shims that move the bracket, and the caliper with it, outboard. */
final class ShimStack extends Remedy {
    ShimStack() {
        super(
                "Put shims under the bracket, the same on every bolt",
                0.05,
                Undo.POSSIBLE,
                "Measure the stack on every bolt; the caliper slides free over the disc.",
                "Bolts must be longer by the stack; never washers of unlike thickness.");
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withWorked(c.worked().withShims(work.target()));
    }
}
