package itrova.core.remedy;

import itrova.core.phrase.Phrase;

/** Bearings of a standard size between spindle and hub. */
final class OtherBearings extends Remedy {
    OtherBearings() {
        super(
                "Fit other bearings of a standard size",
                0,
                Undo.POSSIBLE,
                Phrase.of("work-hold.other-bearings"),
                Phrase.of("step-caution.cups"));
    }

    @Override
    boolean isPart() {
        return true;
    }
}
