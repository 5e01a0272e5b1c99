package itrova.core.remedy;

import itrova.core.placed.KitOnSide;

/** Nuts that suit thread and seat. */
final class OtherNuts extends Remedy {
    OtherNuts() {
        super(
                "Fit wheel nuts that suit studs and wheel",
                0,
                Undo.POSSIBLE,
                "Run every nut on by hand to the seat.",
                "A nut of the wrong seat works loose.");
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return work.part().orElseThrow().applyTo(c);
    }

    @Override
    boolean isPaired() {
        return true;
    }

    @Override
    boolean isPart() {
        return true;
    }
}
