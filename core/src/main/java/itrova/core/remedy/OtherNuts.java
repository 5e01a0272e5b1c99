package itrova.core.remedy;

/** Nuts that suit thread and seat. */
final class OtherNuts extends Remedy {
    OtherNuts() {
        super(
                "Fit wheel nuts that suit studs and wheel",
                0,
                Undo.POSSIBLE,
                "Run every nut on by hand to the seat.",
                "A nut of the wrong seat works loose.");
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
