package itrova.core.remedy;

import itrova.core.placed.KitOnSide;

/** A spacer that moves the wheel outboard of the caliper. */
final class WheelSpacer extends Remedy {
    WheelSpacer() {
        super(
                "Put a spacer between disc and wheel",
                0.1,
                Undo.POSSIBLE,
                "Measure the spacer; count full thread in the nut after it.",
                "Local rules may forbid spacers; they load studs and bearings more.");
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
