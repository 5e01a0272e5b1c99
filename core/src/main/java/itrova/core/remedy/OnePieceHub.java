package itrova.core.remedy;

import itrova.core.phrase.Phrase;

/** A locking hub of the kind the kit is made for. */
final class OnePieceHub extends Remedy {
    OnePieceHub() {
        super(
                "Fit a locking hub in one piece",
                0,
                Undo.POSSIBLE,
                Phrase.of("work-hold.one-piece-hub"),
                Phrase.of("work-caution.one-piece-hub"));
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
