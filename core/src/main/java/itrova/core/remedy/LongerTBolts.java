package itrova.core.remedy;

import itrova.core.placed.KitOnSide;

/** Bolts at the housing that reach through what is stacked on them now. */
final class LongerTBolts extends Remedy {
    LongerTBolts() {
        super(
                "Fit longer bolts at the housing",
                0.5,
                Undo.POSSIBLE,
                "Count the threads past the nut.",
                "Grade 8 or class 10.9 at least; local rules come first.");
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return work.part().orElseThrow().applyTo(c);
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }
}
