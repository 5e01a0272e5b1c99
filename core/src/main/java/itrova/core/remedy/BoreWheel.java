package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** The wheel's centre opened to clear what stands in it. */
final class BoreWheel extends Remedy {
    BoreWheel() {
        super(
                "Open the wheel's centre bore",
                0.03,
                Undo.NEVER,
                Phrase.of("work-hold.bore-disc"),
                Phrase.of("work-caution.bore-wheel"));
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
