package itrova.core.remedy;

import itrova.core.placed.KitOnSide;

/** Fittings that join one thread and seat with another. */
final class Adapters extends Remedy {
    Adapters() {
        super(
                "Chain fittings with adapters",
                0,
                Undo.POSSIBLE,
                "Start every thread by hand.",
                "As few joints as can be; inspect each under full pressure.");
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return work.part().orElseThrow().applyTo(c);
    }

    @Override
    boolean isPart() {
        return true;
    }
}
