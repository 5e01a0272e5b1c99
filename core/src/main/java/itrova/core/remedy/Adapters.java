package itrova.core.remedy;

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
    boolean isPart() {
        return true;
    }
}
