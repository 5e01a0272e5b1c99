package itrova.core.placed;

import itrova.core.quantity.Measured;
import java.util.Optional;

/**
 * What work has added to a side that is neither a reading nor a part of the kit.
 *
 * @param spacer spacer between disc and wheel (mm)
 * @param corner radius the flange's outboard corner was rounded to (mm); 0 if left as it was
 * @param shims shims under the bracket beyond the kit's own (mm)
 * @param adapted whether adapters join hose and fittings
 * @param onePieceHub whether a locking hub in one piece was fitted
 * @param wheelRing outside diameter of a ring that centres the wheel (mm), if one was made
 */
public record Worked(
        Measured spacer,
        double corner,
        double shims,
        boolean adapted,
        boolean onePieceHub,
        Optional<Measured> wheelRing) {
    /** Nothing done. */
    public static final Worked NOTHING = new Worked(Measured.exact(0), 0, 0, false, false, Optional.empty());

    public Worked withSpacer(Measured thickness) {
        return new Worked(thickness, corner, shims, adapted, onePieceHub, wheelRing);
    }

    public Worked withCorner(double radius) {
        return new Worked(spacer, radius, shims, adapted, onePieceHub, wheelRing);
    }

    public Worked withShims(double stack) {
        return new Worked(spacer, corner, stack, adapted, onePieceHub, wheelRing);
    }

    public Worked withAdapters() {
        return new Worked(spacer, corner, shims, true, onePieceHub, wheelRing);
    }

    public Worked withOnePieceHub() {
        return new Worked(spacer, corner, shims, adapted, true, wheelRing);
    }

    public Worked withWheelRing(Measured outside) {
        return new Worked(spacer, corner, shims, adapted, onePieceHub, Optional.of(outside));
    }
}
