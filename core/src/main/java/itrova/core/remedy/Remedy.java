package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;

/** One kind of work: what the process holds, whether it can be undone, what is watched, and what the case is after it. */
abstract class Remedy {
    private final String title;
    private final double tolerance;
    private final Undo undo;
    private final Phrase hold;
    private final Phrase caution;

    /** Whether the state before can be had again. */
    enum Undo {
        POSSIBLE,
        NEVER
    }

    /**
     * @param title what is done, in words
     * @param tolerance half-width of what the process holds (mm); common practice; 0 where a part is put in
     * @param undo whether the state before can be had again
     * @param hold what is measured before anything that cannot be undone
     * @param caution what can hurt, or spoil the part
     */
    Remedy(String title, double tolerance, Undo undo, Phrase hold, Phrase caution) {
        this.title = title;
        this.tolerance = tolerance;
        this.undo = undo;
        this.hold = hold;
        this.caution = caution;
    }

    /** The case after the work: the part is in; what works a dimension says how, with its target and the process's tolerance. */
    KitOnSide applyTo(KitOnSide c, Work work) {
        return work.part().orElseThrow().applyTo(c);
    }

    /** Whether it is done to the vehicle's own parts rather than to the kit's. */
    boolean isOnVehicle() {
        return false;
    }

    /** Whether what is done on one side must be done on the other too, whatever that side would want by itself. */
    boolean isPaired() {
        return false;
    }

    /** Whether a part is bought rather than a dimension worked. */
    boolean isPart() {
        return false;
    }

    String title() {
        return title;
    }

    double tolerance() {
        return tolerance;
    }

    boolean isReversible() {
        return undo == Undo.POSSIBLE;
    }

    Phrase hold() {
        return hold;
    }

    Phrase caution() {
        return caution;
    }
}
