package itrova.core.remedy;

/** A hose of the length the wheel's travel wants. */
final class OtherHose extends Remedy {
    OtherHose() {
        super(
                "Have a hose made up in another length",
                3,
                Undo.POSSIBLE,
                "Lay it in at full lock and full travel before it is filled.",
                "Brake hoses are made and tested by a licensed maker, never crimped in the shop.");
    }

    @Override
    boolean isPart() {
        return true;
    }
}
