package itrova.core.remedy;

import itrova.core.phrase.Phrase;

/** Bolts at the housing that reach through what is stacked on them now. */
final class LongerTBolts extends Remedy {
    LongerTBolts() {
        super(
                "Fit longer bolts at the housing",
                0.5,
                Undo.POSSIBLE,
                Phrase.of("work-hold.longer-t-bolts"),
                Phrase.of("work-caution.longer-t-bolts"));
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }
}
