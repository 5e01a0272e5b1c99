package itrova.core.remedy;

/** Bearings of a standard size between spindle and hub. */
final class OtherBearings extends Remedy {
    OtherBearings() {
        super(
                "Fit other bearings of a standard size",
                0,
                Undo.POSSIBLE,
                "Try the cone on the spindle before the cups are pressed.",
                "Cups are brittle: press straight, eye protection.");
    }

    @Override
    boolean isPart() {
        return true;
    }
}
