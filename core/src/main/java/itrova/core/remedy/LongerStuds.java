package itrova.core.remedy;

import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;

/** Studs that reach through hat and wheel: those of the kit where it brings its own, else those of the hub. */
final class LongerStuds extends Remedy {
    LongerStuds() {
        super(
                "Press in longer studs",
                0.5,
                Undo.POSSIBLE,
                Phrase.of("work-hold.longer-studs"),
                Phrase.of("work-caution.longer-studs"));
    }

    @Override
    KitOnSide applyTo(KitOnSide c, Work work) {
        return c.kit()
                .studs()
                .map(own -> c.withKit(c.kit().withStuds(own.withStickOut(work.result()))))
                .orElseGet(() -> c.withEnd(c.end().with(Callout.STUD_STICK_OUT, work.measured())));
    }

    @Override
    boolean isOnVehicle() {
        return true;
    }

    @Override
    boolean isPaired() {
        return true;
    }
}
