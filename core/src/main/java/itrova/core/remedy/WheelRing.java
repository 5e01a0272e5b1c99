package itrova.core.remedy;

import itrova.core.placed.KitOnSide;

/** A ring that lets the hub centre the wheel. */
final class WheelRing extends Remedy {
    WheelRing() {
        super(
                "Make a centring ring between hub and wheel",
                0.05,
                Undo.POSSIBLE,
                "Measure the ring inside and outside; try it in the wheel before the wheel goes on.",
                "The ring must not hold the wheel off the disc.");
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withWorked(c.worked().withWheelRing(work.measured()));
    }
}
