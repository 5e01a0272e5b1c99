package itrova.core.remedy;

/** Bolts at the housing that reach through what is stacked on them now. */
final class LongerTBolts extends Remedy {
    LongerTBolts() {
        super(
                "Fit longer bolts at the housing",
                0.5,
                Undo.POSSIBLE,
                "Count the threads past the nut.",
                "Grade 8 or class 10.9 at least; local rules come first.");
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }
}
