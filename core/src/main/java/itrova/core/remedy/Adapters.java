package itrova.core.remedy;

import itrova.core.phrase.Phrase;

/** Fittings that join one thread and seat with another. */
final class Adapters extends Remedy {
    Adapters() {
        super(
                "Chain fittings with adapters",
                0,
                Undo.POSSIBLE,
                Phrase.of("work-hold.adapters"),
                Phrase.of("work-caution.adapters"));
    }

    @Override
    boolean isPart() {
        return true;
    }
}
