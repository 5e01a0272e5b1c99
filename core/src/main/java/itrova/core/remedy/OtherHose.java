package itrova.core.remedy;

import itrova.core.phrase.Phrase;

/** A hose of the length the wheel's travel wants. */
final class OtherHose extends Remedy {
    OtherHose() {
        super(
                "Have a hose made up in another length",
                3,
                Undo.POSSIBLE,
                Phrase.of("work-hold.other-hose"),
                Phrase.of("work-caution.other-hose"));
    }

    @Override
    boolean isPart() {
        return true;
    }
}
