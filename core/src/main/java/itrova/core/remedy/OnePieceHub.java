package itrova.core.remedy;

/** A locking hub of the kind the kit is made for. */
final class OnePieceHub extends Remedy {
    OnePieceHub() {
        super(
                "Fit a locking hub in one piece",
                0,
                Undo.POSSIBLE,
                "Turn the wheel locked and free before the road.",
                "Its bolts are torqued in order.");
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
