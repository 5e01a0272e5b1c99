package itrova.core.remedy;

import itrova.core.phrase.Phrase;

/** Nuts that suit thread and seat. */
final class OtherNuts extends Remedy {
    OtherNuts() {
        super(
                "Fit wheel nuts that suit studs and wheel",
                0,
                Undo.POSSIBLE,
                Phrase.of("work-hold.other-nuts"),
                Phrase.of("work-caution.other-nuts"));
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
