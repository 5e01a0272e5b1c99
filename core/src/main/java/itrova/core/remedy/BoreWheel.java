package itrova.core.remedy;

import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** The wheel's centre opened to clear what stands in it. */
final class BoreWheel extends Remedy {
    BoreWheel() {
        super(
                "Open the wheel's centre bore",
                0.03,
                Undo.NEVER,
                "Measure the bore before it leaves the lathe.",
                "Bore on the mounting face's centre; old wheels are crack-tested first.");
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.withEnd(c.end().with(Callout.WHEEL_BORE, work.measured()));
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }
}
